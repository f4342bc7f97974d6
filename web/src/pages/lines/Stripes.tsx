import { useMemo, useState } from 'react'
import { face, stepOf, stripesOver, type Room, type Wall } from '@crisp-hem/core'
import { useAppSelector } from '../../app/state/store'
import { isPainter, useFacts } from '../../app/state/useJob'
import { CheckField, ChoiceField, LengthField, NumberField, TextField } from '../../app/ui/fields'
import { Panel } from '../../app/ui/Panel'
import { W } from '../../app/words'
import { StripesPlan, type StripeRun } from './StripesPlan'
import { TwoSides } from './TwoSides'
import { UseStripes } from './UseStripes'

/** Stripes beyond these are no longer stripes: so many, and so many degrees out of upright. From memory. */
const [MOST_STRIPES, MOST_SLANT_DEG] = [400, 80] as const

/** Stripes that come out even over walls and round corners, and where each edge of tape lies. */
export function Stripes({ room }: { readonly room: Room }) {
  const { units } = useFacts().site
  const isOnlyRead = useAppSelector(isPainter)
  const [run, setRun] = useState<StripeRun>('upright')
  const [lowMm, setLowMm] = useState(0)
  const [highMm, setHighMm] = useState(room.heightMm)
  const [wallIds, setWallIds] = useState<readonly string[]>(() => room.walls.slice(0, 1).map(({ id }) => id))
  const [by, setBy] = useState<'count' | 'width'>('count')
  const [count, setCount] = useState(9)
  const [widthMm, setWidthMm] = useState(300)
  const [slantDeg, setSlantDeg] = useState(0)
  const [colours, setColours] = useState(() => W.lines.twoColours({ ground: groundOf(room) }))
  const walls = useMemo(() => room.walls.filter(({ id }) => wallIds.includes(id)), [room, wallIds])
  const plan = useMemo(() => {
    const [ground, ...rest] = namesIn(colours)
    if (ground === undefined || walls.length === 0 || highMm <= lowMm) return null
    const lengths = walls.map(({ lengthMm }) => lengthMm)
    const asked = { by: by === 'count' ? { count } : { widthMm }, colours: [ground, ...rest] } as const
    return run === 'level'
      ? stripesOver({
          ...asked,
          wallsMm: [highMm - lowMm],
          slantDeg: 0,
          heightMm: lengths.reduce((sum, mm) => sum + mm, 0),
          openings: openingsUp(room, walls, lowMm),
        })
      : stripesOver({
          ...asked,
          wallsMm: lengths,
          slantDeg,
          heightMm: room.heightMm,
          openings: openingsAlong(room, walls),
        })
  }, [walls, room, run, lowMm, highMm, by, count, widthMm, slantDeg, colours])
  const typed = (
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
          label={W.lines.stripeRun}
          value={run}
          options={(['upright', 'level'] as const).map((value) => ({ value, text: W.lines.stripeRuns[value] }))}
          onCommit={setRun}
        />
        {run === 'level' && (
          <div className="grid grid-cols-2 gap-2">
            <LengthField label={W.lines.low} mm={lowMm} units={units} allowZero onCommit={setLowMm} />
            <LengthField label={W.lines.high} mm={highMm} units={units} onCommit={setHighMm} />
          </div>
        )}
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
              if (!Number.isInteger(next) || next < 1 || next > MOST_STRIPES) return false
              setCount(next)
            }}
          />
        ) : (
          <LengthField label={W.lines.about} mm={widthMm} units={units} onCommit={setWidthMm} />
        )}
        {run === 'upright' && (
          <NumberField
            label={W.lines.slant}
            value={slantDeg}
            onCommit={(next) => {
              if (Math.abs(next) > MOST_SLANT_DEG) return false
              setSlantDeg(next)
            }}
          />
        )}
        <TextField label={W.lines.colours} value={colours} onCommit={setColours} />
      </div>
    </Panel>
  )
  return (
    <TwoSides
      typed={typed}
      found={
        plan ? (
          <>
            <StripesPlan
              plan={plan}
              run={run}
              lowMm={run === 'level' ? lowMm : 0}
              wallNames={walls.map(({ name }) => name)}
            />
            {run === 'level' && !isOnlyRead && <UseStripes room={room} wallIds={wallIds} plan={plan} lowMm={lowMm} />}
          </>
        ) : (
          <p className="text-soft">{W.lines.noStripes}</p>
        )
      }
    />
  )
}

/** What the walls are painted, or are. */
const groundOf = (room: Room): string => {
  const [wall] = room.walls
  return wall ? (stepOf(room, face('wall', wall.id))?.step.colour ?? wall.face.colour) : ''
}

const namesIn = (text: string): string[] =>
  text
    .split(',')
    .map((name) => name.trim())
    .filter((name) => name !== '')

/** Openings of some walls as stretches of height above where the stripes begin. */
const openingsUp = (room: Room, walls: readonly Wall[], lowMm: number) =>
  room.openings
    .filter(({ wallId }) => walls.some(({ id }) => id === wallId))
    .map(({ sillMm, heightMm }) => ({ fromMm: sillMm - lowMm, toMm: sillMm + heightMm - lowMm }))

/** Openings of some walls as stretches of the run along them. */
function openingsAlong(room: Room, walls: readonly Wall[]): { readonly fromMm: number; readonly toMm: number }[] {
  let at = 0
  return walls.flatMap((wall) => {
    const begin = at
    at += wall.lengthMm
    return room.openings
      .filter(({ wallId }) => wallId === wall.id)
      .map(({ atMm, widthMm }) => ({ fromMm: begin + atMm, toMm: begin + atMm + widthMm }))
  })
}
