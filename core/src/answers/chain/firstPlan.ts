import type { PublishedTask } from '../../base/nouns'
import { placeFirst } from '../../planning/plan/placeFirst'
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
  const apart: FirstPlan = { problem, firstPrice: null, placed: cheapestFirst(problem, early, priceOf, leftAlone) }
  const alone = orTogether(apart, priceOf, leftAlone)
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

/** How much of paid hours people may wait where a crew goes to work in parts, before it is tried with all of it at everything. From memory. */
const MUCH_WAITING = 0.2

/** The same with each crew at everything together, where it waits for much of its time in parts, and that is cheaper. */
function orTogether(apart: FirstPlan, priceOf: PriceOf, leftAlone: ReadonlySet<string>): FirstPlan {
  const { problem } = apart
  const inParts = judgedWhole(apart, priceOf)
  const hoursOf = (name: string) => inParts.price?.parts.find(({ part }) => part === name)?.amount ?? 0
  const [worked, waited] = [hoursOf('work'), hoursOf('idle')]
  const activities = problem.activities.map((act) => {
    const all = act.modes.filter(({ hands }) => hands === undefined)
    return all.length > 0 && all.length < act.modes.length ? { ...act, modes: all } : act
  })
  const isSame = activities.every((act, i) => act === problem.activities[i])
  if (isSame || waited < MUCH_WAITING * (worked + waited)) return apart
  const tied = { ...problem, activities }
  const placed = cheapestFirst(tied, placeFirst(tied).placed, priceOf, leftAlone)
  const together: FirstPlan = { problem, firstPrice: null, placed }
  return isBetter(judgedWhole(together, priceOf), inParts, []) ? together : apart
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
