import { seededNumbers } from '../../base/units/seeded'
import { intAt } from '../../base/units/sure'
import { placementOf, type PlacedTask } from '../../planning/plan/placement'
import { translate } from '../../planning/plan/problemModel'
import { tidied } from '../../planning/plan/tidied'
import type { PriceOf } from '../../planning/price/planPrice'
import type { ScheduleProblem } from '../../planning/problem/problem'
import { layOut, serialSchemeOf } from '../../solve/engine/firstSchedule'
import type { Schedule } from '../../solve/engine/model'
import { cheaperIn } from './cheaperIn'
import { closedUp } from './closedUp'
import { isBetter, judged } from './judge'
import { tapedFirst } from './tapedFirst'

/** Schedules that are tried for a first plan, and tasks that are laid out for it in all: a fifth of a second for the demo. From memory. */
const MOST_TRIED = 200
const MOST_LAID = 7000
const SEED = 1
/** By how much what is taped already is put forward in the order: more than any plan is long, min. */
const AHEAD_MIN = 1e8

/**
 * A first plan by its price: from the plan that begins everything as early as it can, orders are tried in which rooms and days are
 * otherwise, and the cheapest that breaks nothing more is taken. The same facts give the same plan.
 */
export function cheapestFirst(
  problem: ScheduleProblem,
  proposed: readonly PlacedTask[],
  priceOf: PriceOf,
  leftAlone: ReadonlySet<string>,
): readonly PlacedTask[] {
  const early = placementOf(problem.activities, proposed)
  const first = judged(problem, closedUp(problem, early), priceOf)
  const task = translate(problem, first.placement)
  const count = task.model.tasks.length
  const scheme = serialSchemeOf(task.model)
  const anew = layOut(scheme, (i) => -intAt(task.hint, i))
  if (!anew || count === 0) return first.placement.placed
  const rounds = Math.min(MOST_TRIED, Math.floor(MOST_LAID / count))
  const ways = { problem, task, scheme, priceOf, leftAlone, isOver: () => false }
  const taped = tapedFirst(problem, task)
  const begun = taped.size > 0 ? layOut(scheme, (i) => (taped.has(i) ? AHEAD_MIN : 0) - intAt(task.hint, i)) : null
  const planOf = (schedule: Schedule) =>
    judged(problem, closedUp(problem, tidied(problem, task.placementOf(schedule))), priceOf)
  return [anew, ...(begun ? [begun] : [])]
    .map((from) => planOf(cheaperIn({ ...ways, from, random: seededNumbers(SEED), rounds })))
    .reduce((best, found) => (isBetter(found, best, []) ? found : best), first).placement.placed
}
