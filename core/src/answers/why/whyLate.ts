import { smallestConflict } from '../../solve/engine/conflict'
import { endBy } from '../../solve/engine/endBy'
import { improve } from '../../solve/engine/improve'
import type { Model } from '../../solve/engine/model'
import { placeFirst } from '../../planning/plan/placeFirst'
import { translate, type Translation } from '../../planning/plan/problemModel'
import type { Goal, ScheduleProblem } from '../../planning/problem/problem'
import { seededNumbers } from '../../base/units/seeded'

/** What of a plan can stand in the way of a hand-back; the last is blamed first. */
const DEMANDS = ['drying', 'shifts', 'air', 'shared', 'other-rooms'] as const
export type Demand = (typeof DEMANDS)[number]

type HandBack = Extract<Goal, { goal: 'hand-back' }>

/**
 * Why a room cannot be handed back in time with these rounds and crews: a smallest set of demands that together make it
 * impossible, each proved by the engine; empty where its own work alone takes longer. Null where it is not proved impossible:
 * then another order may do it. Other rooms are asked to be no later than they are due, or would be now.
 *
 * @param begin  called for each question put to the engine; what it returns says when that has taken long enough
 */
export function whyLate(problem: ScheduleProblem, roomId: string, begin: () => () => boolean): Demand[] | null {
  const goals = problem.goals.filter((goal): goal is HandBack => goal.goal === 'hand-back')
  const own = goals.find((goal) => goal.roomId === roomId)
  if (!own) return null
  const ends = new Map<string, number>(placeFirst(problem).placed.map((task) => [task.taskId, task.to]))
  const others = goals
    .filter((goal) => goal !== own)
    .map((goal) => ({ ...goal, by: Math.max(goal.by, ...goal.activityIds.map((id) => ends.get(id) ?? goal.by)) }))
  return smallestConflict(DEMANDS, (demands) => {
    const dues = demands.includes('other-rooms') ? [own, ...others] : [own]
    return isImpossible(relaxed(problem, dues, demands), dues, begin())
  })
}

/** The problem with only some of its demands, and only with what the rooms that are due need. */
function relaxed(problem: ScheduleProblem, dues: readonly HandBack[], demands: readonly Demand[]): ScheduleProblem {
  const has = (demand: Demand) => demands.includes(demand)
  const kept = neededFor(problem, dues)
  return {
    ...problem,
    activities: problem.activities
      .filter((act) => kept.has(act.id))
      .map((act) => ({ ...act, uses: has('shared') ? act.uses : [], air: has('air') ? act.air : null })),
    lags: problem.lags
      .filter((lag) => kept.has(lag.to))
      .map((lag) => (has('drying') || lag.min.clock === null ? lag : { ...lag, min: { clock: null, amount: 0 } })),
    crews: has('shifts')
      ? problem.crews
      : problem.crews.map(({ id }) => ({ id, shifts: [[problem.from, problem.horizon] as const] })),
    pulls: problem.pulls.filter((rule) => kept.has(rule.activityId)),
  }
}

/** Activities of rooms, and all that they wait for. */
function neededFor(problem: ScheduleProblem, dues: readonly HandBack[]): Set<string> {
  const needed = new Set<string>(dues.flatMap((goal) => goal.activityIds))
  for (let grown = true; grown;) {
    const { size } = needed
    for (const lag of problem.lags) if (needed.has(lag.to)) needed.add(lag.from)
    grown = needed.size > size
  }
  return needed
}

/** Whether the engine proves that rooms cannot all be through when they are due. */
function isImpossible(problem: ScheduleProblem, dues: readonly HandBack[], isOver: () => boolean): boolean {
  const first = placeFirst(problem)
  // Work that has no place at all is told by the check; nothing is proved of it here.
  if (first.unplaced.length > 0) return false
  const ends = new Map<string, number>(first.placed.map((each) => [each.taskId, each.to]))
  if (dues.every((goal) => goal.activityIds.every((id) => (ends.get(id) ?? 0) <= goal.by))) return false
  const task = translate(problem, first, { isBare: true, until: Math.max(...dues.map((goal) => goal.by)) })
  return improve(withDues(task, dues), { random: seededNumbers(1), isOver }).status === 'infeasible'
}

function withDues({ model, tasksOfRoom, origin }: Translation, dues: readonly HandBack[]): Model {
  const by = new Map(
    dues.flatMap((goal) => (tasksOfRoom.get(goal.roomId) ?? []).map((i) => [i, Math.floor(goal.by) - origin] as const)),
  )
  return {
    ...model,
    tasks: model.tasks.map((task, i) => {
      const due = by.get(i)
      return due === undefined ? task : endBy(task, due)
    }),
  }
}
