import { intAt, nth, sure } from '../../base/units/sure'
import { countings } from './countings'
import { Guards, type Both } from './guards'
import { Kernel } from './kernel/kernel'
import { ABSENT, endOf, travelOf, type Model, type Schedule, type SharedResource } from './model'
import { type Network } from './network'
import { presenceOf } from './presence'
import { Stretches } from './propagators/stretches'
import { raised } from './ramp'

/** A model in the kernel: where each task’s start is, and where the end of all. */
export interface Built {
  readonly kernel: Kernel
  readonly starts: readonly number[]
  readonly end: number
  readonly guards: Guards
  /** False: it cannot be done, found out while building. */
  readonly isOpen: boolean
}

/** Which pairs of tasks are left to the kernel to put in order; the rest keep the order of the schedule at hand. */
export type Free = (i: number, j: number) => boolean

interface BuildSetup {
  readonly model: Model
  readonly network: Network
  /** A schedule whose orders are tried first; null for none. */
  readonly hint: Schedule | null
  /** Left out: all pairs are free. */
  readonly free?: Free
  /** Tasks that a neighbourhood frees; goes with `free`. */
  readonly isFreed?: (task: number) => boolean
  /** The end of all is at most this. */
  readonly most: number
}

/** What is looked at while a model is put into a kernel. */
interface Site {
  readonly setup: BuildSetup
  readonly model: Model
  readonly kernel: Kernel
  readonly starts: readonly number[]
  readonly guards: Guards
}

/** Puts a model into a kernel: starts, lags, an order for every pair that cannot run together, time-tables for the rest. */
export function build(setup: BuildSetup): Built {
  const { model, most } = setup
  const kernel = new Kernel()
  const guards = new Guards(kernel, model, setup.hint)
  const starts = model.tasks.map(({ starts: allowed }, i) =>
    allowed.length === 0 && guards.of[i]
      ? kernel.store.variable(0, 0)
      : kernel.store.variable(allowed[0] ?? 1, allowed.length > 0 ? intAt(allowed, allowed.length - 1) : 0, allowed),
  )
  const site: Site = { setup, model, kernel, starts, guards }
  const end = kernel.store.variable(0, most)
  model.tasks.forEach(({ minutes, finish, after }, i) => {
    if (after === null) return
    const [guard, bound] = atomOf(guards.of[i] ?? 'always')
    if (finish) kernel.lags.addRamp(nth(starts, i), end, after === 0 ? finish : raised(finish, after), guard, bound)
    else kernel.lags.add(nth(starts, i), end, minutes + after, guard, bound)
  })
  for (const { from, to, weight, ramp } of model.lags) {
    const both = guards.both(from, to)
    if (both === 'never') continue
    const [guard, bound] = atomOf(both)
    if (ramp) kernel.lags.addRamp(nth(starts, from), nth(starts, to), ramp, guard, bound)
    else kernel.lags.add(nth(starts, from), nth(starts, to), weight, guard, bound)
  }
  for (const shared of model.shared) addShared(site, shared)
  const canAll = model.tasks.every(({ starts: allowed }, i) => allowed.length > 0 || guards.of[i])
  const isOpen = canAll && kernel.open(rankBy(setup, starts)) && withoutStartless(site)
  return { kernel, starts, end, guards, isOpen }
}

/** What the kernel has found, as starts. */
export const scheduleIn = ({ kernel, starts, guards }: Built): Schedule =>
  Int32Array.from(starts, (view, i) => {
    const guard = guards.of[i]
    return guard && !kernel.store.holds(guard.view, guard.bound) ? ABSENT : intAt(kernel.store.lower, view)
  })

const ALWAYS = [undefined, undefined] as const
/** A guard as the lags take it. */
const atomOf = (both: Exclude<Both, 'never'>): readonly [number | undefined, number | undefined] =>
  both === 'always' ? ALWAYS : [both.view, both.bound]

/** A way with a task that may start nowhere is not taken. */
const withoutStartless = ({ model, kernel, guards }: Site): boolean =>
  model.tasks.every(({ starts }, i) => {
    const guard = guards.of[i]
    return starts.length > 0 || !guard || kernel.require(guard.view ^ 1, 1 - guard.bound)
  })

/** Views by the schedule at hand: from the front for what is earliest, from the back for what is latest. */
function rankBy({ hint }: BuildSetup, starts: readonly number[]): Int32Array | null {
  if (!hint) return null
  const rank = new Int32Array(2 * starts.length)
  starts.forEach((view, task) => {
    rank[view] = intAt(hint, task)
    rank[view + 1] = -intAt(hint, task)
  })
  return rank
}

function addShared(site: Site, shared: SharedResource): void {
  const { setup, model } = site
  const uses = shared.uses.filter(({ task, units }) => units > 0 && nth(model.tasks, task).minutes > 0)
  const together = uses.some((one, i) => uses.some((other, j) => i < j && one.units + other.units <= shared.capacity))
  if (setup.hint && setup.isFreed) return together ? keepUnits(site, shared) : keepOrder(site, shared, uses)
  for (const [i, one] of uses.entries())
    for (let j = i + 1; j < uses.length; j++)
      if (one.units + nth(uses, j).units > shared.capacity) order(site, shared, one.task, nth(uses, j).task)
  if (together) addCrew(site, shared, uses)
  // Dearer than the rest, so asked behind it.
  if (!setup.isFreed) addStretches(site, shared.capacity, uses)
}

function addCrew({ model, kernel, starts, guards }: Site, shared: SharedResource, uses: SharedResource['uses']): void {
  kernel.crew(
    uses.map(({ task, units }) => ({
      start: nth(starts, task),
      minutes: nth(model.tasks, task).minutes,
      units,
      guard: guards.of[task] ?? null,
    })),
    shared.capacity,
  )
  for (const { task } of uses) kernel.date(nth(starts, task))
}

/** Tasks up to which stretches are packed: more are seldom tight enough for what it costs. */
const PACKED = 160

/** What a crew’s shifts give must hold what can lie nowhere else. Work over breaks is left out. */
function addStretches({ model, kernel, starts, guards }: Site, capacity: number, uses: SharedResource['uses']): void {
  const own = uses.filter(
    ({ task }) =>
      nth(model.tasks, task).finish === null && nth(model.tasks, task).starts.length > 0 && !guards.of[task],
  )
  const there = presenceOf(own.map(({ task }) => nth(model.tasks, task)))
  if (own.length > PACKED || there.length < 2 || !Stretches.canHold(there)) return
  const held = own.map(({ task, units }) => ({
    start: nth(starts, task),
    minutes: nth(model.tasks, task).minutes,
    units,
  }))
  for (const way of countings(
    capacity,
    own.map(({ units }) => units),
  ))
    kernel.stretches(
      held.map((each) => ({ ...each, units: way.unitsOf(each.units) })).filter(({ units }) => units > 0),
      way.capacity,
      there,
    )
}

/**
 * Tasks of which no two run together, most of them in the order they have: a chain through those that are not freed, and for a
 * freed one choices up to where its reach ends.
 */
function keepOrder(site: Site, shared: SharedResource, uses: readonly { readonly task: number }[]): void {
  const { setup } = site
  const hint = sure(setup.hint)
  const isFreed = sure(setup.isFreed)
  const free = sure(setup.free)
  const line = uses.map(({ task }) => task).sort((a, b) => intAt(hint, a) - intAt(hint, b) || a - b)
  let before = -1
  line.forEach((task, at) => {
    if (!isFreed(task)) {
      if (before >= 0) order(site, shared, before, task)
      before = task
      return
    }
    // Forward to the first fixed one out of reach; backward only to fixed ones, which do not look for it.
    for (let next = at + 1; next < line.length; next++) {
      order(site, shared, task, nth(line, next))
      if (!isFreed(nth(line, next)) && !free(task, nth(line, next))) break
    }
    for (let prior = at - 1; prior >= 0; prior--) {
      if (isFreed(nth(line, prior))) continue
      order(site, shared, nth(line, prior), task)
      if (!free(nth(line, prior), task)) break
    }
  })
}

/**
 * Tasks of which several run together, in the units they hold: each unit goes from one unfreed task to the next, so that those
 * fit whatever their starts. Freed ones, and what lies in their time, are looked at minute by minute; what lies before or behind
 * that time stays so.
 */
function keepUnits(site: Site, { uses, capacity }: SharedResource): void {
  const { setup, model, kernel, starts } = site
  const hint = sure(setup.hint)
  const isFreed = sure(setup.isFreed)
  const own = uses.filter(({ task, units }) => units > 0 && nth(model.tasks, task).minutes > 0)
  const freed = own.filter(({ task }) => isFreed(task))
  const from = Math.min(...freed.map(({ task }) => intAt(hint, task)))
  const to = Math.max(...freed.map(({ task }) => endOf(nth(model.tasks, task), intAt(hint, task))))
  const order = own
    .filter(({ task }) => !isFreed(task))
    .sort((a, b) => intAt(hint, a.task) - intAt(hint, b.task) || a.task - b.task)
  // Of each unit: its last task so far, its last before the time of the freed ones, its first behind it.
  const last = new Int32Array(capacity).fill(-1)
  const tail = new Int32Array(capacity).fill(-1)
  const head = new Int32Array(capacity).fill(-1)
  const end = (task: number) => (task < 0 ? 0 : endOf(nth(model.tasks, task), intAt(hint, task)))
  for (const { task, units } of order) {
    const ready = [...last.keys()].filter((unit) => end(intAt(last, unit)) <= intAt(hint, task)).slice(-units)
    for (const unit of ready) {
      if (intAt(last, unit) >= 0) behind(site, intAt(last, unit), task, 0)
      last[unit] = task
      if (end(task) <= from) tail[unit] = task
      if (intAt(hint, task) >= to && intAt(head, unit) < 0) head[unit] = task
    }
  }
  for (const { task } of freed) {
    for (const each of new Set(tail)) if (each >= 0) behind(site, each, task, 0)
    for (const each of new Set(head)) if (each >= 0) behind(site, task, each, 0)
  }
  const looked = [...freed, ...order.filter(({ task }) => end(task) > from && intAt(hint, task) < to)]
  kernel.crew(
    looked.map(({ task, units }) => ({ start: nth(starts, task), minutes: nth(model.tasks, task).minutes, units })),
    capacity,
  )
  for (const { task } of looked) kernel.date(nth(starts, task))
}

/** One task wholly before another and the way between them, under a guard where there is one. */
function behind(
  { model, kernel, starts }: Site,
  first: number,
  then: number,
  way: number,
  guard?: number,
  bound?: number,
): void {
  const { minutes, finish } = nth(model.tasks, first)
  if (finish)
    kernel.lags.addRamp(nth(starts, first), nth(starts, then), way === 0 ? finish : raised(finish, way), guard, bound)
  else kernel.lags.add(nth(starts, first), nth(starts, then), minutes + way, guard, bound)
}

/** Two tasks that cannot run together: one behind the other, whichever is not decided already. */
function order(site: Site, shared: SharedResource, i: number, j: number): void {
  const { model, setup, guards, kernel } = site
  const { network, hint, free } = setup
  const both = guards.both(i, j)
  if (both === 'never') return
  const [one, other] = [nth(model.tasks, i), nth(model.tasks, j)]
  const way = travelOf(shared.travel, i, j)
  const put = (first: number, then: number) => behind(site, first, then, way, ...atomOf(both))
  if (network.at(i, j) >= one.minutes + way || network.at(j, i) >= other.minutes + way) {
    // Their lags say so; where work goes over breaks they may say less than its end.
    const isSo = network.at(i, j) >= one.minutes + way
    if (one.finish || other.finish) put(...(isSo ? ([i, j] as const) : ([j, i] as const)))
    return
  }
  const canLead = fits(model, i, j, way) && network.at(j, i) + one.minutes + way <= 0
  const canFollow = fits(model, j, i, way) && network.at(i, j) + other.minutes + way <= 0
  if (!canFollow) return put(i, j)
  if (!canLead) return put(j, i)
  const isFirst = hint === null || intAt(hint, i) < intAt(hint, j) || (hint[i] === hint[j] && i < j)
  if (free && hint && !free(i, j)) return isFirst ? put(i, j) : put(j, i)
  if (both === 'always') {
    const choice = kernel.choice(isFirst)
    behind(site, i, j, way, choice, 1)
    behind(site, j, i, way, choice + 1, 0)
    return
  }
  // Only if both are done has one to go before the other; what is not done is held by nothing.
  const isDone = hint !== null && hint[i] !== ABSENT && hint[j] !== ABSENT
  const leads = kernel.choice(isFirst && isDone)
  const follows = kernel.store.variable(0, 1)
  behind(site, i, j, way, leads, 1)
  behind(site, j, i, way, follows, 1)
  kernel.nogood([both.view, both.bound, leads + 1, 0, follows + 1, 0])
}

/** Whether one, and the way from it, can end before the other’s last start. */
function fits(model: Model, i: number, j: number, way: number): boolean {
  const [one, other] = [nth(model.tasks, i).starts, nth(model.tasks, j).starts]
  if (one.length === 0 || other.length === 0) return true
  return intAt(one, 0) + nth(model.tasks, i).minutes + way <= intAt(other, other.length - 1)
}
