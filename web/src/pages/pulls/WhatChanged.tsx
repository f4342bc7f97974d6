import { parseInstant, type Plan } from '@crisp-hem/core'
import { useNow } from '../../app/state/clock'
import { useFacts } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { Panel } from '../../app/ui/Panel'
import { W, whenText } from '../../app/words'
import { taskWords } from '../../app/naming/taskWords'
import { useSeenPlan } from './seenPlans'

/** What the last plan changed for a crew, until somebody here has said that it is seen. A first plan is all new: nothing is marked. */
export function WhatChanged({ plan, crewId }: { plan: Plan; crewId: string | null }) {
  const { id, rooms, site } = useFacts()
  const { seen, see } = useSeenPlan(id)
  const now = useNow(60_000)
  const { standing } = plan
  if (!standing || standing.number < 2 || seen >= standing.number) return null
  const crewOf = new Map([
    ...plan.tasks.map((task) => [task.id, task.crewId] as const),
    ...plan.placed.map((task) => [task.taskId, task.crewId] as const),
  ])
  const done = new Set(plan.placed.flatMap((task) => (task.done ? [task.taskId] : [])))
  const changes = standing.changes.filter(
    ({ taskId }) => !done.has(taskId) && (crewId === null || crewOf.get(taskId) === crewId),
  )
  const tasks = new Map(plan.tasks.map((task) => [task.id, task]))
  const at = (iso: string | null) => (iso === null ? '–' : whenText(parseInstant(iso), now, site.zone))
  return (
    <Panel
      title={W.changed.title({ number: standing.number })}
      className="border-2 border-act"
      aside={<Button onClick={() => see(standing.number)}>{W.changed.seen}</Button>}
    >
      {changes.length === 0 && <p>{W.changed.nothing}</p>}
      <ul className="max-h-64 overflow-y-auto">
        {changes.map((change) => (
          <li key={change.taskId} className="border-b border-rule py-1">
            {taskWords(rooms, tasks.get(change.taskId), change.taskId)}:{' '}
            <b className="whitespace-nowrap">
              {W.publish.kinds[change.kind]({ before: at(change.before), after: at(change.after) })}
            </b>
          </li>
        ))}
      </ul>
      {standing.why && <p className="mt-1 text-soft">{standing.why}</p>}
    </Panel>
  )
}
