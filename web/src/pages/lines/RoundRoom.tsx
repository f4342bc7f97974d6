import { useMemo, useState } from 'react'
import { levelLoop, sightsMm, slipsIn, type Room } from '@crisp-hem/core'
import { useFacts } from '../../app/state/useJob'
import { Panel } from '../../app/ui/Panel'
import { W } from '../../app/words'
import { ByEye } from './ByEye'
import { errorOf, Instrument, type InstrumentKind } from './Instrument'
import { LinesTable } from './LinesTable'
import { mmWords } from '../../app/words/mmWords'
import { ReadingsField } from './ReadingsField'
import { TwoSides } from './TwoSides'
import { RoomNetFound } from './RoomNetFound'
import { useAcross } from './useAcross'
import { useReadLengths } from './useReadLengths'

const PLACEHOLDERS = {
  metric: { loop: '1400\n1402', across: '1 3 -4' },
  imperial: { loop: '4\' 7"\n4\' 7 1/8"', across: '1 3 -1/8' },
} as const
/** Slips of the pen that are told at most. */
const MOST_SLIPS = 2

/** A line carried round a room: whether it meets itself, how high it lies at each corner, and whether level is what looks level. */
export function RoundRoom({ room }: { readonly room: Room }) {
  const { units } = useFacts().site
  const [text, setText] = useState('')
  const [kind, setKind] = useState<InstrumentKind>('spirit')
  const [turnedText, setTurnedText] = useState('')
  const [acrossText, setAcrossText] = useState('')
  const { walls } = room
  const mm = mmWords(units)
  const read = useReadLengths(text, units)
  const turned = useReadLengths(turnedText, units)
  const across = useAcross(acrossText, units, walls.length)
  const perMetre = errorOf(kind, turned.list)
  const loop = useMemo(() => {
    if (read.list.length !== walls.length + 1) return null
    const sights = sightsMm(walls)
    let run = 0
    const marks = read.list.map((height, i) => {
      const runMm = i === 0 ? 0 : (walls[i - 1]?.lengthMm ?? 0)
      run += runMm
      // What a level adds from mark to mark, and a laser by how far it looks, is taken out first.
      const overMm = kind === 'spirit' ? run : (sights[i % walls.length] ?? 0)
      return { runMm, heightMm: height - (perMetre * overMm) / 1000 }
    })
    return { marks, ...levelLoop(marks) }
  }, [read.list, walls, perMetre, kind])
  const typed = (
    <Panel title={W.lines.readings}>
      <div className="grid gap-2">
        <ReadingsField
          label={W.lines.loopReadings({ n: walls.length + 1 })}
          value={text}
          onChange={setText}
          fault={read.fault}
          placeholder={PLACEHOLDERS[units].loop}
          autoFocus
        />
        <p className="text-sm text-soft">
          {W.lines.loopOrder({ names: [...walls, ...walls.slice(0, 1)].map(({ name }) => name).join(', ') })}
        </p>
        <Instrument
          units={units}
          kind={kind}
          onKind={(next) => {
            setKind(next)
            setTurnedText('')
          }}
          text={turnedText}
          onText={setTurnedText}
        />
        <details>
          <summary className="cursor-pointer text-sm font-semibold">{W.lines.across}</summary>
          <div className="mt-1 grid gap-1">
            <ReadingsField
              label={W.lines.acrossReadings}
              value={acrossText}
              onChange={setAcrossText}
              fault={across.fault}
              placeholder={PLACEHOLDERS[units].across}
            />
            <p className="text-sm text-soft">
              {W.lines.acrossHow({
                names: walls.map(({ name }, i) => `${i + 1} ${W.lines.cornerOf({ wall: name })}`).join(', '),
              })}
            </p>
          </div>
        </details>
      </div>
    </Panel>
  )
  const miss = loop && mm(Math.abs(loop.missMm))
  return (
    <TwoSides
      typed={typed}
      found={
        <>
          {loop && across.list.length > 0 && (
            <RoomNetFound room={room} loopMm={loop.marks.map(({ heightMm }) => heightMm)} across={across.list} />
          )}
          <Panel title={W.lines.loop}>
            {loop && miss ? (
              <>
                <p className={`font-semibold ${loop.redo ? 'text-act' : ''}`} role={loop.redo ? 'alert' : undefined}>
                  {Math.round(loop.missMm) === 0
                    ? W.lines.meets
                    : loop.redo
                      ? W.lines.redo({ miss })
                      : W.lines.spread({ miss })}
                </p>
                {/* Figures are written in millimetres where slips of the pen can be told from them. */}
                {units === 'metric' &&
                  slipsIn(read.list, loop.missMm)
                    .slice(0, MOST_SLIPS)
                    .map(({ mark, readMm, meantMm }) => (
                      <p key={mark}>
                        {W.lines.slip({ where: walls[mark % walls.length]?.name ?? '', read: readMm, meant: meantMm })}
                      </p>
                    ))}
                {!loop.redo && (
                  <LinesTable
                    heads={[W.lines.corner, W.lines.wasRead, W.lines.moved, W.lines.markAt]}
                    boldAt={3}
                    rows={walls.map((wall, i) => ({
                      key: wall.id,
                      cells: [
                        W.lines.cornerOf({ wall: wall.name }),
                        mm(read.list[i] ?? 0),
                        mm(loop.movesMm[i] ?? 0),
                        mm((loop.marks[i]?.heightMm ?? 0) + (loop.movesMm[i] ?? 0)),
                      ],
                    }))}
                  />
                )}
              </>
            ) : (
              <p className="max-w-prose text-soft">{W.lines.loopHow({ n: walls.length + 1 })}</p>
            )}
          </Panel>
          <ByEye room={room} />
        </>
      }
    />
  )
}
