import { smallestConflict } from '../engine/conflict'
import { improve } from '../engine/improve'
import { endOf, type Model } from '../engine/model'
import { shared, startsOf } from '../engine/starts'
import { placeFirst } from '../plan/placeFirst'
import { translate } from '../plan/problemModel'
import type { ScheduleProblem } from '../problem/problem'
import { seededNumbers } from '../units/seeded'

/** What of a plan can stand in the way of a hand-back; the last is blamed first. */
export const DEMANDS = ['drying', 'shifts', 'air', 'shared', 'other-rooms'] as const
export type Demand = (typeof DEMANDS)[number]

/** Time that each question gets, ms; what is not refuted by then counts as possible. */
const EACH_MS = 1200

/**
 * Why a room cannot be handed back in time: a smallest set of demands that together make it impossible, each proved by the
 * engine. Null where it is not proved impossible: then another order may do it.
 */
export function whyLate(problem: ScheduleProblem, roomId: string): Demand[] | null {
  const goal = problem.goals.find((each) => each.goal === 'hand-back' && each.roomId === roomId)
  if (goal?.goal !== 'hand-back') return null
  return smallestConflict(DEMANDS, (demands) => isImpossible(relaxed(problem, roomId, demands), roomId, goal.by))
}

/** The problem with only some of its demands. */
function relaxed(problem: ScheduleProblem, roomId: string, demands: readonly Demand[]): ScheduleProblem {
  const has = (demand: Demand) => demands.includes(demand)
  const kept = has('other-rooms') ? null : neededFor(problem, roomId)
  return {
    ...problem,
    activities: problem.activities
      .filter((act) => kept === null || kept.has(act.id))
      .map((act) => ({ ...act, uses: has('shared') ? act.uses : [], air: has('air') ? act.air : null })),
    lags: problem.lags
      .filter((lag) => kept === null || kept.has(lag.to))
      .map((lag) => (has('drying') || lag.min.clock === null ? lag : { ...lag, min: { clock: null, amount: 0 } })),
    crews: has('shifts')
      ? problem.crews
      : problem.crews.map(({ id }) => ({ id, shifts: [[problem.from, problem.horizon] as const] })),
    pulls: problem.pulls.filter((rule) => kept === null || kept.has(rule.activityId)),
  }
}

/** Activities of a room, and all that they wait for. */
function neededFor(problem: ScheduleProblem, roomId: string): Set<string> {
  const needed = new Set<string>(problem.activities.filter((act) => act.roomId === roomId).map((act) => act.id))
  for (let grown = true; grown;) {
    const { size } = needed
    for (const lag of problem.lags) if (needed.has(lag.to)) needed.add(lag.from)
    grown = needed.size > size
  }
  return needed
}

/** Whether the engine proves that a room cannot be through by an instant. */
function isImpossible(problem: ScheduleProblem, roomId: string, by: number): boolean {
  const first = placeFirst(problem)
  const own = new Set<string>(problem.activities.filter((act) => act.roomId === roomId).map((act) => act.id))
  const ends = first.placed.filter((each) => own.has(each.taskId)).map((each) => each.to)
  if (ends.length === own.size && Math.max(...ends) <= by) return false
  // Work that has no place at all is told by the check; nothing is proved of it here.
  if (first.unplaced.some((id) => own.has(id))) return false
  const { model, tasksOfRoom, origin } = translate(problem, first)
  const due = withDue(model, new Set(tasksOfRoom.get(roomId)), Math.floor(by) - origin)
  const until = performance.now() + EACH_MS
  const { status } = improve(due, { random: seededNumbers(1), isOver: () => performance.now() > until })
  return status === 'infeasible'
}

function withDue(model: Model, own: ReadonlySet<number>, due: number): Model {
  return {
    ...model,
    tasks: model.tasks.map((task, i) => {
      if (!own.has(i)) return task
      let last = due - (task.finish ? 0 : task.minutes)
      while (task.finish && last >= 0 && endOf(task, last) > due) last--
      return { ...task, starts: shared(task.starts, startsOf([[0, last]])) }
    }),
  }
}
