import type { Placement, PlacedTask } from '../plan/placement'
import type { ScheduleProblem } from '../problem/problem'
import { checkAir } from './checkAir'
import { checkDoubles, checkPlaces } from './checkPlaces'
import { checkFields } from './checkFields'
import { checkFills } from './checkFills'
import { checkLags } from './checkLags'
import { checkKeeps } from './checkKeeps'
import { checkPasses } from './checkPasses'
import { checkPulls } from './checkPulls'
import { checkUnplaced } from './checkUnplaced'
import { checkWays } from './checkWays'
import { miss, type Miss } from './miss'
import { passing } from './reach'

/**
 * Every way in which a plan misses its problem: what has no place and why, what lies outside a shift, a lag, a crew, a
 * gun or a pull's span, and every room that is late. Shares no code with what found the plan, so that a fault of one
 * is seen by the other. An empty list is a plan that can be obeyed.
 */
export function checkPlan(problem: ScheduleProblem, plan: Pick<Placement, 'placed'>): Miss[] {
  const passed = passing(problem.clocks)
  const placed = new Map(plan.placed.map((task) => [task.taskId, task]))
  return [
    ...checkUnplaced(problem, placed, passed),
    ...checkStrangers(problem, plan.placed),
    ...checkPlaces(problem, placed),
    ...checkDoubles(problem, placed),
    ...checkWays(problem, placed),
    ...checkLags(problem, placed, passed),
    ...checkAir(problem, placed, passed),
    ...checkPulls(problem, placed, passed),
    ...checkPasses(problem, placed),
    ...checkKeeps(problem, placed),
    ...checkFills(problem, plan.placed),
    ...checkFields(problem, placed, passed),
    ...checkHandBacks(problem, placed),
  ]
}

/** Placed work that the problem does not know, or that stands twice. */
function checkStrangers(problem: ScheduleProblem, placed: readonly PlacedTask[]): Miss[] {
  const known = new Set([...problem.activities, ...problem.done].map((each) => each.id))
  const seen = new Set<string>()
  return placed.flatMap(({ taskId, from }) => {
    const again = seen.has(taskId)
    seen.add(taskId)
    return again || !known.has(taskId) ? [miss('lost', taskId, { at: from })] : []
  })
}

function checkHandBacks(problem: ScheduleProblem, placed: ReadonlyMap<string, PlacedTask>): Miss[] {
  return problem.goals.flatMap((goal) => {
    if (goal.goal !== 'hand-back') return []
    const last = goal.activityIds
      .flatMap((id) => placed.get(id) ?? [])
      .reduce<PlacedTask | null>((latest, task) => (!latest || task.to > latest.to ? task : latest), null)
    if (!last || last.to <= goal.by) return []
    return [miss('late-hand-back', last.taskId, { minutes: last.to - goal.by, at: last.to, other: goal.roomId })]
  })
}
