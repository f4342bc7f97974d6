import type { Job, PlanChange, PublishedPlan } from '../../base/nouns'
import { checkPlan } from '../../planning/check/checkPlan'
import { isToldLater, miss, type Miss } from '../../planning/check/miss'
import type { PlacedTask } from '../../planning/plan/placement'
import type { ScheduleProblem } from '../../planning/problem/problem'
import { asBegun } from '../../planning/published/asBegun'
import { planChanges, publishedTasks } from '../../planning/published/planChanges'
import { standingPlan } from '../../planning/published/standingPlan'

/** The published plan that people work by. */
export interface Standing extends Pick<PublishedPlan, 'number' | 'at' | 'by' | 'why' | 'changes'> {
  /** What planning anew would change; empty when the day goes as it was told. */
  readonly proposal: readonly PlanChange[]
}

interface WorkedBy {
  /** Only work that the job still has: what it was told and has no more is a miss, and nobody's task. */
  readonly placed: readonly PlacedTask[]
  readonly misses: readonly Miss[]
  readonly standing: Standing | null
}

/**
 * The plan people work by, checked: the published one against what has happened since, or what is proposed.
 *
 * @param fromStart  the problem as it stood when work could begin, for judging work that lies in the past
 */
export function workedBy(
  job: Pick<Job, 'published'>,
  proposed: readonly PlacedTask[],
  problem: ScheduleProblem,
  fromStart: () => ScheduleProblem,
): WorkedBy {
  const { published } = job
  if (!published) return { placed: proposed, misses: checkPlan(problem, { placed: proposed }), standing: null }
  const told = standingPlan(published, proposed)
  const known = new Set([...problem.activities, ...problem.done].map((each) => each.id))
  const placed = told.filter((task) => known.has(task.taskId))
  const { number, at, by, why, changes } = published
  const left = told.filter((task) => !task.done).map((task) => task.taskId)
  const proposal = planChanges(
    published.tasks.filter((task) => left.includes(task.taskId)),
    publishedTasks(asBegun(placed, proposed, problem.from)),
    problem.from,
  )
  return {
    placed,
    misses: standingMisses(fromStart(), told, problem.from),
    standing: { number, at, by, why, changes, proposal },
  }
}

function standingMisses(problem: ScheduleProblem, placed: readonly PlacedTask[], now: number): Miss[] {
  const known = new Set(placed.map((task) => task.taskId))
  const overdue = new Set<string>(placed.filter((task) => !task.done && task.from < now).map((task) => task.taskId))
  return [
    ...problem.activities.flatMap((act) => (known.has(act.id) ? [] : [miss('not-published', act.id)])),
    ...checkPlan(problem, { placed }).filter((each) => isToldLater(each.kind, overdue.has(each.activityId))),
  ]
}
