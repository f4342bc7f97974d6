import { checkPlan } from '../check/checkPlan'
import type { Miss } from '../check/miss'
import { endBy } from '../engine/endBy'
import { improve, type Answer } from '../engine/improve'
import { deskOf, layOut } from '../engine/firstSchedule'
import { endOf, makespanOf, type Model, type Schedule } from '../engine/model'
import type { Placement } from '../plan/placement'
import { translate, type Translation } from '../plan/problemModel'
import type { ScheduleProblem } from '../problem/problem'
import { seededNumbers } from '../units/seeded'

/** What looking for a better plan has found so far. */
export interface Better {
  readonly placement: Placement
  /**
   * When the plan ends; and before when none ends that keeps its rounds, crews and goals: null where that is not known, as of a
   * plan with work that is overdue already. Minutes since the epoch.
   */
  readonly endsAt: number
  readonly boundAt: number | null
  /** Nothing better exists: the bound is reached. */
  readonly isProved: boolean
  /** Minutes by which rooms are late, in all. */
  readonly lateMin: number
  /** What it wins over the plan it began with: minutes of lateness and of the end, and ways between rooms. */
  readonly won: { readonly lateMin: number; readonly endMin: number; readonly moves: number }
}

export interface BetterWays {
  readonly isOver: () => boolean
  readonly seed: number
  /** Rounds of search after which it stops whatever the time. */
  readonly rounds?: number
  readonly onProgress?: (better: Better) => void
}

/**
 * Improves a plan by its goals in order: no promise of the plan at hand is broken, rooms that are late become less so, then all
 * ends sooner, then each thing is done as soon as it can be. What comes out has passed the same check as any plan.
 */
export function betterPlan(problem: ScheduleProblem, plan: Placement, ways: BetterWays): Better {
  const task = translate(problem, plan)
  const before = judged(problem, plan)
  const random = seededNumbers(ways.seed)
  let best: Judged = before
  let bound = 0
  const told = (isProved: boolean): Better => ({
    placement: best.placement,
    endsAt: best.endsAt,
    boundAt: isProved ? best.endsAt : bound > 0 ? Math.min(best.endsAt, task.origin + bound) : null,
    isProved,
    lateMin: best.lateMin,
    won: {
      lateMin: before.lateMin - best.lateMin,
      endMin: before.endsAt - best.endsAt,
      moves: before.moves - best.moves,
    },
  })
  const offer = (schedule: Schedule): void => {
    const found = judged(problem, task.placementOf(schedule))
    if (isBetter(found, best)) best = found
  }
  if (best.lateMin > 0) {
    const { schedule } = improve(lateness(problem, task, best), {
      random,
      isOver: ways.isOver,
      incumbent: laidAnew(task.model, task.hint),
      rounds: Math.min(LATE_ROUNDS, ways.rounds ?? LATE_ROUNDS),
    })
    if (schedule) offer(schedule)
  }
  const model = withDues(problem, task, best)
  const desk = deskOf(model)
  const anew = laidAnew(model, best === before ? task.hint : startsIn(task, best))
  if (anew) offer(anew)
  const answer = improve(model, {
    random,
    isOver: ways.isOver,
    incumbent: anew,
    ...(ways.rounds === undefined ? {} : { rounds: ways.rounds }),
    onProgress: (_, low) => {
      if (low <= bound && bound > 0) return
      bound = low
      ways.onProgress?.(told(false))
    },
  })
  bound = Math.max(bound, answer.bound ?? 0)
  if (answer.schedule) {
    offer(answer.schedule)
    const soon = layOut(desk, (i) => -(answer.schedule?.[i] ?? 0))
    if (soon && makespanOf(model, soon) <= makespanOf(model, answer.schedule)) offer(soon)
  }
  return told(isProved(answer, task, best))
}

/** Rounds that are spent on late rooms before all else. */
const LATE_ROUNDS = 25

/** A schedule’s order laid out anew: what was broken up for something urgent is whole again. Null where it cannot be. */
function laidAnew(model: Model, schedule: Schedule): Schedule | null {
  return layOut(deskOf(model), (i) => -(schedule[i] ?? 0))
}

/** The starts of a plan, by the model’s tasks. */
function startsIn({ model, origin }: Translation, { placement }: Judged): Schedule {
  const at = new Map(placement.placed.map((each) => [each.taskId, each.from - origin]))
  return Int32Array.from(model.tasks.map(({ id }) => at.get(id) ?? 0))
}

/** The model with lateness as its goal: only rooms that are late count, each from when it is due. */
function lateness(problem: ScheduleProblem, { model, tasksOfRoom }: Translation, { late }: Judged): Model {
  const rooms = new Set(late.map((each) => each.other))
  const dues = problem.goals.flatMap((goal) => (goal.goal === 'hand-back' && rooms.has(goal.roomId) ? [goal] : []))
  const last = Math.max(...dues.map((goal) => goal.by))
  const after = new Map<number, number>()
  for (const goal of dues) for (const i of tasksOfRoom.get(goal.roomId) ?? []) after.set(i, Math.round(last - goal.by))
  return { ...model, tasks: model.tasks.map((task, i) => ({ ...task, after: after.get(i) ?? null })) }
}

const isProved = (answer: Answer, task: Translation, best: Judged): boolean =>
  answer.status === 'optimal' && answer.makespan !== null && best.endsAt <= task.origin + answer.makespan

interface Judged {
  readonly placement: Placement
  readonly misses: readonly Miss[]
  /** Rooms that are late. */
  readonly late: readonly Miss[]
  readonly lateMin: number
  readonly endsAt: number
  /** How often a crew goes from one room to another. */
  readonly moves: number
  readonly startsSum: number
}

function judged(problem: ScheduleProblem, placement: Placement): Judged {
  const misses = checkPlan(problem, placement)
  const late = misses.filter((each) => each.kind === 'late-hand-back')
  const left = placement.placed.filter((each) => !each.done)
  return {
    placement,
    misses: misses.filter((each) => each.kind !== 'late-hand-back'),
    late,
    lateMin: late.reduce((sum, each) => sum + (each.minutes ?? 0), 0),
    endsAt: Math.max(problem.from, ...left.map((each) => each.to)),
    moves: movesOf(problem, placement),
    startsSum: left.reduce((sum, each) => sum + (each.from - problem.from), 0),
  }
}

function movesOf(problem: ScheduleProblem, { placed }: Placement): number {
  const roomOf = new Map<string, string>(problem.activities.map((act) => [act.id, act.roomId]))
  const at = new Map<string, string>()
  let moves = 0
  for (const { taskId, crewId } of [...placed].filter((each) => !each.done).sort((a, b) => a.from - b.from)) {
    const room = roomOf.get(taskId) ?? ''
    if (at.has(crewId) && at.get(crewId) !== room) moves++
    at.set(crewId, room)
  }
  return moves
}

/** By the goals in order: misses, lateness, end, moves between rooms, and everything as soon as can be. */
function isBetter(one: Judged, other: Judged): boolean {
  // A miss of a kind that was not there is never bought with anything.
  const kinds = new Set(other.misses.map((each) => `${each.kind} ${each.activityId}`))
  if (one.misses.some((each) => !kinds.has(`${each.kind} ${each.activityId}`))) return false
  const order: readonly (readonly [number, number])[] = [
    [one.misses.length, other.misses.length],
    [one.lateMin, other.lateMin],
    [one.endsAt, other.endsAt],
    [one.moves, other.moves],
    [one.startsSum, other.startsSum],
  ]
  for (const [a, b] of order) if (a !== b) return a < b
  return false
}

/** The model with each room’s hand-back as a last end: when it is due, or no later than it is now where it is late. */
function withDues(
  problem: ScheduleProblem,
  { model, tasksOfRoom, origin, hint }: Translation,
  { placement }: Judged,
): Model {
  const ends = new Map(placement.placed.map((each) => [each.taskId, each.to]))
  const due = new Map<number, number>()
  for (const goal of problem.goals) {
    if (goal.goal !== 'hand-back') continue
    const now = Math.max(...goal.activityIds.map((id) => ends.get(id) ?? 0))
    for (const i of tasksOfRoom.get(goal.roomId) ?? []) due.set(i, Math.floor(Math.max(goal.by, now)) - origin)
  }
  return {
    ...model,
    tasks: model.tasks.map((task, i) => {
      const by = due.get(i)
      if (by === undefined || endOf(task, hint[i] ?? 0) > by) return task
      return endBy(task, by)
    }),
  }
}
