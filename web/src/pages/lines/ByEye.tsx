import { useState } from 'react'
import { heightsFor, linesRound, type Room } from '@crisp-hem/core'
import { useFacts } from '../../app/state/useJob'
import { LengthField } from '../../app/ui/fields'
import { Panel } from '../../app/ui/Panel'
import { decimals, W } from '../../app/words'
import { LinesTable } from './LinesTable'
import { mmWords } from '../../app/words/mmWords'
import { ReadingsField } from './ReadingsField'
import { useReadLengths } from './useReadLengths'

/** Level, parallel to the ceiling, or between: how much each is off at each corner, and which the eye minds least. */
export function ByEye({ room }: { readonly room: Room }) {
  const { units } = useFacts().site
  const proposals = heightsFor(room.heightMm, setBy(room))
  const [heightMm, setHeightMm] = useState(proposals[0]?.heightMm ?? 0)
  const [text, setText] = useState('')
  const ceilings = useReadLengths(text, units)
  const mm = mmWords(units)
  const { walls } = room
  const lines =
    ceilings.list.length === walls.length
      ? linesRound(
          walls.map((wall, i) => ({ name: wall.name, wallMm: wall.lengthMm, ceilingMm: ceilings.list[i] ?? 0 })),
          heightMm,
        )
      : null
  return (
    <Panel title={W.lines.byEye}>
      <div className="grid gap-3 sm:grid-cols-2">
        <div>
          <LengthField label={W.lines.height} mm={heightMm} units={units} onCommit={setHeightMm} />
          <p className="mt-1 flex flex-wrap gap-x-3 text-sm">
            {proposals.map(({ why, heightMm: proposed }) => (
              <button key={why} type="button" className="min-h-11 underline" onClick={() => setHeightMm(proposed)}>
                {W.lines.heights[why]} {mm(proposed)}
              </button>
            ))}
          </p>
        </div>
        <ReadingsField
          label={W.lines.ceilings({ n: walls.length })}
          value={text}
          onChange={setText}
          fault={ceilings.fault}
        />
      </div>
      {lines && (
        <div className="mt-2">
          <LinesTable
            heads={['', ...walls.map(({ name }) => W.lines.cornerOf({ wall: name })), W.lines.looks]}
            rows={lines.map((line, i) => ({
              key: line.run,
              isBold: i === 0,
              cells: [
                W.lines.runs[line.run],
                ...line.heightsMm.map((height, k) =>
                  W.lines.atCorner({ height: mm(height), under: mm(line.underCeilingMm[k] ?? 0) }),
                ),
                line.offends < 1 ? W.lines.looksFine : W.lines.looksOff({ times: decimals(line.offends, 1) }),
              ],
            }))}
          />
        </div>
      )}
    </Panel>
  )
}

/** What of a room a line is set by. */
const setBy = ({ openings, fittings, pieces }: Room) => ({
  sills: openings.filter(({ kind }) => kind === 'window').map(({ sillMm }) => sillMm),
  switches: fittings
    .filter(({ kind }) => kind === 'switch' || kind === 'thermostat')
    .map(({ bottomMm, heightMm }) => bottomMm + heightMm),
  furniture: pieces.filter(({ kind }) => kind === 'furniture').map(({ heightMm }) => heightMm),
})
