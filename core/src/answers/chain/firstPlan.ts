import type { PublishedTask } from '../../base/nouns'
import { placementOf, type PlacedTask } from '../../planning/plan/placement'
import type { PlanPrice, PriceOf } from '../../planning/price/planPrice'
import type { ScheduleProblem } from '../../planning/problem/problem'
import { withCrews } from '../../planning/problem/withCrews'
import { asPlaced } from '../../planning/published/standingPlan'
import { cheapestFirst } from './cheapestFirst'
import { isBetter, judged, type Judged } from './judge'
import { lateRoomsOf, lendHands } from './lendHands'

/** Plans that are tried with another crew's help, and tasks that are placed for it in all: about half a second. From memory. */
const MOST_TRIED = 240
const MOST_PLACED = 24_000

export interface FirstPlan {
  /** With its work given to whoever does it. */
  readonly problem: ScheduleProblem
  readonly placed: readonly PlacedTask[]
  /** What the plan that would be proposed without a draft costs; null where that is what is proposed. */
  readonly firstPrice: PlanPrice | null
}

/**
 * A first plan by its price: cheapest with each crew in its own rooms, or, where a room would be late so, with others lending a hand
 * there. The same facts give the same plan.
 *
 * @param early  the plan that begins everything as early as it can
 */
export function firstPlan(
  problem: ScheduleProblem,
  early: readonly PlacedTask[],
  priceOf: PriceOf,
  leftAlone: ReadonlySet<string>,
): FirstPlan {
  const alone: FirstPlan = { problem, firstPrice: null, placed: cheapestFirst(problem, early, priceOf, leftAlone) }
  const plan = judgedWhole(alone, priceOf)
  if (plan.late.length === 0 || problem.crews.length < 2) return alone
  const lent = lendHands({
    problem,
    early: placementOf(problem.activities, early),
    priceOf,
    roomsOf: (at) => lateRoomsOf(at).filter((roomId) => !leftAlone.has(roomId)),
    tries: Math.min(MOST_TRIED, Math.floor(MOST_PLACED / Math.max(1, problem.activities.length))),
    isOver: () => false,
  })
  if (!lent) return alone
  const helped: FirstPlan = {
    problem: lent.problem,
    firstPrice: null,
    placed: cheapestFirst(lent.problem, lent.plan.placement.placed, priceOf, leftAlone),
  }
  return isBetter(judgedWhole(helped, priceOf), plan, []) ? helped : alone
}

/**
 * What was found before while nobody has been told any plan, where it still has a place for all that is left, breaks nothing more than
 * the first plan and is cheaper; else the first plan.
 */
export function withDraft(first: FirstPlan, draft: readonly PublishedTask[], priceOf: PriceOf): FirstPlan {
  const problem = withCrews(first.problem, new Map(draft.map(({ taskId, crewId }) => [taskId, crewId])))
  const left = new Set<string>(problem.activities.map(({ id }) => id))
  const placed = [
    ...first.placed.filter(({ done }) => done),
    ...draft.filter(({ taskId }) => left.has(taskId)).map(asPlaced),
  ]
  const found: FirstPlan = { problem, placed, firstPrice: null }
  const [one, other] = [judgedWhole(found, priceOf), judgedWhole(first, priceOf)]
  if (one.placement.unplaced.length > other.placement.unplaced.length || !isBetter(one, other, [])) return first
  return { ...found, firstPrice: other.price }
}

const judgedWhole = ({ problem, placed }: Pick<FirstPlan, 'problem' | 'placed'>, priceOf: PriceOf): Judged =>
  judged(problem, placementOf(problem.activities, placed), priceOf)
