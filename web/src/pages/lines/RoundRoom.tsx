import { useMemo, useState } from 'react'
import { heightsFor, levelLoop, linesRound, readLengths, reversalErrorMm, slipsIn, type Room } from '@crisp-hem/core'
import { useFacts } from '../../app/state/useJob'
import { mmWords } from './mmWords'
import { Labelled, LengthField } from '../../app/ui/fields'
import { Panel } from '../../app/ui/Panel'
import { errorText, W } from '../../app/words'

/** A line carried round a room: whether it meets itself, how high it lies at each corner, and whether level is what looks level. */
export function RoundRoom({ room }: { readonly room: Room }) {
  const { site } = useFacts()
  const { units } = site
  const [text, setText] = useState('')
  const [ceilings, setCeilings] = useState('')
  const [heightMm, setHeightMm] = useState(() => Math.round(room.heightMm / 3))
  const [oneWay, setOneWay] = useState('')
  const walls = room.walls
  const mm = mmWords(units)
  const read = useReadLengths(text)
  const perMetre = usePerMetre(oneWay)
  const loop = useMemo(() => {
    if (read.list.length !== walls.length + 1) return null
    let run = 0
    const marks = read.list.map((height, i) => {
      const runMm = i === 0 ? 0 : (walls[i - 1]?.lengthMm ?? 0)
      run += runMm
      // What the level itself adds from mark to mark is taken out first.
      return { runMm, heightMm: height - (perMetre * run) / 1000 }
    })
    return { marks, ...levelLoop(marks) }
  }, [read.list, walls, perMetre])
  const heights = loop
    ? loop.marks.slice(0, -1).map(({ heightMm: height }, i) => height + (loop.movesMm[i] ?? 0))
    : null
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-[19rem_minmax(0,1fr)]">
      <Panel title={W.lines.readings}>
        <div className="grid gap-2">
          <Labelled label={W.lines.loopReadings({ n: walls.length + 1 })} hint={read.fault}>
            {(id) => (
              <textarea
                id={id}
                className="field min-h-36 font-mono text-base"
                value={text}
                spellCheck={false}
                inputMode="decimal"
                autoFocus
                placeholder={units === 'metric' ? '1400 mm\n1402 mm' : '4\' 7"\n4\' 7 1/8"'}
                onChange={(event) => setText(event.target.value)}
              />
            )}
          </Labelled>
          <p className="text-sm text-soft">
            {W.lines.loopOrder({ names: [...walls.map(({ name }) => name), walls[0]?.name ?? ''].join(', ') })}
          </p>
          <details>
            <summary className="cursor-pointer text-sm font-semibold">{W.lines.instrument}</summary>
            <div className="mt-1 grid gap-1">
              <Labelled label={W.lines.turned}>
                {(id) => (
                  <input id={id} className="field" value={oneWay} onChange={(event) => setOneWay(event.target.value)} />
                )}
              </Labelled>
              <p className="text-sm text-soft">
                {perMetre === 0 ? W.lines.turnedHow : W.lines.turnedOff({ mm: perMetre.toFixed(1) })}
              </p>
            </div>
          </details>
        </div>
      </Panel>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-4">
        <Panel title={W.lines.loop}>
          {!loop && <p className="max-w-prose text-soft">{W.lines.loopHow({ n: walls.length + 1 })}</p>}
          {loop && (
            <>
              <p className={`font-semibold ${loop.redo ? 'text-act' : ''}`} role={loop.redo ? 'alert' : undefined}>
                {Math.round(loop.missMm) === 0
                  ? W.lines.meets
                  : loop.redo
                    ? W.lines.redo({ miss: mm(Math.abs(loop.missMm)) })
                    : W.lines.spread({ miss: mm(Math.abs(loop.missMm)) })}
              </p>
              {slipsIn(read.list, loop.missMm)
                .slice(0, 2)
                .map(({ mark, readMm, meantMm }) => (
                  <p key={mark}>
                    {W.lines.slip({
                      where: walls[mark % walls.length]?.name ?? '',
                      read: Math.round(readMm),
                      meant: Math.round(meantMm),
                    })}
                  </p>
                ))}
              {!loop.redo && (
                <table className="mt-2 text-sm">
                  <thead>
                    <tr className="border-b border-rule text-left">
                      <th className="pr-5 font-semibold">{W.lines.corner}</th>
                      <th className="pr-5 font-semibold">{W.lines.wasRead}</th>
                      <th className="pr-5 font-semibold">{W.lines.moved}</th>
                      <th className="font-semibold">{W.lines.markAt}</th>
                    </tr>
                  </thead>
                  <tbody>
                    {walls.map((wall, i) => (
                      <tr key={wall.id} className="border-b border-rule/50">
                        <td className="pr-5">{W.lines.cornerOf({ wall: wall.name })}</td>
                        <td className="pr-5">{mm(read.list[i] ?? 0)}</td>
                        <td className="pr-5">{mm(loop.movesMm[i] ?? 0)}</td>
                        <td className="font-bold">{mm(heights?.[i] ?? 0)}</td>
                      </tr>
                    ))}
                  </tbody>
                </table>
              )}
            </>
          )}
        </Panel>
        <ByEye room={room} heightMm={heightMm} onHeight={setHeightMm} ceilings={ceilings} onCeilings={setCeilings} />
      </div>
    </div>
  )
}

interface ByEyeProps {
  readonly room: Room
  readonly heightMm: number
  readonly onHeight: (mm: number) => void
  readonly ceilings: string
  readonly onCeilings: (text: string) => void
}

/** Level, parallel to the ceiling, or between: how much each is off at each corner, and which the eye minds least. */
function ByEye({ room, heightMm, onHeight, ceilings, onCeilings }: ByEyeProps) {
  const { site } = useFacts()
  const { units } = site
  const mm = mmWords(units)
  const read = useReadLengths(ceilings)
  const sills = room.openings.filter(({ kind }) => kind === 'window').map(({ sillMm }) => sillMm)
  const lines =
    read.list.length === room.walls.length
      ? linesRound(
          room.walls.map((wall, i) => ({ name: wall.name, wallMm: wall.lengthMm, ceilingMm: read.list[i] ?? 0 })),
          heightMm,
        )
      : null
  return (
    <Panel title={W.lines.byEye}>
      <div className="grid gap-3 sm:grid-cols-2">
        <div>
          <LengthField label={W.lines.height} mm={heightMm} units={units} onCommit={onHeight} />
          <p className="mt-1 flex flex-wrap gap-x-3 text-sm">
            {heightsFor(room.heightMm, sills).map(({ why, heightMm: proposed }) => (
              <button key={why} type="button" className="min-h-8 underline" onClick={() => onHeight(proposed)}>
                {W.lines.heights[why]} {mm(proposed)}
              </button>
            ))}
          </p>
        </div>
        <Labelled label={W.lines.ceilings({ n: room.walls.length })} hint={read.fault}>
          {(id) => (
            <textarea
              id={id}
              className="field min-h-24 font-mono"
              value={ceilings}
              spellCheck={false}
              onChange={(event) => onCeilings(event.target.value)}
            />
          )}
        </Labelled>
      </div>
      {lines && (
        <div className="mt-2 overflow-x-auto">
          <table className="text-sm">
            <thead>
              <tr className="border-b border-rule text-left">
                <th className="pr-5" />
                {room.walls.map((wall) => (
                  <th key={wall.id} className="pr-5 font-semibold">
                    {W.lines.cornerOf({ wall: wall.name })}
                  </th>
                ))}
                <th className="font-semibold">{W.lines.looks}</th>
              </tr>
            </thead>
            <tbody>
              {lines.map((line, i) => (
                <tr key={line.run} className={`border-b border-rule/50 ${i === 0 ? 'font-bold' : ''}`}>
                  <td className="pr-5">{W.lines.runs[line.run]}</td>
                  {line.heightsMm.map((height, k) => (
                    <td key={room.walls[k]?.id} className="pr-5">
                      {W.lines.atCorner({ height: mm(height), under: mm(line.underCeilingMm[k] ?? 0) })}
                    </td>
                  ))}
                  <td>{line.offends < 1 ? W.lines.looksFine : W.lines.looksOff({ times: line.offends.toFixed(1) })}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </Panel>
  )
}

/** Lengths typed one after another; what is wrong is said, what went before it stands. */
function useReadLengths(text: string): { readonly list: readonly number[]; readonly fault: string | null } {
  const { site } = useFacts()
  return useMemo(() => {
    try {
      return { list: readLengths(text, site.units), fault: null }
    } catch (error) {
      return { list: [], fault: errorText(error) }
    }
  }, [text, site.units])
}

/** What a spirit level adds for a metre, by what it read one way and turned on the same two marks: `3 1 1200`, and its length. */
function usePerMetre(text: string): number {
  return useMemo(() => {
    const [a, b, long] = text
      .trim()
      .split(/[\s,;]+/)
      .map(Number)
    if (a === undefined || b === undefined || !long || [a, b, long].some(Number.isNaN)) return 0
    return (1000 * reversalErrorMm(a, b)) / long
  }, [text])
}
