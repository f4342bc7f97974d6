import { useMemo } from 'react'
import { roomNet, type AcrossReading, type Room } from '@crisp-hem/core'
import { useFacts } from '../../app/state/useJob'
import { Panel } from '../../app/ui/Panel'
import { W } from '../../app/words'
import { mmWords } from '../../app/words/mmWords'
import { LinesTable } from './LinesTable'

interface RoomNetFoundProps {
  readonly room: Room
  readonly loopMm: readonly number[]
  readonly across: readonly AcrossReading[]
}

/** Heights by all readings together, and the one that does not fit the others. */
export function RoomNetFound({ room, loopMm, across }: RoomNetFoundProps) {
  const { walls } = room
  const mm = mmWords(useFacts().site.units)
  const { heightsMm, wrong } = useMemo(() => roomNet(walls, loopMm, across), [walls, loopMm, across])
  const cornerAt = (i: number) => W.lines.cornerOf({ wall: walls[i]?.name ?? '' })
  return (
    <Panel title={W.lines.together}>
      {wrong && (
        <p role="alert" className="font-semibold text-act">
          {W.lines.netWrong({
            from: cornerAt(wrong.from),
            to: cornerAt(wrong.to),
            read: mm(wrong.riseMm),
            meant: mm(wrong.wouldBeMm),
          })}
        </p>
      )}
      <LinesTable
        heads={[W.lines.corner, W.lines.lies]}
        boldAt={1}
        rows={walls.map((wall, i) => ({ key: wall.id, cells: [cornerAt(i), mm(heightsMm[i] ?? 0)] }))}
      />
      <p className="mt-1 text-sm text-soft">{W.lines.togetherHow}</p>
    </Panel>
  )
}
