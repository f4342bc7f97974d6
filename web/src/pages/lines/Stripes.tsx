import { useMemo, useState } from 'react'
import { stripesOver, type Room, type StripesOver } from '@crisp-hem/core'
import { useFacts } from '../../app/state/useJob'
import { mmWords } from './mmWords'
import { CheckField, ChoiceField, LengthField, NumberField, TextField } from '../../app/ui/fields'
import { Panel } from '../../app/ui/Panel'
import { figure, W } from '../../app/words'

/** Stripes that come out even over walls and round corners, and where each edge of tape lies. */
export function Stripes({ room }: { readonly room: Room }) {
  const { site } = useFacts()
  const { units } = site
  const [wallIds, setWallIds] = useState<readonly string[]>(() => room.walls.slice(0, 1).map(({ id }) => id))
  const [by, setBy] = useState<'count' | 'width'>('count')
  const [count, setCount] = useState(9)
  const [widthMm, setWidthMm] = useState(300)
  const [slantDeg, setSlantDeg] = useState(0)
  const [colours, setColours] = useState(() => W.lines.twoColours)
  const walls = room.walls.filter(({ id }) => wallIds.includes(id))
  const plan = useMemo(() => {
    const names = colours
      .split(',')
      .map((name) => name.trim())
      .filter((name) => name !== '')
    const [first, ...rest] = names
    if (first === undefined || walls.length === 0) return null
    let at = 0
    const openings = walls.flatMap((wall) => {
      const own = room.openings
        .filter(({ wallId }) => wallId === wall.id)
        .map(({ atMm, widthMm: wide }) => ({ fromMm: at + atMm, toMm: at + atMm + wide }))
      at += wall.lengthMm
      return own
    })
    try {
      return stripesOver({
        wallsMm: walls.map(({ lengthMm }) => lengthMm),
        by: by === 'count' ? { count } : { widthMm },
        slantDeg,
        heightMm: room.heightMm,
        colours: [first, ...rest],
        openings,
      })
    } catch {
      return null
    }
  }, [walls, room, by, count, widthMm, slantDeg, colours])
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-[19rem_minmax(0,1fr)]">
      <Panel title={W.lines.tasks.stripes}>
        <div className="grid gap-2">
          <fieldset>
            <legend className="text-[0.82rem] text-soft">{W.lines.walls}</legend>
            <div className="flex flex-wrap gap-x-4">
              {room.walls.map(({ id, name }) => (
                <CheckField
                  key={id}
                  label={name}
                  checked={wallIds.includes(id)}
                  onChange={(on) => setWallIds(on ? [...wallIds, id] : wallIds.filter((each) => each !== id))}
                />
              ))}
            </div>
          </fieldset>
          <ChoiceField
            label={W.lines.by}
            value={by}
            options={(['count', 'width'] as const).map((value) => ({ value, text: W.lines.bys[value] }))}
            onCommit={setBy}
          />
          {by === 'count' ? (
            <NumberField
              label={W.lines.count}
              value={count}
              onCommit={(next) => {
                if (!Number.isInteger(next) || next < 1 || next > 400) return false
                setCount(next)
              }}
            />
          ) : (
            <LengthField label={W.lines.about} mm={widthMm} units={units} onCommit={setWidthMm} />
          )}
          <NumberField
            label={W.lines.slant}
            value={slantDeg}
            onCommit={(next) => {
              if (Math.abs(next) > 80) return false
              setSlantDeg(next)
            }}
          />
          <TextField label={W.lines.colours} value={colours} onCommit={setColours} />
        </div>
      </Panel>
      {plan ? (
        <StripesPlan plan={plan} wallNames={walls.map(({ name }) => name)} />
      ) : (
        <p className="text-soft">{W.lines.noStripes}</p>
      )}
    </div>
  )
}

const [WIDE, HIGH] = [720, 150] as const

function StripesPlan({ plan, wallNames }: { plan: StripesOver; wallNames: readonly string[] }) {
  const { site } = useFacts()
  const { units } = site
  const mm = mmWords(units)
  const run = plan.stripes.at(-1)?.toMm ?? 1
  const x = (at: number) => (at / run) * WIDE
  const ground = plan.stripes[0]?.colour
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-4">
      <Panel title={W.lines.even({ n: plan.stripes.length, wide: mm(plan.visibleMm) })}>
        <svg
          viewBox={`0 0 ${WIDE} ${HIGH}`}
          className="block w-full bg-sheet"
          role="img"
          aria-label={W.lines.stripesChart({ n: plan.stripes.length })}
        >
          {plan.stripes.map((stripe) => (
            <rect
              key={stripe.fromMm}
              x={x(stripe.fromMm)}
              width={x(stripe.toMm) - x(stripe.fromMm)}
              y={16}
              height={HIGH - 32}
              className={stripe.colour === ground ? 'fill-sheet stroke-rule' : 'fill-soft/50 stroke-rule'}
            />
          ))}
          {plan.edges.map((edge) => (
            <rect
              key={`${edge.atMm}${edge.tape}`}
              x={x(edge.atMm) + (edge.tape === 'left' ? -5 : 0)}
              width={5}
              y={16}
              height={HIGH - 32}
              className="fill-act"
            />
          ))}
        </svg>
        <p className="mt-1 text-sm text-soft">{W.lines.tapeOutside}</p>
        <p className="mt-1">
          {W.lines.ground({ colour: ground ?? '' })} {W.lines.tapeRun({ m: figure(plan.tapeM) })}{' '}
          {Object.entries(plan.areaM2)
            .map(([colour, area]) => W.lines.area({ colour, m2: figure(area) }))
            .join('; ')}
          .
        </p>
        {plan.stripes
          .filter(({ roundCorner }) => roundCorner !== null)
          .map((stripe) => (
            <p key={stripe.fromMm}>
              {W.lines.roundCorner({
                colour: stripe.colour,
                from: mm(stripe.fromMm),
                wall: wallNames[stripe.roundCorner ?? 0] ?? '',
              })}
            </p>
          ))}
        {plan.stripes.some(({ meetsOpening }) => meetsOpening) && <p>{W.lines.meetsOpening}</p>}
      </Panel>
      <Panel title={W.lines.tapeEdges}>
        <div className="overflow-x-auto">
          <table className="text-sm">
            <thead>
              <tr className="border-b border-rule text-left">
                <th className="pr-5 font-semibold">{W.lines.wall}</th>
                <th className="pr-5 font-semibold">{W.lines.fromLeft}</th>
                <th className="font-semibold">{W.lines.tapeSide}</th>
              </tr>
            </thead>
            <tbody>
              {plan.edges.map((edge) => (
                <tr key={`${edge.atMm}${edge.tape}`} className="border-b border-rule/50">
                  <td className="pr-5">{wallNames[edge.wall]}</td>
                  <td className="pr-5 font-bold">{mm(edge.onWallMm)}</td>
                  <td>{W.lines.sides[edge.tape]}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      </Panel>
    </div>
  )
}
