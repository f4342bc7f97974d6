import { instantOfGain, type RateClock } from '../cure/rateClock'
import type { Gap, Task } from '../rounds/round'
import type { LogState } from '../progress/hemStates'
import type { Stretch } from '../calendar/calendar'
import { freeTime, type FreeTime } from '../plan/freeTime'
import { taskFacts } from './taskFacts'

/** Where a task lies. Instants in minutes since the epoch. */
export interface PlacedTask {
  readonly taskId: string
  readonly crewId: string
  readonly from: number
  readonly to: number
  /** Working pieces; more than one where a divisible task goes over a break. */
  readonly pieces: readonly Stretch[]
  /** Ticked on site rather than planned. */
  readonly done: boolean
}

export interface ScheduleSetup {
  readonly tasks: readonly Task[]
  readonly log: LogState
  /** Working stretches per crew id. */
  readonly stretches: ReadonlyMap<string, readonly Stretch[]>
  /** Nothing undone is placed before this instant. */
  readonly from: number
  /** Drying and cure clocks of a room's air. */
  readonly clocks: (roomId: string) => {
    readonly drying: RateClock
    readonly cureAt: (filmFormingC: number) => RateClock
  }
  /** Rooms in order of urgency; ties in time go to the earlier one. */
  readonly roomRank: ReadonlyMap<string, number>
  /** For a pull whose coat is on: the first instant from `at` when its tape may come off; null when that is free. */
  readonly pullReady: (task: Task, at: number) => number | null
}

export interface Schedule {
  readonly placed: ReadonlyMap<string, PlacedTask>
  /** Blocks for which no crew has a stretch long enough, with the minutes needed. */
  readonly unplaced: readonly { readonly block: string; readonly tasks: readonly Task[]; readonly minutes: number }[]
}

interface Block {
  readonly id: string
  readonly tasks: readonly Task[]
  readonly minutes: number
}

/**
 * A feasible plan by serial generation: of all blocks whose predecessors are placed, the one that can begin first
 * goes next into the first stretch of its crew that holds it whole. Ticked tasks stand where they were ticked, so
 * whatever really happened moves everything behind it.
 */
export function makeSchedule(setup: ScheduleSetup): Schedule {
  const placed = new Map<string, PlacedTask>()
  const todo: Task[] = []
  const share = new Map<string, number>()
  for (const task of setup.tasks) {
    const { doneAt, doneShare } = taskFacts(task, setup.log)
    if (doneAt === null) {
      todo.push(task)
      share.set(task.id, doneShare)
    } else
      placed.set(task.id, { ...doneTask(task, doneAt), crewId: setup.log.crew.get(task.subjects[0]!) ?? task.crewId })
  }
  const free = new Map([...setup.stretches].map(([crewId, list]) => [crewId, freeTime(clipped(list, setup.from))]))
  const blocks = blocksOf(todo, share)
  const unplaced: { block: string; tasks: readonly Task[]; minutes: number }[] = []
  const waiting = new Set(blocks)
  const cache = new Map<Block, Slot | null>()
  while (waiting.size > 0) {
    const next = soonest(setup, waiting, placed, free, cache)
    if (!next) break
    waiting.delete(next.block)
    cache.delete(next.block)
    if (!next.slot) {
      unplaced.push({ block: next.block.id, tasks: next.block.tasks, minutes: next.block.minutes })
      continue
    }
    const crewId = next.block.tasks[0]!.crewId
    for (const piece of next.slot.pieces) free.get(crewId)?.take(piece)
    place(next.block, next.slot, placed)
    // Only slots of the same crew can have changed.
    for (const block of cache.keys()) if (block.tasks[0]!.crewId === crewId) cache.delete(block)
  }
  for (const block of waiting) unplaced.push({ block: block.id, tasks: block.tasks, minutes: block.minutes })
  return { placed, unplaced }
}

interface Slot {
  readonly from: number
  readonly to: number
  readonly pieces: readonly Stretch[]
}

const clipped = (list: readonly Stretch[], from: number): Stretch[] =>
  list.map((each) => ({ from: Math.max(each.from, from), to: each.to })).filter((each) => each.to > each.from)

const doneTask = (task: Task, at: number): Omit<PlacedTask, 'crewId'> => ({
  taskId: task.id,
  from: at - task.minutes,
  to: at,
  pieces: [{ from: at - task.minutes, to: at }],
  done: true,
})

function blocksOf(todo: readonly Task[], share: ReadonlyMap<string, number>): Block[] {
  const groups = new Map<string, Task[]>()
  for (const task of todo) groups.set(task.block, [...(groups.get(task.block) ?? []), task])
  return [...groups].map(([id, tasks]) => {
    const left = tasks.map((task) => ({
      ...task,
      minutes: Math.max(1, Math.ceil(task.minutes * (1 - (share.get(task.id) ?? 0)))),
    }))
    return { id, tasks: left, minutes: left.reduce((sum, task) => sum + task.minutes, 0) }
  })
}

function soonest(
  setup: ScheduleSetup,
  waiting: ReadonlySet<Block>,
  placed: ReadonlyMap<string, PlacedTask>,
  free: ReadonlyMap<string, FreeTime>,
  cache: Map<Block, Slot | null>,
): { block: Block; slot: Slot | null } | null {
  let best: { block: Block; slot: Slot | null } | null = null
  const rank = (block: Block) => setup.roomRank.get(block.tasks[0]!.roomId) ?? 0
  for (const block of waiting) {
    if (!cache.has(block)) {
      const ready = readyAt(setup, block, placed)
      if (ready === undefined) continue
      cache.set(block, ready === null ? null : pullSlot(setup, block, ready, free))
    }
    const slot = cache.get(block)!
    if (!slot) return { block, slot: null }
    const sooner =
      !best || slot.from < best.slot!.from || (slot.from === best.slot!.from && rank(block) < rank(best.block))
    if (sooner) best = { block, slot }
  }
  return best
}

/** When a block may begin; undefined while a predecessor is not placed, null when it never can. */
function readyAt(
  setup: ScheduleSetup,
  block: Block,
  placed: ReadonlyMap<string, PlacedTask>,
): number | null | undefined {
  let ready = setup.from
  for (const task of block.tasks) {
    if (task.release !== null) ready = Math.max(ready, Math.ceil(task.release))
    for (const { taskId, gap } of task.after) {
      if (block.tasks.some((other) => other.id === taskId)) continue
      const before = placed.get(taskId)
      if (!before) return undefined
      const at = afterGap(setup.clocks(task.roomId), before.to, gap)
      if (at === null) return null
      ready = Math.max(ready, Math.ceil(at))
    }
  }
  return ready
}

function afterGap(clocks: ReturnType<ScheduleSetup['clocks']>, end: number, gap: Gap): number | null {
  switch (gap.clock) {
    case 'plain':
      return end + gap.amount
    case 'drying':
      return instantOfGain(clocks.drying, end, gap.amount)
    case 'cure':
      return instantOfGain(clocks.cureAt(gap.filmFormingC), end, gap.amount)
  }
}

/** A slot whose start lies in a span that allows the pull: a meal may push it out of the wet window into the dry one. */
function pullSlot(setup: ScheduleSetup, block: Block, ready: number, free: ReadonlyMap<string, FreeTime>): Slot | null {
  const first = block.tasks[0]!
  let slot = slotFor(block, ready, free)
  if (first.kind !== 'pull') return slot
  // Two moves are enough: into the wet window, and out of it into the dry one.
  for (let move = 0; slot && move < 2; move++) {
    const from = setup.pullReady(first, slot.from)
    if (from === null || from <= slot.from) return slot
    slot = slotFor(block, Math.ceil(from), free)
  }
  return slot
}

function slotFor(block: Block, ready: number, free: ReadonlyMap<string, FreeTime>): Slot | null {
  const crew = free.get(block.tasks[0]!.crewId)
  if (!crew) return null
  if (block.tasks.length === 1 && block.tasks[0]!.divisible) {
    const pieces = crew.firstPieces(ready, block.minutes)
    return pieces && { from: pieces[0]!.from, to: pieces[pieces.length - 1]!.to, pieces }
  }
  const slot = crew.firstSlot(ready, block.minutes)
  return slot && { ...slot, pieces: [slot] }
}

function place(block: Block, slot: Slot, placed: Map<string, PlacedTask>): void {
  let from = slot.from
  for (const task of block.tasks) {
    const to = block.tasks.length === 1 ? slot.to : from + task.minutes
    const pieces = block.tasks.length === 1 ? slot.pieces : [{ from, to }]
    placed.set(task.id, { taskId: task.id, crewId: task.crewId, from, to, pieces, done: false })
    from = to
  }
}
