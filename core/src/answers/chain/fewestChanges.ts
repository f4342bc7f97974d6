import { intAt } from '../../base/units/sure'
import { layOut, serialSchemeOf } from '../../solve/engine/firstSchedule'
import { shared, startsOf } from '../../solve/engine/starts'
import type { Placement, PlacedTask } from '../../planning/plan/placement'
import { translate } from '../../planning/plan/problemModel'
import type { ScheduleProblem } from '../../planning/problem/problem'
import { asBegun } from '../../planning/published/asBegun'
import { planChanges, publishedTasks } from '../../planning/published/planChanges'
import type { PriceOf } from '../../planning/price/planPrice'
import { judged, type Judged } from './judge'

/**
 * What to propose when a published plan no longer goes as it was told: the plan made anew, or, where that is no worse by windows
 * and hand-backs, the told one put off as little as it takes, in the order told. Of two that keep as much the one that changes
 * fewer things for people.
 *
 * @param told  the plan people work by, done work as it was done; what came since has its place from `anew`
 * @param priceOf  what plans cost, each thing that is told anew with them, where they are compared by it
 */
export function fewestChanges(
  problem: ScheduleProblem,
  told: readonly PlacedTask[],
  anew: Placement,
  priceOf: PriceOf | null = null,
): readonly PlacedTask[] {
  // What should have begun already begins when it can; all else no sooner than it was told.
  const ahead = new Map(told.flatMap((task) => (task.from >= problem.from ? [[task.taskId, task] as const] : [])))
  // What somebody put somewhere, or gave to others, is there, whatever was told.
  for (const { id } of problem.fixed) ahead.delete(id)
  for (const { id, modes } of problem.activities)
    if (!modes.some(({ crewId }) => crewId === ahead.get(id)?.crewId)) ahead.delete(id)
  const base = anew.placed.map((task) => (task.done ? task : (ahead.get(task.taskId) ?? task)))
  const { model, hint, placementOf } = translate(problem, { placed: base })
  const order = new Map<string, number>([
    ...told.map((task) => [task.taskId, task.from] as const),
    ...problem.fixed.map(({ id }) => [id, Number.NEGATIVE_INFINITY] as const),
  ])
  const tasks = model.tasks.map((task, i) => {
    const at = intAt(hint, i)
    if (!ahead.has(task.id) || task.starts.length === 0 || at < 0) return task
    return { ...task, starts: shared(task.starts, startsOf([[at, model.horizon]])) }
  })
  const schedule = layOut(
    serialSchemeOf({ ...model, tasks }),
    (i) => -(order.get(model.tasks[i]?.id ?? '') ?? problem.horizon),
  )
  if (!schedule) return anew.placed
  const [kept, fresh] = [judged(problem, placementOf(schedule), priceOf), judged(problem, anew, priceOf)]
  const changes = ({ placement }: Judged) =>
    changesOf(told, asBegun(told, placement.placed, problem.from), problem.from)
  return isAsGood(kept, fresh) && changes(kept) < changes(fresh) ? kept.placement.placed : anew.placed
}

/** Minutes by which a plan may end later and still be the better one to tell: fewer people have to be told. From memory. */
const LATER_MIN = 30

function isAsGood(one: Judged, other: Judged): boolean {
  // Nobody is told of a plan that breaks a rule more because it is cheaper.
  if (one.misses.length !== other.misses.length) return one.misses.length < other.misses.length
  return one.price && other.price
    ? one.price.totalMinor <= other.price.totalMinor
    : one.lateMin <= other.lateMin && one.endsAt <= other.endsAt + LATER_MIN
}

const changesOf = (told: readonly PlacedTask[], placed: readonly PlacedTask[], now: number): number =>
  planChanges(publishedTasks(told), publishedTasks(placed), now).length
