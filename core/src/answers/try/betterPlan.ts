import { intAt, sure } from '../../base/units/sure'
import { endBy } from '../../solve/engine/endBy'
import { improve, type Answer } from '../../solve/engine/improve'
import { serialSchemeOf, layOut } from '../../solve/engine/firstSchedule'
import { PLAN_GOALS, type PlanGoal } from '../../base/nouns'
import { endOf, type Model, type Schedule } from '../../solve/engine/model'
import type { Placement } from '../../planning/plan/placement'
import type { PlanPrice, PriceOf } from '../../planning/price/planPrice'
import { translate, type Translation } from '../../planning/plan/problemModel'
import { readiedLater } from '../../planning/plan/tidied'
import type { ScheduleProblem } from '../../planning/problem/problem'
import { seededNumbers } from '../../base/units/seeded'
import { closedUp } from '../chain/closedUp'
import { isBetter, judged, type Judged } from '../chain/judge'
import { cheaperIn } from '../chain/cheaperIn'
import { lateRoomsOf, lendHands, type Lent } from '../chain/lendHands'
import { placeFirst } from '../../planning/plan/placeFirst'

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
  /** What it costs less than the plan it began with, part by part; null where plans were not compared by price. */
  readonly prices: { readonly before: PlanPrice; readonly after: PlanPrice } | null
}

export interface BetterWays {
  readonly isOver: () => boolean
  readonly seed: number
  /** What it is judged by, the weightiest first; left out, the usual order. */
  readonly goals?: readonly PlanGoal[]
  /** What plans cost: they are compared by it instead of by goals. */
  readonly priceOf?: PriceOf
  /** Rooms that are done as the plan at hand has them. */
  readonly leftAlone?: ReadonlySet<string>
  /** Nobody has been told who does what: crews may lend each other a hand. */
  readonly mayLend?: boolean
  /** How much of its time is over, 0 … 1; left out, time is no matter. */
  readonly spent?: () => number
  /** Rounds of search after which it stops whatever the time. */
  readonly rounds?: number
  readonly onProgress?: (better: Better) => void
}

/**
 * Improves a plan by its goals in order: no promise of the plan at hand is broken, and as usual rooms that are late become less so,
 * then all ends sooner, then there are fewer ways between rooms, then each thing is done as soon as it can be. What comes out has
 * passed the same check as any plan.
 */
export function betterPlan(problem: ScheduleProblem, plan: Placement, ways: BetterWays): Better {
  const task = translate(problem, plan)
  const { priceOf = null } = ways
  const before = judged(problem, plan, priceOf)
  const random = seededNumbers(ways.seed)
  const { goals = PLAN_GOALS } = ways
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
    prices: before.price && best.price && { before: before.price, after: best.price },
  })
  const offerPlan = (placement: Placement): void => {
    const found = judged(problem, closedUp(problem, readiedLater(problem, placement)), priceOf)
    if (isBetter(found, best, goals)) best = found
  }
  const offer = (schedule: Schedule): void => offerPlan(task.placementOf(schedule))
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
  const scheme = serialSchemeOf(model)
  const anew = laidAnew(model, best === before ? task.hint : startsIn(task, best))
  if (anew) offer(anew)
  // The price first, however much time there is: how soon all could end at most is told after.
  if (priceOf) {
    const rounds = ways.rounds ?? MOST_TRIED
    const { leftAlone = new Set(), spent = () => 0 } = ways
    const until = (share: number) => () => ways.isOver() || spent() > share
    const cheaper = { priceOf, leftAlone, random, rounds }
    // A room that is late has its price: no order is ruled out for it.
    const free = serialSchemeOf(task.model)
    const alone = { problem, task, scheme: free, from: startsIn(task, best), isOver: until(ways.mayLend ? ALONE : 1) }
    offer(cheaperIn({ ...cheaper, ...alone }))
    const lent = ways.mayLend
      ? lendHands({
          problem,
          early: placeFirst(problem),
          priceOf,
          roomsOf: roomsToHelp(problem, leftAlone),
          tries: rounds,
          isOver: until(LENT),
        })
      : null
    const helped = lent && cheaperLent(lent, { ...cheaper, isOver: ways.isOver })
    if (helped) offerPlan(helped)
  }
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
    const { schedule } = answer
    const soon = layOut(scheme, (i) => -intAt(schedule, i))
    if (soon) offer(soon)
    const rooms = layOut(scheme, roomByRoom(task, schedule))
    if (rooms) offer(rooms)
  }
  return told(isProved(answer, task, best))
}

/** Up to which share of its time a search tries orders by which each crew stays in its rooms, and then others' help. From memory. */
const [ALONE, LENT] = [0.4, 0.7]

/** Rooms in which help may win something: late ones first, then all that are not left alone. */
const roomsToHelp =
  ({ activities }: ScheduleProblem, leftAlone: ReadonlySet<string>) =>
  (plan: Judged): string[] =>
    [...new Set([...lateRoomsOf(plan), ...activities.map(({ roomId }) => roomId)])].filter(
      (roomId) => !leftAlone.has(roomId),
    )

/** The cheapest order for work that was given to whoever does it. Null where it cannot be laid out. */
function cheaperLent(
  { problem, plan }: Lent,
  ways: Pick<Parameters<typeof cheaperIn>[0], 'priceOf' | 'leftAlone' | 'random' | 'rounds' | 'isOver'>,
): Placement | null {
  const task = translate(problem, plan.placement)
  const from = laidAnew(task.model, task.hint)
  if (!from) return null
  return task.placementOf(cheaperIn({ ...ways, problem, task, scheme: serialSchemeOf(task.model), from }))
}

/** Schedules that are tried by price at most, however much time there is. */
const MOST_TRIED = 1500

/** Rounds that are spent on late rooms before all else. */
const LATE_ROUNDS = 25

/** A schedule’s order laid out anew: what was broken up for something urgent is whole again. Null where it cannot be. */
function laidAnew(model: Model, schedule: Schedule): Schedule | null {
  return layOut(serialSchemeOf(model), (i) => -intAt(schedule, i))
}

/** Weights by which rooms come one after another, each with what it began with first. */
function roomByRoom({ model, tasksOfRoom }: Translation, schedule: Schedule): (task: number) => number {
  const begins = new Map<number, number>()
  for (const own of tasksOfRoom.values()) {
    const first = Math.min(...own.map((i) => intAt(schedule, i)))
    for (const i of own) begins.set(i, first)
  }
  return (i) => -(begins.get(i) ?? 0) * model.horizon - intAt(schedule, i)
}

/** The starts of a plan, by the model’s tasks. */
function startsIn({ model, origin }: Translation, { placement }: Judged): Schedule {
  const at = new Map(placement.placed.map((task) => [task.taskId, task.from - origin]))
  return Int32Array.from(model.tasks.map(({ id }) => sure(at.get(id))))
}

type RoomModel = Pick<Translation, 'model' | 'tasksOfRoom'>

/** The model with lateness as its goal: only rooms that are late count, each from when it is due. */
export function lateness(problem: ScheduleProblem, { model, tasksOfRoom }: RoomModel, { late }: Judged): Model {
  const rooms = new Set(late.map((each) => each.other))
  const dues = problem.goals.flatMap((goal) => (goal.goal === 'hand-back' && rooms.has(goal.roomId) ? [goal] : []))
  const last = Math.max(...dues.map((goal) => goal.by))
  const after = new Map<number, number>()
  for (const goal of dues) for (const i of tasksOfRoom.get(goal.roomId) ?? []) after.set(i, Math.round(last - goal.by))
  return { ...model, tasks: model.tasks.map((task, i) => ({ ...task, after: after.get(i) ?? null })) }
}

const isProved = (answer: Answer, task: Translation, best: Judged): boolean =>
  answer.status === 'optimal' && answer.makespan !== null && best.endsAt <= task.origin + answer.makespan

/** The model with each room’s hand-back as a last end: when it is due, or no later than it is now where it is late. */
export function withDues(
  problem: ScheduleProblem,
  { model, tasksOfRoom, origin, hint }: RoomModel & Pick<Translation, 'origin' | 'hint'>,
  { placement }: Judged,
): Model {
  const ends = new Map(placement.placed.map((task) => [task.taskId, task.to]))
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
      if (by === undefined || endOf(task, intAt(hint, i)) > by) return task
      return endBy(task, by)
    }),
  }
}
