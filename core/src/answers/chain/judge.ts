import { checkPlan } from '../../planning/check/checkPlan'
import type { Miss } from '../../planning/check/miss'
import { isGunUp, type PlanGoal } from '../../base/nouns'
import type { Placement } from '../../planning/plan/placement'
import type { PlanPrice, PriceOf } from '../../planning/price/planPrice'
import type { ScheduleProblem } from '../../planning/problem/problem'

/** A plan with what it is judged by. */
export interface Judged {
  readonly placement: Placement
  readonly misses: readonly Miss[]
  /** Rooms that are late. */
  readonly late: readonly Miss[]
  readonly lateMin: number
  readonly endsAt: number
  /** How often a crew goes from one room to another. */
  readonly moves: number
  readonly startsSum: number
  /** What it costs; null where nobody asked for it. */
  readonly price: PlanPrice | null
}

export function judged(problem: ScheduleProblem, placement: Placement, priceOf: PriceOf | null = null): Judged {
  const misses = checkPlan(problem, placement)
  const late = misses.filter((miss) => miss.kind === 'late-hand-back')
  const left = placement.placed.filter((task) => !task.done)
  return {
    placement,
    misses: misses.filter((miss) => miss.kind !== 'late-hand-back'),
    late,
    lateMin: late.reduce((sum, each) => sum + (each.minutes ?? 0), 0),
    endsAt: Math.max(problem.from, ...left.map((task) => task.to)),
    moves: movesOf(problem, placement),
    // A gun that is filled sooner is none of it.
    price: priceOf?.(placement.placed, misses) ?? null,
    startsSum: left.reduce((sum, { taskId, from }) => sum + (isGunUp(taskId) ? 0 : from - problem.from), 0),
  }
}

function movesOf(problem: ScheduleProblem, { placed }: Placement): number {
  const roomOf = new Map<string, string>(problem.activities.map((act) => [act.id, act.roomId]))
  const at = new Map<string, string>()
  let moves = 0
  for (const { taskId, crewId } of [...placed].filter((task) => !task.done).sort((a, b) => a.from - b.from)) {
    const room = roomOf.get(taskId) ?? ''
    if (at.has(crewId) && at.get(crewId) !== room) moves++
    at.set(crewId, room)
  }
  return moves
}

/** What each goal counts; less is better. */
const COUNT: Readonly<Record<PlanGoal, (plan: Judged) => number>> = {
  'hand-backs': (plan) => plan.lateMin,
  end: (plan) => plan.endsAt,
  moves: (plan) => plan.moves,
  soon: (plan) => plan.startsSum,
}

/**
 * Whether a plan is better than another: first by windows and shifts kept, then, with no more rooms late, by its price where both have
 * one, else by goals in their order.
 */
export function isBetter(one: Judged, other: Judged, goals: readonly PlanGoal[]): boolean {
  // A miss of a kind that was not there is never bought with anything.
  const kinds = new Set(other.misses.map((miss) => `${miss.kind} ${miss.activityId}`))
  if (one.misses.some((miss) => !kinds.has(`${miss.kind} ${miss.activityId}`))) return false
  if (one.misses.length !== other.misses.length) return one.misses.length < other.misses.length
  if (one.price && other.price) {
    // Nor is a promise that is kept.
    if (one.late.length > other.late.length) return false
    const [a, b] = [one.price.totalMinor, other.price.totalMinor]
    return a === b ? one.startsSum < other.startsSum : a < b
  }
  for (const goal of goals) {
    const [a, b] = [COUNT[goal](one), COUNT[goal](other)]
    if (a !== b) return a < b
  }
  return false
}
