import { isGunDown, readActivity } from '../../base/nouns'
import { firstPast } from '../../base/units/firstPast'
import { groupedBy } from '../../base/units/groupedBy'
import { onceFor } from '../../base/units/onceFor'
import { nth } from '../../base/units/sure'
import type { Stretch } from '../../nature/calendar/calendar'
import { instantOfGain, type RateClock } from '../../nature/cure/rateClock'
import type { ClockDelay, Hands, Mode, ProblemCrew, ScheduleProblem } from '../problem/problem'
import { handsOf, modeOf } from '../problem/withCrews'
import { stayOnOf } from '../problem/stayOn'
import { airGate, type AirGate } from './airGate'
import { blocksOf, timesIn, type Block } from './blocks'
import { crewTime, type CrewTime } from './crewTime'
import type { PlacedTask, Placement, WorkPiece } from './placement'
import { clocksOfTables } from './tableClocks'
import type { Route } from './route'
import { tidied } from './tidied'
import { pullGate, type PullGate } from './pullGate'
import { firstFree, freeFrom, routesOf, unitsOf, type Unit } from './units'

/**
 * A first plan by serial generation: of all blocks whose predecessors are placed, the one that can begin first goes
 * next into the first stretch of its crew, and of the gun it takes, that holds it whole. Done activities stand where they were done, so whatever
 * really happened moves everything behind it. A pull whose coat is on and still wet goes before all else: the minutes in
 * which it is too wet yet are not free for work that would run into its window.
 */
export function placeFirst(problem: ScheduleProblem): Placement {
  const blocks = blocksOf(problem)
  const placing = placingOf(problem, blocks)
  const unplaced: string[] = []
  // What somebody put somewhere stays there, and all else goes around it: what that breaks is for the check to say.
  for (const block of blocks) {
    const slot = heldSlot(placing, block)
    if (!slot) continue
    placing.waiting.delete(block)
    settle(placing, block, slot)
  }
  placing.ready.splice(0, Infinity, ...blocks.filter((block) => placing.waiting.has(block) && isNext(placing, block)))
  for (;;) {
    const next: Next | null = soonest(placing)
    if (!next) break
    const { block, slot } = next
    placing.waiting.delete(block)
    placing.ready.splice(placing.ready.indexOf(block), 1)
    placing.slots.delete(block)
    if (slot) settle(placing, block, slot)
    else unplaced.push(...idsOf(block))
  }
  for (const block of placing.waiting) unplaced.push(...idsOf(block))
  return tidied(problem, { placed: [...placing.placed.values()], unplaced })
}

/** All that placing looks at. */
interface Placing {
  readonly problem: ScheduleProblem
  readonly placed: Map<string, PlacedTask>
  readonly free: ReadonlyMap<string, CrewTime>
  /** Free time of every unit of a resource: a gun is in one place at a time. */
  readonly units: ReadonlyMap<string, readonly Unit[]>
  /** Where each crew goes; none where all rooms are at one address. */
  readonly routes: ReadonlyMap<string, Route>
  readonly clocks: ReadonlyMap<string, RateClock>
  /** What each block waits for outside of itself. */
  readonly waits: ReadonlyMap<Block, readonly Wait[]>
  readonly fixed: ReadonlyMap<string, number>
  readonly rank: (roomId: string) => number
  readonly gate: PullGate
  readonly air: AirGate
  /** Blocks that have no place yet, and of them in their order those that wait for nothing without one. */
  readonly waiting: Set<Block>
  readonly ready: Block[]
  /** Where each block stands in the order, what it still waits for, and which blocks wait for an activity. */
  readonly order: ReadonlyMap<Block, number>
  readonly missing: Map<Block, number>
  readonly next: ReadonlyMap<string, readonly Block[]>
  /** Slots found already; only those that lie where work was put can have changed. */
  readonly slots: Map<Block, Found>
}

/** The first slot of a block, null where there is none; whether tape comes off in it beside paint that is on and still wet. */
interface Found {
  readonly slot: Slot | null
  readonly isWet: boolean
}

interface Wait {
  readonly from: string
  readonly min: ClockDelay
}

interface Slot {
  readonly mode: Mode
  readonly from: number
  readonly to: number
  readonly pieces: readonly WorkPiece[]
}

function placingOf(problem: ScheduleProblem, blocks: readonly Block[]): Placing {
  const clocks = clocksOfTables(problem.clocks)
  const order = problem.goals.find((goal) => goal.goal === 'rooms-in-order')?.rooms ?? []
  const ranks = new Map(order.flatMap((rooms, i) => rooms.map((roomId) => [roomId, i] as const)))
  const placed = new Map<string, PlacedTask>(problem.done.map((activity) => [activity.id, asDone(activity)]))
  const waits = waitsOf(problem, blocks)
  const open = blocks.flatMap((block) =>
    (waits.get(block) ?? []).flatMap(({ from }) => (placed.has(from) ? [] : [{ block, from }])),
  )
  const missing = new Map<Block, number>()
  for (const { block } of open) missing.set(block, (missing.get(block) ?? 0) + 1)
  return {
    problem,
    placed,
    waiting: new Set(blocks),
    ready: [],
    order: new Map(blocks.map((block, i) => [block, i])),
    missing,
    next: new Map(
      [...groupedBy(open, ({ from }) => from)].map(([from, list]) => [from, list.map(({ block }) => block)]),
    ),
    free: new Map(
      problem.crews.map((crew) => [crew.id, crewTime(stretchesOf(crew), crew.people ?? 1, stayOnOf(crew))]),
    ),
    units: new Map(problem.resources.map((resource) => [resource.id, unitsOf(problem, resource)])),
    routes: routesOf(problem),
    clocks,
    waits,
    fixed: new Map(problem.fixed.map((each) => [each.id, each.at])),
    rank: (roomId) => ranks.get(roomId) ?? 0,
    gate: pullGate(problem, clocks),
    air: airGate(problem, clocks),
    slots: new Map(),
  }
}

const stretchesOf = onceFor(({ shifts }: ProblemCrew): readonly Stretch[] => shifts.map(([from, to]) => ({ from, to })))

function waitsOf(problem: ScheduleProblem, blocks: readonly Block[]): Map<Block, Wait[]> {
  const lags = groupedBy(problem.lags, (lag) => lag.to)
  return new Map(
    blocks.map((block) => {
      const own = new Set(idsOf(block))
      const before = block.activities.flatMap((act) => lags.get(act.id) ?? [])
      return [block, before.filter((lag) => !own.has(lag.from))]
    }),
  )
}

const asDone = ({ id, crewId, from, to }: ScheduleProblem['done'][number]): PlacedTask => ({
  taskId: id,
  crewId,
  from,
  to,
  pieces: [{ from, to }],
  done: true,
})

const idsOf = (block: Block): string[] => block.activities.map((act) => act.id)

/** Whether all that a block waits for has its place. */
const isNext = ({ missing }: Placing, block: Block): boolean => (missing.get(block) ?? 0) === 0

/**
 * A wet pull whose coat is on, else the block that can begin first; of two at once that of the more urgent room. One that
 * never can comes at once.
 */
function soonest(placing: Placing): Next | null {
  let best: Ready | null = null
  for (const block of placing.ready) {
    const { slot, isWet } = placing.slots.get(block) ?? lookedUp(placing, block)
    if (slot === null) return { block, slot }
    // Most begin later than another: nothing more is asked of them.
    if (best && isWet === best.isWet && slot.from > best.slot.from) continue
    const follows = placing.placed.has(block.activities[0].follows ?? '')
    const next: Ready = { block, slot, isWet, follows, carries: carriesTo(placing, block, slot) }
    if (!best || goesBefore(placing, next, best)) best = next
  }
  return best
}

interface Next {
  readonly block: Block
  readonly slot: Slot | null
}

interface Ready {
  readonly block: Block
  readonly slot: Slot
  /** It takes off tape beside paint that is on and still wet. */
  readonly isWet: boolean
  /** What it is best done straight after has its place: nothing else goes between if both could begin. */
  readonly follows: boolean
  /** What it uses stands in another room, and would be taken away from there. */
  readonly carries: boolean
}

function goesBefore(placing: Placing, one: Ready, other: Ready): boolean {
  if (one.isWet !== other.isWet) return one.isWet
  if (one.slot.from !== other.slot.from) return one.slot.from < other.slot.from
  // What follows straight away goes before the more urgent room: its line is still open.
  if (one.follows !== other.follows) return one.follows
  // A tower is not taken to the next front while there is work at this one.
  if (one.carries !== other.carries) return other.carries
  const [rank, otherRank] = [rankOf(placing, one.block), rankOf(placing, other.block)]
  if (rank !== otherRank) return rank < otherRank
  // Of fronts that are alike all come out of their film before anybody looks along a line.
  return isLook(other.block) && !isLook(one.block)
}

const isLook = ({ activities: [{ id }] }: Block): boolean => {
  const ref = readActivity(id)
  return ref?.of === 'room' && ref.act === 'look'
}

const carriesTo = (placing: Placing, block: Block, { from, to }: Slot): boolean =>
  block.uses.some((id) => {
    const span = stopOf(block, from, to)
    const free = (placing.units.get(id) ?? []).filter((unit) => freeFrom(unit, span) === from)
    return free.every(({ route }) => route !== null && !route.isNew && !route.isAt(span))
  })

const rankOf = (placing: Placing, block: Block): number => placing.rank(block.activities[0].roomId)

/** Where a block was put by hand: at its hour whatever else there is, over breaks where it may. Null when nobody did. */
function heldSlot(placing: Placing, block: Block): Slot | null {
  const [first] = block.activities
  const at = placing.fixed.get(first?.id ?? '')
  const [mode] = block.modes
  if (at === undefined || !mode) return null
  // It begins there however little gets done before a break.
  const own = piecesFor({
    crew: placing.free.get(mode.crewId)?.of(mode.hands),
    block,
    minutes: mode.minutes,
    ready: at,
    least: 1,
  })
  const pieces = own?.[0]?.from === at ? own : [{ from: at, to: at + mode.minutes }]
  return { mode, from: at, to: pieces.at(-1)?.to ?? at, pieces }
}

/** The first slot of a block all of whose predecessors are placed. */
function lookedUp(placing: Placing, block: Block): Found {
  const ready = readyAt(placing, block)
  const slot = ready === null ? null : gatedSlot(placing, block, ready)
  const found = { slot, isWet: slot !== null && placing.gate.isWet(block.activities[0].id, slot.from) }
  placing.slots.set(block, found)
  return found
}

/** When a block may begin; null when it never can. */
function readyAt(placing: Placing, block: Block): number | null {
  let ready = placing.problem.from
  for (const wait of placing.waits.get(block) ?? []) {
    const before = placing.placed.get(wait.from)
    const at = before ? after(placing, before.to, wait.min) : null
    if (at === null) return null
    ready = Math.max(ready, Math.ceil(at))
  }
  for (const act of block.activities) ready = Math.max(ready, Math.ceil(act.release ?? ready))
  return ready
}

function after({ clocks }: Placing, end: number, delay: ClockDelay): number | null {
  if (delay.clock === null) return end + delay.amount
  const clock = clocks.get(delay.clock)
  return clock ? instantOfGain(clock, end, delay.amount) : null
}

/** A slot whose start lies in a span that allows the pull: a meal may push it out of the wet span into the dry one. */
function gatedSlot(placing: Placing, block: Block, ready: number): Slot | null {
  let slot = slotFor(placing, block, ready)
  const id = block.activities[0].id
  // Two moves are enough: into the wet span, and out of it into the dry one.
  for (let move = 0; slot && move < 2; move++) {
    const from = placing.gate.from(id, slot.from)
    if (from === null || from <= slot.from) break
    slot = slotFor(placing, block, Math.ceil(from))
  }
  return overtime(placing, block, ready, slot) ?? cleaned(placing, block, ready, slot) ?? slot
}

/** Nobody goes home, or to eat, this long before wet tape is off: they stay, min. From memory. */
const STAY_ON_MIN = 30

/**
 * Paint that is on waits for no shift: a pull whose wet span would run out in a break, or after the last minute of the day,
 * is made then, and told as outside the shift. Null where there is no need, or where nobody has been at work just before.
 */
function overtime(placing: Placing, block: Block, ready: number, slot: Slot | null): Slot | null {
  const [pull, more] = block.activities
  const wet = pull && !more ? placing.gate.wetFrom(pull.id, ready) : null
  if (!wet || (slot && slot.from < wet.to)) return null
  const from = Math.max(ready, Math.ceil(wet.from))
  const mode = block.modes.find(({ crewId }) => {
    const shifts = placing.problem.crews.find((crew) => crew.id === crewId)?.shifts ?? []
    // Where wet paint is on now, somebody is there now.
    const isThere = from < placing.problem.from + STAY_ON_MIN
    return isThere || shifts.some(([start, end]) => start <= from && from < end + STAY_ON_MIN)
  })
  if (!mode) return null
  const start = whenThrough(placing, mode.crewId, from)
  if (start >= wet.to) return null
  const piece = { from: start, to: start + mode.minutes }
  return { mode, ...piece, pieces: [piece] }
}

/** From an instant outside of shifts, when a crew is through with what it stays on for. */
const whenThrough = (placing: Placing, crewId: string, from: number): number =>
  [...placing.placed.values()]
    .filter((task) => task.crewId === crewId && !task.done)
    .flatMap(({ pieces }) => pieces)
    .reduce((at, piece) => (piece.from <= at && piece.to > at ? piece.to : at), from)

/** A gun is cleaned within this of its last coat, min. From memory. */
const CLEANED_WITHIN_MIN = 4 * 60

/** Paint does not stay in a gun overnight: it is cleaned before its crew goes home, and told as outside the shift if it is. */
function cleaned(placing: Placing, block: Block, ready: number, slot: Slot | null): Slot | null {
  const [act, more] = block.activities
  const [mode] = block.modes
  const ref = readActivity(act?.id ?? '')
  if (more || !mode || ref?.of !== 'step' || ref.act !== 'gun-down') return null
  if (slot && slot.from - ready <= CLEANED_WITHIN_MIN) return null
  const shifts = placing.problem.crews.find((crew) => crew.id === mode.crewId)?.shifts ?? []
  const shift = shifts.findLast(([from]) => from <= ready)
  if (!shift || ready > shift[1] + STAY_ON_MIN) return null
  const until = [...placing.placed.values()]
    .filter((task) => task.crewId === mode.crewId && task.to > ready && task.from < shift[1])
    .flatMap((task) => task.pieces.filter((piece) => piece.from < shift[1]).map((piece) => piece.to))
  const from = Math.max(ready, ...until)
  if (from > shift[1] + STAY_ON_MIN) return null
  const piece = { from, to: from + mode.minutes }
  return { mode, ...piece, pieces: [piece] }
}

/** The soonest slot of any crew that can do a block. */
function slotFor(placing: Placing, block: Block, ready: number): Slot | null {
  let best: Slot | null = null
  for (const mode of block.modes) {
    const pieces = piecesWithUnits(placing, block, mode, ready)
    const [first, last] = [pieces?.[0], pieces?.at(-1)]
    if (!pieces || !first || !last) continue
    const slot = { mode, from: first.from, to: last.to, pieces }
    if (!best || isSooner(slot, best)) best = slot
  }
  return best
}

/** Of two crews the one that can begin first; a crew goes by itself or together, as it is through sooner. */
const isSooner = (one: Slot, other: Slot): boolean =>
  one.mode.crewId === other.mode.crewId ? one.to < other.to : one.from < other.from

/** The first pieces of a crew in air that all parts of the block may meet, and in which a unit of all it uses is free from its start to its end. */
function piecesWithUnits(placing: Placing, block: Block, mode: Mode, ready: number): WorkPiece[] | null {
  let at = ready
  for (;;) {
    const pieces = piecesFor({
      crew: placing.free.get(mode.crewId)?.of(mode.hands),
      block,
      minutes: mode.minutes,
      ready: at,
    })
    const [first, last] = [pieces?.[0], pieces?.at(-1)]
    if (!pieces || !first || !last) return null
    const next = Math.max(
      first.from,
      ...block.uses.map((id) =>
        firstFree(placing.units.get(id) ?? [], stopOf(block, first.from, last.to), timesIn(block.uses, id)),
      ),
      placing.routes.get(mode.crewId)?.reached(stopOf(block, first.from, last.to)) ?? first.from,
      afterBadAir(placing, block, mode, pieces),
    )
    if (next <= first.from) return pieces
    if (!Number.isFinite(next)) return null
    at = next
  }
}

/** From when a block would meet no air that spoils one of its coats: the start of `pieces` where it meets none. */
function afterBadAir(placing: Placing, block: Block, mode: Mode, pieces: readonly WorkPiece[]): number {
  const start = pieces[0]?.from ?? 0
  let next = start
  for (const { act, pieces: own } of partsOf(block, mode, pieces)) {
    const free = placing.air(act.id, own)
    if (free !== null) next = Math.max(next, start + free - (own[0]?.from ?? start))
  }
  return next
}

/** The activities of a block one after another within its pieces; only one that stands alone has more than one. */
function partsOf(block: Block, hands: Hands, pieces: readonly WorkPiece[]) {
  if (block.activities.length === 1) return block.activities.map((act) => ({ act, pieces }))
  let from = pieces[0]?.from ?? 0
  return block.activities.map((act) => {
    const to = from + (modeOf({ modes: act.modes }, hands)?.minutes ?? 0)
    const piece = { from, to }
    from = to
    return { act, pieces: [piece] }
  })
}

const stopOf = (block: Block, from: number, to: number) => ({ from, to, roomId: block.activities[0].roomId })

interface PiecesForSetup {
  readonly crew: ReturnType<CrewTime['of']> | undefined
  readonly block: Block
  readonly minutes: number
  readonly ready: number
  readonly least?: number
}

function piecesFor({ crew, block, minutes, ready, least }: PiecesForSetup): WorkPiece[] | null {
  if (!crew) return null
  const [only, more] = block.activities
  if (only?.divisible && !more) return crew.firstPieces(ready, minutes, least)
  const slot = crew.firstSlot(ready, minutes)
  return slot && [slot]
}

/** Puts a block where it was found a slot, one part after another. */
function settle(placing: Placing, block: Block, slot: Slot): void {
  const { crewId, hands } = slot.mode
  for (const piece of slot.pieces) placing.free.get(crewId)?.take(piece, hands)
  for (const id of block.uses) {
    const span = stopOf(block, slot.from, slot.to)
    const free = (placing.units.get(id) ?? []).filter((each) => freeFrom(each, span) === span.from)
    // One that stands there already before one that would have to be carried.
    const unit = free.find(({ route }) => route?.isAt(span) ?? true) ?? free[0]
    unit?.free.take(span)
    unit?.route?.add(span)
  }
  placing.routes.get(crewId)?.add(stopOf(block, slot.from, slot.to))
  for (const { act, pieces } of partsOf(block, slot.mode, slot.pieces)) {
    const [from, to] = [pieces[0]?.from ?? slot.from, pieces.at(-1)?.to ?? slot.to]
    placing.placed.set(act.id, { taskId: act.id, ...handsOf(slot.mode), from, to, pieces, done: false })
  }
  for (const other of placing.ready) if (isTouched(placing, other, block, slot)) placing.slots.delete(other)
  for (const { id } of block.activities) readied(placing, id)
}

/** What waited for an activity that has its place now waits for one thing less. */
function readied({ next, missing, waiting, ready, order }: Placing, id: string): void {
  for (const block of next.get(id) ?? []) {
    const left = (missing.get(block) ?? 0) - 1
    missing.set(block, left)
    if (left > 0 || !waiting.has(block)) continue
    const place = order.get(block) ?? 0
    ready.splice(
      firstPast(ready.length, (i) => (order.get(nth(ready, i)) ?? 0) > place),
      0,
      block,
    )
  }
}

/** Whether the slot found for a block may be another one now that work has been put somewhere: less is free, nothing more. */
function isTouched({ slots, routes }: Placing, other: Block, block: Block, { mode, from, to }: Slot): boolean {
  const found = slots.get(other)?.slot
  if (!found) return false
  if (other.uses.some((id) => block.uses.includes(id))) return true
  if (found.mode.crewId !== mode.crewId) return false
  // Ways reach beyond their slots, and a gun is cleaned behind all else its crew does.
  if (routes.size > 0 || isGunDown(other.activities[0].id)) return true
  return found.from < to && from < found.to
}
