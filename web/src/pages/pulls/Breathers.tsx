import type { SubjectKey } from '@crisp-hem/core'
import { useNow } from '../../app/state/clock'
import { useFacts, useTick } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { Panel } from '../../app/ui/Panel'
import { breatherWords } from '../../app/naming/breatherWords'
import { uncoverTick } from './ticks'
import { W } from '../../app/words'

/** Vents, alarms and flues under tape or film: each is signed off when it can breathe again. */
export function Breathers({ subjects }: { subjects: readonly SubjectKey[] }) {
  const { rooms } = useFacts()
  const tick = useTick()
  const now = useNow()
  if (subjects.length === 0) return null
  return (
    <Panel title={W.pulls.breathers} className="border-2 border-ink">
      <ul>
        {subjects.map((subject) => (
          <li key={subject} className="flex items-center gap-2 py-1">
            <span className="min-w-0 flex-1">{breatherWords(rooms, subject)}</span>
            <Button
              className="min-h-11"
              onClick={() => tick([uncoverTick(subject, now)], W.pulls.ticked({ what: breatherWords(rooms, subject) }))}
            >
              {W.pulls.uncovered}
            </Button>
          </li>
        ))}
      </ul>
    </Panel>
  )
}
