/* eslint-disable @typescript-eslint/no-non-null-assertion -- flat arrays in inner loops: every index is made by the code around it */
import { countings } from './countings'
import { Kernel } from './kernel/kernel'
import { endOf, type Model, type Schedule, type Shared } from './model'
import { type Network } from './network'
import { presenceOf } from './presence'
import { Stretches } from './propagators/stretches'
import { raised } from './ramp'

/** A model in the kernel: where each task’s start is, and where the end of all. */
export interface Built {
  readonly kernel: Kernel
  readonly starts: readonly number[]
  readonly end: number
  /** False: it cannot be done, found out while building. */
  readonly isOpen: boolean
}

/** Which pairs of tasks are left to the kernel to put in order; the rest keep the order of the schedule at hand. */
export type Free = (i: number, j: number) => boolean

export interface BuildSetup {
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

/** Puts a model into a kernel: starts, lags, an order for every pair that cannot run together, time-tables for the rest. */
export function build(setup: BuildSetup): Built {
  const { model, most } = setup
  const kernel = new Kernel()
  const starts = model.tasks.map(({ starts: allowed }) =>
    kernel.store.variable(allowed[0] ?? 1, allowed.length > 0 ? allowed[allowed.length - 1]! : 0, allowed),
  )
  const end = kernel.store.variable(0, most)
  model.tasks.forEach(({ minutes, finish, after }, i) => {
    if (after === null) return
    if (finish) kernel.lags.addRamp(starts[i]!, end, after === 0 ? finish : raised(finish, after))
    else kernel.lags.add(starts[i]!, end, minutes + after)
  })
  for (const { from, to, weight, ramp } of model.lags)
    if (ramp) kernel.lags.addRamp(starts[from]!, starts[to]!, ramp)
    else kernel.lags.add(starts[from]!, starts[to]!, weight)
  for (const shared of model.shared) addShared(setup, kernel, starts, shared)
  const isOpen = model.tasks.every(({ starts: allowed }) => allowed.length > 0) && kernel.open(rankBy(setup, starts))
  return { kernel, starts, end, isOpen }
}

/** Views by the schedule at hand: from the front for what is earliest, from the back for what is latest. */
function rankBy({ hint }: BuildSetup, starts: readonly number[]): Int32Array | null {
  if (!hint) return null
  const rank = new Int32Array(2 * starts.length)
  starts.forEach((view, task) => {
    rank[view] = hint[task]!
    rank[view + 1] = -hint[task]!
  })
  return rank
}

function addShared(setup: BuildSetup, kernel: Kernel, starts: readonly number[], shared: Shared): void {
  const { model } = setup
  const uses = shared.uses.filter(({ task, units }) => units > 0 && model.tasks[task]!.minutes > 0)
  const together = uses.some((one, i) => uses.some((other, j) => i < j && one.units + other.units <= shared.capacity))
  if (!setup.isFreed) addStretches(model, kernel, starts, shared.capacity, uses)
  if (setup.hint && setup.isFreed)
    return together ? keepUnits(setup, kernel, starts, shared) : keepOrder(setup, kernel, starts, uses)
  for (const [i, one] of uses.entries())
    for (let j = i + 1; j < uses.length; j++)
      if (one.units + uses[j]!.units > shared.capacity) order(setup, kernel, starts, one.task, uses[j]!.task)
  if (!together) return
  kernel.crew(
    uses.map(({ task, units }) => ({ start: starts[task]!, minutes: model.tasks[task]!.minutes, units })),
    shared.capacity,
  )
  for (const { task } of uses) kernel.date(starts[task]!)
}

/** Tasks up to which stretches are packed: more are seldom tight enough for what it costs. */
const PACKED = 160

/** What a crew’s shifts give must hold what can lie nowhere else. Work over breaks is left out. */
function addStretches(
  model: Model,
  kernel: Kernel,
  starts: readonly number[],
  capacity: number,
  uses: Shared['uses'],
): void {
  const own = uses.filter(({ task }) => model.tasks[task]!.finish === null && model.tasks[task]!.starts.length > 0)
  const there = presenceOf(own.map(({ task }) => model.tasks[task]!))
  if (own.length > PACKED || there.length < 2 || there.length > Stretches.most) return
  const held = own.map(({ task, units }) => ({ start: starts[task]!, minutes: model.tasks[task]!.minutes, units }))
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
function keepOrder(
  setup: BuildSetup,
  kernel: Kernel,
  starts: readonly number[],
  uses: readonly { readonly task: number }[],
): void {
  const hint = setup.hint!
  const isFreed = setup.isFreed!
  const free = setup.free!
  const line = uses.map(({ task }) => task).sort((a, b) => hint[a]! - hint[b]! || a - b)
  let before = -1
  line.forEach((task, at) => {
    if (!isFreed(task)) {
      if (before >= 0) order(setup, kernel, starts, before, task)
      before = task
      return
    }
    // Forward to the first fixed one out of reach; backward only to fixed ones, which do not look for it.
    for (let next = at + 1; next < line.length; next++) {
      order(setup, kernel, starts, task, line[next]!)
      if (!isFreed(line[next]!) && !free(task, line[next]!)) break
    }
    for (let prior = at - 1; prior >= 0; prior--) {
      if (isFreed(line[prior]!)) continue
      order(setup, kernel, starts, line[prior]!, task)
      if (!free(line[prior]!, task)) break
    }
  })
}

/**
 * Tasks of which several run together, in the units they hold: each unit goes from one unfreed task to the next, so that those
 * fit whatever their starts. Freed ones, and what lies in their time, are looked at minute by minute; what lies before or behind
 * that time stays so.
 */
function keepUnits(setup: BuildSetup, kernel: Kernel, starts: readonly number[], { uses, capacity }: Shared): void {
  const { model } = setup
  const hint = setup.hint!
  const own = uses.filter(({ task, units }) => units > 0 && model.tasks[task]!.minutes > 0)
  const freed = own.filter(({ task }) => setup.isFreed!(task))
  const from = Math.min(...freed.map(({ task }) => hint[task]!))
  const to = Math.max(...freed.map(({ task }) => endOf(model.tasks[task]!, hint[task]!)))
  const order = own
    .filter(({ task }) => !setup.isFreed!(task))
    .sort((a, b) => hint[a.task]! - hint[b.task]! || a.task - b.task)
  // Of each unit: its last task so far, its last before the time of the freed ones, its first behind it.
  const last = new Int32Array(capacity).fill(-1)
  const tail = new Int32Array(capacity).fill(-1)
  const head = new Int32Array(capacity).fill(-1)
  const end = (task: number) => (task < 0 ? 0 : endOf(model.tasks[task]!, hint[task]!))
  for (const { task, units } of order) {
    const ready = [...last.keys()].filter((unit) => end(last[unit]!) <= hint[task]!).slice(-units)
    for (const unit of ready) {
      if (last[unit]! >= 0) behind(model, kernel, starts, last[unit]!, task)
      last[unit] = task
      if (end(task) <= from) tail[unit] = task
      if (hint[task]! >= to && head[unit]! < 0) head[unit] = task
    }
  }
  for (const { task } of freed) {
    for (const each of new Set(tail)) if (each >= 0) behind(model, kernel, starts, each, task)
    for (const each of new Set(head)) if (each >= 0) behind(model, kernel, starts, task, each)
  }
  const looked = [...freed, ...order.filter(({ task }) => end(task) > from && hint[task]! < to)]
  kernel.crew(
    looked.map(({ task, units }) => ({ start: starts[task]!, minutes: model.tasks[task]!.minutes, units })),
    capacity,
  )
  for (const { task } of looked) kernel.date(starts[task]!)
}

/** One task wholly before another, under a guard where there is one. */
function behind(
  model: Model,
  kernel: Kernel,
  starts: readonly number[],
  first: number,
  then: number,
  guard?: number,
  bound?: number,
): void {
  const { minutes, finish } = model.tasks[first]!
  if (finish) kernel.lags.addRamp(starts[first]!, starts[then]!, finish, guard, bound)
  else kernel.lags.add(starts[first]!, starts[then]!, minutes, guard, bound)
}

/** Two tasks that cannot run together: one behind the other, whichever is not decided already. */
function order(
  { model, network, hint, free }: BuildSetup,
  kernel: Kernel,
  starts: readonly number[],
  i: number,
  j: number,
): void {
  const [one, other] = [model.tasks[i]!, model.tasks[j]!]
  const put = (first: number, then: number, guard?: number, bound?: number) =>
    behind(model, kernel, starts, first, then, guard, bound)
  if (network.at(i, j) >= one.minutes || network.at(j, i) >= other.minutes) {
    // Their lags say so; where work goes over breaks they may say less than its end.
    if (one.finish || other.finish) put(...(network.at(i, j) >= one.minutes ? ([i, j] as const) : ([j, i] as const)))
    return
  }
  const canLead = fits(model, i, j) && network.at(j, i) + one.minutes <= 0
  const canFollow = fits(model, j, i) && network.at(i, j) + other.minutes <= 0
  if (!canFollow) return put(i, j)
  if (!canLead) return put(j, i)
  const isFirst = hint === null || hint[i]! < hint[j]! || (hint[i] === hint[j] && i < j)
  if (free && hint && !free(i, j)) return isFirst ? put(i, j) : put(j, i)
  const choice = kernel.choice(isFirst)
  put(i, j, choice, 1)
  put(j, i, choice + 1, 0)
}

/** Whether one can end before the other’s last start. */
function fits(model: Model, i: number, j: number): boolean {
  const [one, other] = [model.tasks[i]!.starts, model.tasks[j]!.starts]
  if (one.length === 0 || other.length === 0) return true
  return one[0]! + model.tasks[i]!.minutes <= other[other.length - 1]!
}
