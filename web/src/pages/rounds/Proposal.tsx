import { useMemo, useState, type ReactNode } from 'react'
import { parseInstant, partly, type Plan, type PlanChange, type Said } from '@crisp-hem/core'
import { useNow } from '../../app/state/clock'
import { useFacts, useWholeJob } from '../../app/state/useJob'
import { useWorkerAnswer } from '../../app/state/useWorkerAnswer'
import { W, sayText, whenText } from '../../app/words'
import type { PartQuestion } from './part.worker'
import { PublishForm } from './PublishForm'
import { taskWords } from '../../app/naming/taskWords'

/** People are asked before anything is moved that begins within this, min. Common practice. */
const ASKED_MIN = 30

interface ProposalProps {
  readonly plan: Plan
  readonly placed: Plan['proposed']
  readonly changes: readonly PlanChange[]
}

/** What would go otherwise for whom, to be taken whole or in part, and published. */
export function Proposal({ plan, placed, changes }: ProposalProps) {
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set())
  const [isAsked, setIsAsked] = useState(false)
  const { crews } = useFacts()
  const groups = useMemo(() => grouped(plan, placed, changes, crews), [plan, placed, changes, crews])
  const taken = useMemo(
    () => new Set(changes.flatMap(({ taskId }) => (left.has(taskId) ? [] : [taskId]))),
    [changes, left],
  )
  const isWhole = taken.size === changes.length
  const mixed = useMemo(
    () => (isWhole ? placed : partly(plan.placed, placed, taken)),
    [isWhole, plan.placed, placed, taken],
  )
  const soon = groups.flatMap((group) => group.soon).filter((change) => taken.has(change.taskId))
  const set = (ids: readonly string[], on: boolean) =>
    setLeft((before) => new Set(on ? [...before].filter((id) => !ids.includes(id)) : [...before, ...ids]))
  return (
    <details className="mt-1" open>
      <summary className="cursor-pointer font-semibold">{W.publish.moved({ count: changes.length })}</summary>
      <div className="mt-1 grid gap-x-8 lg:grid-cols-2">
        {groups.map((group) => (
          <fieldset key={group.crewId} className="min-w-0">
            <legend className="font-semibold">
              <Tick
                text={`${group.name} (${group.changes.length})`}
                isOn={group.changes.every(({ taskId }) => taken.has(taskId))}
                onTick={(on) =>
                  set(
                    group.changes.map(({ taskId }) => taskId),
                    on,
                  )
                }
              />
            </legend>
            <ul className="max-h-56 overflow-y-auto pl-6 text-sm">
              {group.changes.map((change) => (
                <li key={change.taskId}>
                  <Tick
                    text={<ChangeWords plan={plan} change={change} />}
                    isOn={taken.has(change.taskId)}
                    onTick={(on) => set([change.taskId], on)}
                  />
                </li>
              ))}
            </ul>
          </fieldset>
        ))}
      </div>
      {!isWhole && taken.size > 0 && <PartBreaks plan={plan} placed={mixed} />}
      {soon.length > 0 && (
        <p className="mt-2 border-l-4 border-act pl-3">
          <Tick
            text={W.publish.askFirst({ count: soon.length, minutes: ASKED_MIN })}
            isOn={isAsked}
            onTick={setIsAsked}
          />
        </p>
      )}
      <PublishForm plan={plan} placed={mixed} isHeld={taken.size === 0 || (soon.length > 0 && !isAsked)} />
    </details>
  )
}

function Tick({ text, isOn, onTick }: { text: ReactNode; isOn: boolean; onTick: (on: boolean) => void }) {
  return (
    <label className="flex cursor-pointer items-baseline gap-2 py-0.5">
      <input
        type="checkbox"
        checked={isOn}
        onChange={(event) => onTick(event.target.checked)}
        className="size-4 shrink-0 translate-y-0.5 accent-(--act)"
      />
      <span>{text}</span>
    </label>
  )
}

function ChangeWords({ plan, change }: { plan: Plan; change: PlanChange }) {
  const { rooms, site } = useFacts()
  const now = useNow(60_000)
  const at = (iso: string | null) => (iso === null ? '–' : whenText(parseInstant(iso), now, site.zone))
  const task = plan.tasks.find((each) => each.id === change.taskId)
  return (
    <>
      {taskWords(rooms, task, change.taskId)}:{' '}
      <span className="whitespace-nowrap">
        {W.publish.kinds[change.kind]({ before: at(change.before), after: at(change.after) })}
      </span>
    </>
  )
}

const start = () => new Worker(new URL('./part.worker.ts', import.meta.url), { type: 'module' })

/** What a part of a proposal breaks that the whole does not. */
function PartBreaks({ plan, placed }: { plan: Plan; placed: Plan['proposed'] }) {
  const job = useWholeJob()
  const question = useMemo((): PartQuestion => ({ job, now: plan.at, placed }), [job, plan.at, placed])
  const breaks = useWorkerAnswer<PartQuestion, readonly Said[]>(start, question, 300)
  return (
    <div aria-live="polite" className="mt-2">
      {breaks === null && <p className="text-soft">{W.card.trying}</p>}
      {breaks?.length === 0 && <p>{W.publish.partFits}</p>}
      {breaks && breaks.length > 0 && (
        <ul className="border-l-4 border-act pl-3">
          {breaks.map((breach, i) => (
            <li key={i}>{sayText(breach)}</li>
          ))}
        </ul>
      )}
    </div>
  )
}

interface Group {
  readonly crewId: string
  readonly name: string
  readonly changes: readonly PlanChange[]
  /** Those that begin so soon that people are asked first. */
  readonly soon: readonly PlanChange[]
}

/** Changes by whom they touch, the crew with most first. */
function grouped(
  plan: Plan,
  placed: Plan['proposed'],
  changes: readonly PlanChange[],
  crews: readonly { readonly id: string; readonly name: string }[],
): Group[] {
  const names = new Map(crews.map((crew) => [crew.id, crew.name]))
  const crewOf = new Map([...placed, ...plan.placed].map((task) => [task.taskId, task.crewId]))
  const tasks = new Map(plan.tasks.map((task) => [task.id, task.crewId]))
  const groups = new Map<string, PlanChange[]>()
  for (const change of changes) {
    const crewId = crewOf.get(change.taskId) ?? tasks.get(change.taskId) ?? ''
    groups.set(crewId, [...(groups.get(crewId) ?? []), change])
  }
  return [...groups]
    .map(([crewId, own]) => ({
      crewId,
      name: names.get(crewId) ?? crewId,
      changes: own,
      soon: own.filter(({ before, after }) =>
        [before, after].some((iso) => {
          const at = iso === null ? null : parseInstant(iso)
          return at !== null && at >= plan.at && at < plan.at + ASKED_MIN
        }),
      ),
    }))
    .sort((a, b) => b.changes.length - a.changes.length)
}
