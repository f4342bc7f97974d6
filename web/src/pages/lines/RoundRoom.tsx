import { useMemo, useState } from 'react'
import { levelErrorMmPerM, levelLoop, slipsIn, type Room } from '@crisp-hem/core'
import { useFacts } from '../../app/state/useJob'
import { Panel } from '../../app/ui/Panel'
import { W } from '../../app/words'
import { ByEye } from './ByEye'
import { LinesTable } from './LinesTable'
import { mmWords } from '../../app/words/mmWords'
import { ReadingsField } from './ReadingsField'
import { TwoSides } from './TwoSides'
import { useReadLengths } from './useReadLengths'

/** A length over which a level's own error is told, mm: two metres, or six feet. */
const TOLD_OVER_MM = { metric: 2000, imperial: 1828.8 } as const
const PLACEHOLDERS = {
  metric: { loop: '1400\n1402', turned: '3\n1\n1200' },
  imperial: { loop: '4\' 7"\n4\' 7 1/8"', turned: '1/8"\n0"\n4\'' },
} as const
/** Slips of the pen that are told at most. */
const MOST_SLIPS = 2

/** A line carried round a room: whether it meets itself, how high it lies at each corner, and whether level is what looks level. */
export function RoundRoom({ room }: { readonly room: Room }) {
  const { units } = useFacts().site
  const [text, setText] = useState('')
  const [turnedText, setTurnedText] = useState('')
  const { walls } = room
  const mm = mmWords(units)
  const read = useReadLengths(text, units)
  const turned = useReadLengths(turnedText, units)
  const perMetre = levelErrorMmPerM(turned.list)
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
        <details>
          <summary className="cursor-pointer text-sm font-semibold">{W.lines.instrument}</summary>
          <div className="mt-1 grid gap-1">
            <ReadingsField
              label={W.lines.turned}
              value={turnedText}
              onChange={setTurnedText}
              fault={turned.fault}
              placeholder={PLACEHOLDERS[units].turned}
            />
            <p className="text-sm text-soft">
              {perMetre === 0
                ? W.lines.turnedHow
                : W.lines.turnedOff({
                    off: mm((perMetre * TOLD_OVER_MM[units]) / 1000),
                    over: mm(TOLD_OVER_MM[units]),
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
