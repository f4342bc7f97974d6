import { W, factText } from '../../app/words'
import { useState } from 'react'
import { formatLength, type HemId } from '@crisp-hem/core'
import { useNow } from '../../app/state/clock'
import { useFacts, useHems, useTick } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { Panel } from '../../app/ui/Panel'
import { DefectPictures } from './DefectPictures'
import { inspectTick } from './ticks'

/** Hems whose tape is off: look along the line, count bleeds. */
export function InspectList({ hemIds }: { hemIds: readonly HemId[] }) {
  const hems = useHems()
  const { rooms, site } = useFacts()
  const tick = useTick()
  const now = useNow()
  if (hemIds.length === 0) return null
  const allClean = () =>
    tick(
      hemIds.map((hemId) => inspectTick(hemId, 0, now)),
      W.pulls.ticked({ what: W.pulls.clean.toLowerCase() }),
    )
  return (
    <Panel
      title={`${W.pulls.toInspect} (${hemIds.length})`}
      aside={<Button onClick={allClean}>{W.pulls.clean}</Button>}
    >
      <ul>
        {hemIds.map((hemId) => {
          const hem = hems.get(hemId)
          if (!hem) return null
          const room = rooms.find((each) => each.id === hem.roomId)?.name ?? W.frame.goneRoom
          return (
            <InspectLine
              key={hemId}
              hemId={hemId}
              words={`${room}: ${factText(hem.place)}, ${formatLength(hem.lengthMm, site.units)}`}
            />
          )
        })}
      </ul>
    </Panel>
  )
}

function InspectLine({ hemId, words }: { hemId: HemId; words: string }) {
  const tick = useTick()
  const now = useNow()
  const [bleeds, setBleeds] = useState(0)
  const save = (count: number) =>
    tick(
      [inspectTick(hemId, count, now)],
      W.pulls.ticked({ what: `${words}, ${count} ${W.pulls.bleeds.toLowerCase()}` }),
    )
  return (
    <li className="flex flex-wrap items-center gap-2 border-b border-rule py-1.5">
      <span className="min-w-0 flex-1 basis-48">{words}</span>
      <label className="flex items-center gap-1.5 text-sm">
        {W.pulls.bleeds}
        <input
          type="number"
          min={0}
          className="field w-16"
          value={bleeds}
          onChange={(event) => setBleeds(Math.max(0, Math.floor(Number(event.target.value))))}
        />
      </label>
      <Button className="min-h-11" onClick={() => save(bleeds)}>
        {W.pulls.inspect}
      </Button>
      <DefectPictures hemIds={[hemId]} name={words} />
    </li>
  )
}
