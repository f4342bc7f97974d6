import { intAt, nth, sure } from '../../base/units/sure'
import { blocksOf } from './blocks'
import { endOf, makespanOf, type ModelLag, type Model, type Schedule } from './model'
import { Profile } from './profile'
import { rampAt } from './ramp'
import { RouteProfile } from './route'
import { between, NEVER } from './starts'

/** What serial generation looks things up in; made once for a model. */
export interface SerialScheme {
  readonly model: Model
  /** Tasks that go on the table together, each behind all it waits for; blocks too. */
  readonly blocks: readonly (readonly number[])[]
  /** How many blocks each waits for, and which wait for it. */
  readonly waits: Int32Array
  readonly behind: readonly (readonly number[])[]
  readonly into: readonly (readonly ModelLag[])[]
  readonly outOf: readonly (readonly ModelLag[])[]
  readonly uses: readonly (readonly { readonly shared: number; readonly units: number }[])[]
  /** Minutes from a task’s start to the end of all that must follow. */
  readonly tail: Int32Array
}

export function serialSchemeOf(model: Model): SerialScheme {
  const count = model.tasks.length
  const blocks = blocksOf(model)
  const into: ModelLag[][] = Array.from({ length: count }, () => [])
  const outOf: ModelLag[][] = Array.from({ length: count }, () => [])
  for (const lag of model.lags) {
    nth(into, lag.to).push(lag)
    nth(outOf, lag.from).push(lag)
  }
  const uses: { shared: number; units: number }[][] = Array.from({ length: count }, () => [])
  model.shared.forEach((resource, shared) => {
    for (const { task, units } of resource.uses)
      if (nth(model.tasks, task).minutes > 0) nth(uses, task).push({ shared, units })
  })
  const tail = tailsOf(model, blocks, outOf)
  return {
    model,
    blocks: blocks.map((block) => orderOf({ into, tail }, block)),
    ...queueOf(blocks, into),
    into,
    outOf,
    uses,
    tail,
  }
}

function tailsOf({ tasks }: Model, blocks: readonly (readonly number[])[], outOf: readonly (readonly ModelLag[])[]) {
  const tail = Int32Array.from(tasks.map(({ minutes, after }) => minutes + (after ?? 0)))
  for (const block of [...blocks].reverse())
    // Within a block lags go both ways: a few rounds settle it well enough for a rule of thumb.
    for (let round = 0; round < Math.min(3, block.length); round++)
      for (const task of [...block].reverse())
        for (const { to, weight, ramp } of nth(outOf, task))
          if (weight > 0 || ramp)
            tail[task] = Math.max(
              intAt(tail, task),
              intAt(tail, to) + Math.max(weight, ramp ? rampAt(ramp, ramp.start) - ramp.start : 0),
            )
  return tail
}

/** Which block waits for which. */
function queueOf(
  blocks: readonly (readonly number[])[],
  into: readonly (readonly ModelLag[])[],
): Pick<SerialScheme, 'waits' | 'behind'> {
  const blockOf = new Map(blocks.flatMap((block, b) => block.map((task) => [task, b] as const)))
  const behind: number[][] = blocks.map(() => [])
  const waits = Int32Array.from(
    blocks.map((block, b) => {
      const before = new Set(block.flatMap((task) => nth(into, task).map(({ from }) => sure(blockOf.get(from)))))
      before.delete(b)
      for (const each of before) nth(behind, each).push(b)
      return before.size
    }),
  )
  return { waits, behind }
}

/** Tasks of a block, each behind what it waits for within it; longest waits do not count. */
function orderOf({ into, tail }: Pick<SerialScheme, 'into' | 'tail'>, block: readonly number[]): readonly number[] {
  if (block.length === 1) return block
  const own = new Set(block)
  const waits = new Map(
    block.map((task) => [task, nth(into, task).filter((lag) => own.has(lag.from) && !isLimit(lag)).length]),
  )
  const order: number[] = []
  const open = block.filter((task) => waits.get(task) === 0)
  const behind = new Map<number, number[]>()
  for (const task of block)
    for (const lag of nth(into, task))
      if (own.has(lag.from) && !isLimit(lag)) behind.set(lag.from, [...(behind.get(lag.from) ?? []), task])
  while (open.length > 0) {
    open.sort((a, b) => intAt(tail, b) - intAt(tail, a))
    const task = sure(open.shift())
    order.push(task)
    for (const next of behind.get(task) ?? []) {
      waits.set(next, sure(waits.get(next)) - 1)
      if (waits.get(next) === 0) open.push(next)
    }
  }
  // Circles of waits that all point forward cannot be kept; the rest goes as it stands and will be found wrong.
  return order.length === block.length ? order : [...order, ...block.filter((task) => !order.includes(task))]
}

/** A lag that only keeps its end from being much earlier: the other side of a longest wait. */
const isLimit = ({ weight, ramp }: ModelLag): boolean => ramp === null && weight < 0

/**
 * Serial generation over blocks (Franck, Neumann & Schwindt 2001): of all blocks whose predecessors stand, the one of most
 * weight goes next, each of its tasks as early as lags, starts and crews let it. Where a longest wait breaks, what went too
 * early is taken off and held back, and the block is laid anew.
 *
 * @param weight  of a task; the larger goes first  @returns null when a block found no place
 */
export function layOut(scheme: SerialScheme, weight: (task: number) => number): Schedule | null {
  const { model, blocks, behind } = scheme
  const starts = new Int32Array(model.tasks.length).fill(-1)
  const profiles = model.shared.map(({ capacity, travel }) =>
    travel ? new RouteProfile(travel) : new Profile(capacity),
  )
  const waiting = scheme.waits.slice()
  const rank = blocks.map((block) => Math.max(...block.map(weight)))
  const ready = blocks.flatMap((_, b) => (waiting[b] === 0 ? [b] : []))
  while (ready.length > 0) {
    let best = 0
    for (let i = 1; i < ready.length; i++) if (nth(rank, nth(ready, i)) > nth(rank, nth(ready, best))) best = i
    const b = sure(ready.splice(best, 1)[0])
    if (!layBlock(scheme, nth(blocks, b), starts, profiles)) return null
    for (const next of nth(behind, b)) {
      waiting[next] = intAt(waiting, next) - 1
      if (waiting[next] === 0) ready.push(next)
    }
  }
  return starts
}

/** Times a block is laid anew before it is given up. */
const ROUNDS = 400

function layBlock(
  scheme: SerialScheme,
  block: readonly number[],
  starts: Schedule,
  profiles: readonly (Profile | RouteProfile)[],
): boolean {
  const { model, into, uses } = scheme
  const least = new Map<number, number>()
  const placed: number[] = []
  const off = () => {
    for (const task of placed.splice(0)) hold(task, -1)
  }
  const hold = (task: number, sign: 1 | -1) => {
    const at = intAt(starts, task)
    for (const { shared, units } of nth(uses, task))
      nth(profiles, shared).add(at, endOf(nth(model.tasks, task), at), sign * units, task)
    if (sign < 0) starts[task] = -1
  }
  for (let round = 0; round < ROUNDS; round++) {
    let held: number | null = null
    for (const task of block) {
      let from = Math.max(0, least.get(task) ?? 0)
      for (const lag of nth(into, task))
        if (intAt(starts, lag.from) >= 0) from = Math.max(from, after(lag, intAt(starts, lag.from)))
      const at = place(scheme, profiles, task, from)
      if (at >= NEVER) return (off(), false)
      starts[task] = at
      hold(task, 1)
      placed.push(task)
      held = tooEarly(scheme, task, at, starts, least)
      if (held !== null) break
    }
    if (held === null) return true
    off()
  }
  return (off(), false)
}

const after = ({ weight, ramp }: ModelLag, start: number): number => (ramp ? rampAt(ramp, start) : start + weight)

/** A task just laid that a standing one came too early for: that one is held back, and the block begun anew. */
function tooEarly(
  { outOf }: SerialScheme,
  task: number,
  at: number,
  starts: Schedule,
  least: Map<number, number>,
): number | null {
  for (const lag of nth(outOf, task)) {
    if (intAt(starts, lag.to) < 0 || lag.to === task) continue
    const due = after(lag, at)
    if (intAt(starts, lag.to) >= due) continue
    least.set(lag.to, Math.max(due, least.get(lag.to) ?? 0))
    return lag.to
  }
  return null
}

/** The first start of a task from an instant on that its starts allow and all that it holds is free for. */
function place(
  { model, uses }: SerialScheme,
  profiles: readonly (Profile | RouteProfile)[],
  task: number,
  from: number,
): number {
  const { starts } = nth(model.tasks, task)
  const own = nth(uses, task)
  let at = from
  for (;;) {
    at = starts.length === 0 ? NEVER : between(starts, 0, at)
    if (at >= NEVER) return NEVER
    const minutes = endOf(nth(model.tasks, task), at) - at
    let next = at
    for (const { shared, units } of own) next = Math.max(next, nth(profiles, shared).free(at, minutes, units, task))
    if (next === at) return at
    if (!Number.isFinite(next)) return NEVER
    at = next
  }
}

interface FirstWays {
  readonly random: () => number
  readonly isOver: () => boolean
  /** Schedules laid out at most. */
  readonly tries: number
  /** None ends before this: one that ends then will do. */
  readonly least: number
}

/** The best of several schedules: by longest tail, by earliest last start, and by either shaken, until time is up. */
export function firstSchedule(scheme: SerialScheme, { random, isOver, tries, least }: FirstWays): Schedule | null {
  const { model } = scheme
  let best: Schedule | null = null
  let makespan = Number.POSITIVE_INFINITY
  for (let run = 0; run < tries; run++) {
    const shake = run < 2 ? 0 : 0.05 + 0.4 * random()
    const most = Math.max(1, ...scheme.tail)
    const last = (task: number) => {
      const { starts } = nth(model.tasks, task)
      return -(starts.at(-1) ?? 0)
    }
    const rule =
      run % 2 === 0
        ? (task: number) => intAt(scheme.tail, task)
        : (task: number) => last(task) + intAt(scheme.tail, task)
    const noise = model.tasks.map(() => random())
    const schedule = layOut(scheme, (task) => rule(task) + shake * most * nth(noise, task))
    if (schedule && makespanOf(model, schedule) < makespan) {
      best = schedule
      makespan = makespanOf(model, schedule)
    }
    if (makespan <= least || isOver()) break
  }
  return best
}
