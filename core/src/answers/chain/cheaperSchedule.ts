import { intAt, nth, sure } from '../../base/units/sure'
import { layOut, type SerialScheme } from '../../solve/engine/firstSchedule'
import type { PlanPrice } from '../../planning/price/planPrice'
import { endOf, type Model, type Schedule } from '../../solve/engine/model'
import { shared, startsOf } from '../../solve/engine/starts'

interface CheaperSetup {
  readonly scheme: SerialScheme
  /** Tasks of the model by room, of those whose order may be changed. */
  readonly tasksOfRoom: ReadonlyMap<string, readonly number[]>
  /** When the schedule at hand ends, minutes of the model. */
  readonly endsAt: number
  /** Minutes of the model at which the days of each crew begin, in order; also one behind the end, for what waits too long. */
  readonly mornings: ReadonlyMap<string, readonly number[]>
  /** When rooms are due, in minutes of the model. */
  readonly dueOf: ReadonlyMap<string, number>
  /** Which crew does each task. */
  readonly crewOf: readonly string[]
  /** Where the search begins, and what a schedule costs, with its crews' days in minutes of the model. */
  readonly from: Schedule
  readonly priceOf: (schedule: Schedule) => Priced
  readonly random: () => number
  readonly isOver: () => boolean
  /** Schedules that are tried at most. */
  readonly rounds: number
}

interface Priced extends Pick<PlanPrice, 'totalMinor' | 'days'> {
  /** No room is late that is not where the search begins: a promise that is kept is not sold. */
  readonly isKept: boolean
}

/** What a schedule is laid out by: who goes first, and before when nothing of a task begins. */
interface Order {
  readonly weights: Float64Array
  readonly releases: Int32Array
}

/** How much dearer than the best a step may be at the beginning, as a share of its cost; it falls to nothing. From memory. */
const FIRST_HEAT = 0.004
/** How often the next step begins with a room that is late. From memory. */
const WHERE_LATE = 0.35
/** How often the next step begins where a crew waits, rather than anywhere. From memory. */
const WHERE_WAITED = 0.35
/** How often something else waits for a late room, and a room that was held back is let go. From memory. */
const [WAITS_FOR_LATE, LET_GO] = [0.5, 0.4]
/** Up to which draw of 0 … 1 a step is of each kind; beyond them a task goes elsewhere in the order. From memory. */
const STEPS = { roomInOrder: 0.3, roomOnMorning: 0.55, taskOnMorning: 0.8 } as const
/** Waiting for less is nothing to change a day for, min. From memory. */
const LEAST_WAIT_MIN = 20

/** How far a task or a room is put forward or back in the order, min. */
const SHIFT_MIN = 1440

/**
 * A cheaper schedule, by local search over orders: a room or a task goes sooner or later in the order, or is not begun before some
 * morning, and all is laid out anew as early as that lets it; worse steps are taken less and less (simulated annealing). Each
 * schedule keeps the model.
 *
 * @returns the cheapest found; `from` where there is none
 */
export function cheaperSchedule(setup: CheaperSetup): Schedule {
  const { scheme, from, priceOf, random, isOver, rounds } = setup
  let order: Order = {
    weights: Float64Array.from(from, (start) => -start),
    releases: new Int32Array(from.length),
  }
  let [at, here, best] = [priceOf(from), from, from]
  let least = at.totalMinor
  if (setup.tasksOfRoom.size === 0) return from
  for (let round = 0; round < rounds && !isOver(); round++) {
    const next = changed(setup, order, here, at.days)
    const schedule = layOut(released(scheme, next.releases), (i) => sure(next.weights[i]))
    if (!schedule) continue
    const price = priceOf(schedule)
    const by = price.totalMinor - at.totalMinor
    const heat = FIRST_HEAT * least * (1 - round / rounds)
    if (by > 0 && random() >= Math.exp(-by / Math.max(heat, 1e-9))) continue
    order = next
    at = price
    here = schedule
    // The search may go by way of a late room; what it ends with may not.
    if (price.isKept && price.totalMinor < least) [least, best] = [price.totalMinor, schedule]
  }
  return best
}

/** The scheme with tasks that do not begin before their release. */
function released(scheme: SerialScheme, releases: Int32Array): SerialScheme {
  if (releases.every((release) => release === 0)) return scheme
  const { model } = scheme
  const later: Model = {
    ...model,
    tasks: model.tasks.map((task, i) => {
      const release = intAt(releases, i)
      return release === 0 ? task : { ...task, starts: shared(task.starts, startsOf([[release, model.horizon]])) }
    }),
  }
  return { ...scheme, model: later }
}

/** One step from an order, and from the schedule it gave: mostly where a room is late or somebody waits. */
function changed(setup: CheaperSetup, order: Order, here: Schedule, days: PlanPrice['days']): Order {
  const next = { weights: order.weights.slice(), releases: order.releases.slice() }
  const late = setup.random() < WHERE_LATE ? lateRooms(setup, here) : []
  if (late.length > 0) return hastened(setup, next, late)
  const waiting = setup.random() < WHERE_WAITED ? behindWait(setup, here, days) : []
  if (waiting.length > 0) return putOff(setup, next, here, waiting)
  return changedAnywhere(setup, next, here)
}

const pick = <T>({ random }: Pick<CheaperSetup, 'random'>, list: readonly T[]): T =>
  nth(list, Math.floor(random() * list.length))

/** A late room sooner; what else there is may wait for another morning. */
function hastened(setup: CheaperSetup, order: Order, late: readonly (readonly number[])[]): Order {
  const { tasksOfRoom, random } = setup
  for (const i of pick(setup, late)) {
    order.weights[i] = sure(order.weights[i]) + random() * 2 * SHIFT_MIN
    order.releases[i] = 0
  }
  const morning = anyMorning(setup)
  if (random() >= WAITS_FOR_LATE || tasksOfRoom.size < 2) return order
  const others = [...tasksOfRoom.values()].filter((room) => !late.includes(room))
  for (const i of pick(setup, [...others, []])) order.releases[i] = ownMorning(setup, i, morning)
  return order
}

/** What stands behind a wait on the next morning. */
function putOff(setup: CheaperSetup, order: Order, here: Schedule, waiting: readonly number[]): Order {
  const first = waiting.reduce((a, b) => (intAt(here, b) < intAt(here, a) ? b : a))
  const next = nextMorning(setup, first, here)
  for (const i of waiting) order.releases[i] = ownMorning(setup, i, next)
  return order
}

/** The morning after a task's start, of whoever does it; none, 0. */
const nextMorning = ({ mornings, crewOf }: CheaperSetup, i: number, here: Schedule): number =>
  mornings.get(nth(crewOf, i))?.find((morning) => morning > intAt(here, i)) ?? 0

/** Some morning of somebody; none, 0. */
const anyMorning = (setup: CheaperSetup): number => {
  const all = [...setup.mornings.values()].flat().filter((at) => at <= setup.endsAt)
  return all.length > 0 ? pick(setup, all) : 0
}

/** When whoever does a task begins on the day of a morning: nobody waits for the hour of others. */
const ownMorning = ({ mornings, crewOf }: CheaperSetup, i: number, morning: number): number =>
  morning === 0 ? 0 : (mornings.get(nth(crewOf, i))?.find((own) => own > morning - SHIFT_MIN / 2) ?? morning)

/** A room or a task sooner or later in the order, or on another morning. */
function changedAnywhere(setup: CheaperSetup, order: Order, here: Schedule): Order {
  const { tasksOfRoom, random } = setup
  const rooms = [...tasksOfRoom.values()]
  const { weights, releases } = order
  const shift = () => (random() * 2 - 1) * SHIFT_MIN
  const step = random()
  if (step < STEPS.roomInOrder && rooms.length > 1) {
    const by = shift()
    for (const i of pick(setup, rooms)) weights[i] = sure(weights[i]) + by
  } else if (step < STEPS.roomOnMorning) {
    const morning = random() < LET_GO ? 0 : anyMorning(setup)
    for (const i of pick(setup, rooms)) releases[i] = ownMorning(setup, i, morning)
  } else {
    const i = pick(setup, pick(setup, rooms))
    if (step >= STEPS.taskOnMorning) weights[i] = sure(weights[i]) + shift()
    else releases[i] = intAt(releases, i) > 0 ? 0 : nextMorning(setup, i, here)
  }
  return order
}

/** Rooms that end behind their due. */
const lateRooms = ({ scheme, tasksOfRoom, dueOf }: CheaperSetup, here: Schedule): (readonly number[])[] =>
  [...dueOf].flatMap(([roomId, due]) => {
    const own = tasksOfRoom.get(roomId) ?? []
    return own.some((i) => endOf(nth(scheme.model.tasks, i), intAt(here, i)) > due) ? [own] : []
  })

/** What a crew does behind the longest wait of one of its days, any such day as likely as it waits long; or one room of it. */
function behindWait({ crewOf, tasksOfRoom, random }: CheaperSetup, here: Schedule, days: PlanPrice['days']): number[] {
  const idle = days.filter(({ idleMin }) => idleMin > LEAST_WAIT_MIN)
  let left = random() * idle.reduce((sum, day) => sum + day.idleMin, 0)
  const day = idle.find(({ idleMin }) => (left -= idleMin) <= 0)
  if (!day) return []
  const own = [...tasksOfRoom.values()]
    .flat()
    .filter((i) => crewOf[i] === day.crewId && intAt(here, i) >= day.from && intAt(here, i) < day.to)
    .sort((a, b) => intAt(here, a) - intAt(here, b))
  const gaps = own.map((i, k) => (k === 0 ? 0 : intAt(here, i) - intAt(here, nth(own, k - 1))))
  const behind = own.slice(gaps.indexOf(Math.max(...gaps)))
  if (behind.length === 0 || random() < 0.5) return behind
  const room = new Set([...tasksOfRoom.values()].find((list) => list.includes(nth(behind, 0))))
  return behind.filter((i) => room.has(i))
}
