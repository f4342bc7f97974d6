import { useMemo, useState } from 'react'
import { parseInstant, publishedTasks, type Plan, type PlanChange, type Standing } from '@crisp-hem/core'
import { api } from '../api'
import { useNow } from '../state/clock'
import { planPublished } from '../state/jobSlice'
import { noticed } from '../state/noticeSlice'
import { useFacts } from '../state/useJob'
import { useAppDispatch } from '../store'
import { Button } from '../ui/Button'
import { TextField } from '../ui/fields'
import { errorText, W, whenText } from '../words'
import { taskWords } from './taskWords'

/** How many changes are listed before the rest is counted. */
const LISTED = 12

/** Which plan this is: the one people were told, under its number, or a proposal nobody has been told of. */
export function PlanStamp({ plan }: { plan: Plan }) {
  const { standing } = plan
  const changes = standing?.proposal ?? []
  return (
    <section
      className={`panel ${standing ? 'border-2 border-ink' : 'border-2 border-dashed border-act'}`}
      aria-label={W.publish.title}
    >
      <p className="font-head text-lg font-semibold">
        {standing ? W.publish.plan({ number: standing.number }) : W.publish.proposal}
        <span className="ml-2 font-body text-base font-normal text-soft">
          {standing ? <StandingWords standing={standing} /> : W.publish.nobodyTold}
        </span>
      </p>
      {standing && changes.length === 0 && <p className="text-soft">{W.publish.asTold}</p>}
      {standing && changes.length > 0 && <Changes plan={plan} changes={changes} />}
      {(!standing || changes.length > 0) && plan.proposed.length > 0 && <PublishForm plan={plan} />}
    </section>
  )
}

function StandingWords({ standing }: { standing: Standing }) {
  const { site } = useFacts()
  const now = useNow(60_000)
  const at = whenText(parseInstant(standing.at), now, site.zone)
  return (
    <>
      {standing.by ? W.publish.toldBy({ when: at, by: standing.by }) : W.publish.told({ when: at })}
      {standing.why && ` · ${standing.why}`}
    </>
  )
}

/** What planning anew would change for people, first things first. */
export function Changes({ plan, changes }: { plan: Plan; changes: readonly PlanChange[] }) {
  const tasks = useMemo(() => new Map(plan.tasks.map((task) => [task.id, task])), [plan])
  const { rooms, site } = useFacts()
  const now = useNow(60_000)
  const at = (iso: string | null) => (iso === null ? '–' : whenText(parseInstant(iso), now, site.zone))
  return (
    <details className="mt-1" open>
      <summary className="cursor-pointer font-semibold">{W.publish.moved({ count: changes.length })}</summary>
      <ul className="mt-1 columns-1 gap-8 text-sm lg:columns-2">
        {changes.slice(0, LISTED).map((change) => (
          <li key={change.taskId} className="break-inside-avoid">
            {taskWords(rooms, tasks.get(change.taskId), change.taskId)}:{' '}
            <span className="whitespace-nowrap">
              {W.publish.kinds[change.kind]({ before: at(change.before), after: at(change.after) })}
            </span>
          </li>
        ))}
        {changes.length > LISTED && <li className="text-soft">{W.publish.more({ count: changes.length - LISTED })}</li>}
      </ul>
    </details>
  )
}

/** Publishes what is proposed, or another plan that was found. */
export function PublishForm({ plan, placed = plan.proposed }: { plan: Plan; placed?: Plan['proposed'] }) {
  const { id } = useFacts()
  const dispatch = useAppDispatch()
  const [by, setBy] = useState('')
  const [why, setWhy] = useState('')
  const [busy, setBusy] = useState(false)
  const number = plan.standing?.number ?? 0
  const publish = async () => {
    setBusy(true)
    try {
      const tasks = publishedTasks(placed)
      dispatch(planPublished(await api.publish(id, { basedOn: plan.standing ? number : null, by, why, tasks })))
      setWhy('')
    } catch (error) {
      dispatch(noticed({ text: errorText(error), tone: 'wrong', undo: null }))
    } finally {
      setBusy(false)
    }
  }
  return (
    <div className="no-print mt-2 flex flex-wrap items-end gap-3">
      <TextField label={W.publish.by} value={by} onCommit={setBy} />
      <TextField label={W.publish.why} value={why} onCommit={setWhy} />
      <Button tone="act" disabled={busy} onClick={() => void publish()}>
        {W.publish.publish({ number: number + 1 })}
      </Button>
    </div>
  )
}
