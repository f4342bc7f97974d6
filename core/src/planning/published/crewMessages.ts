import { said, when, type ActivityId, type Job, type PlanChange, type PublishedPlan, type Said } from '../../base/nouns'
import { parseInstant } from '../../base/units/time'
import { activityName } from '../work'

/** What one crew is told of a new plan. */
export interface CrewMessage {
  readonly crewId: string
  readonly lines: readonly Said[]
}

/** Lines of one message; the rest is in the plan. */
const MOST_LINES = 8

/**
 * What each crew is told when a plan is published: what is new for it against the plan before, in order of time. A crew for which
 * nothing changes is told nothing; of a first plan each is told where it begins.
 */
export function crewMessages(
  job: Pick<Job, 'rooms' | 'site'>,
  plan: PublishedPlan,
  before: PublishedPlan | null,
): CrewMessage[] {
  const crewNow = new Map(plan.tasks.map((task) => [task.taskId, task.crewId]))
  const crewThen = new Map((before?.tasks ?? []).map((task) => [task.taskId, task.crewId]))
  const groups = new Map<string, PlanChange[]>()
  const add = (crewId: string | undefined, change: PlanChange) => {
    if (crewId !== undefined) groups.set(crewId, [...(groups.get(crewId) ?? []), change])
  }
  for (const change of plan.changes) {
    const [then, now] = [crewThen.get(change.taskId), crewNow.get(change.taskId)]
    if (change.kind === 'other-crew') {
      add(then, { ...change, kind: 'dropped', after: null })
      add(now, { ...change, kind: 'added', before: null })
    } else add(now ?? then, change)
  }
  const at = parseInstant(plan.at)
  return [...groups].map(([crewId, changes]) => {
    const lines = changes.map((change) => lineOf(job, change, at))
    const first = before === null ? [said('message.first_plan', { count: changes.length })] : []
    const shown = lines.slice(0, before === null ? 1 : MOST_LINES)
    const more = lines.length - shown.length
    return { crewId, lines: [...first, ...shown, ...(more > 0 ? [said('message.more', { count: more })] : [])] }
  })
}

function lineOf({ rooms, site }: Pick<Job, 'rooms' | 'site'>, change: PlanChange, now: number): Said {
  const at = (iso: string | null) => (iso === null ? null : when(parseInstant(iso), now, site.zone))
  const facts = { what: activityName(rooms, change.taskId), before: at(change.before), after: at(change.after) }
  switch (change.kind) {
    case 'added':
      return said('message.added', facts)
    case 'dropped':
      return said('message.dropped', facts)
    case 'moved':
    case 'other-crew':
      return said('message.moved', facts)
  }
}

/** How often people were told something else of a piece of work; 0 while it stands as it was told first. */
export const timesChanged = (plans: readonly Pick<PublishedPlan, 'changes'>[], taskId: ActivityId): number =>
  Math.max(0, plans.filter((plan) => plan.changes.some((change) => change.taskId === taskId)).length - 1)
