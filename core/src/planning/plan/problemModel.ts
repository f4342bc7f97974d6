import { intAt, nth, sure } from '../../base/units/sure'
import { isGunDown } from '../../base/nouns'
import type { ModelLag, Model, Schedule, ModelTask } from '../../solve/engine/model'
import { rampOf, type Ramp } from '../../solve/engine/ramp'
import { NEVER, shared, startsOf, type Starts } from '../../solve/engine/starts'
import type { AirRule, ProblemCrew, ProblemLag, PullRule, ScheduleProblem } from '../problem/problem'
import { CRUMB_MIN, crumbPast, isInStretch, mostPast, stayOnOf } from '../problem/stayOn'
import { handsOf, modeOf } from '../problem/withCrews'
import { lastFor } from '../../base/units/lastFor'
import { onceFor } from '../../base/units/onceFor'
import { groupedBy } from '../../base/units/groupedBy'
import { MIN_PER_DAY } from '../../base/units/time'
import { airStarts } from './airStarts'
import { blocksOf, type Block } from './blocks'
import { LEAST_PIECE_MIN } from './freeTime'
import type { PlacedTask, Placement, WorkPiece } from './placement'
import { made, Ramps } from './ramps'
import { sharedOf, waysFromDone, type Using } from './sharedModel'
import { clocksOfTables } from './tableClocks'

/** A schedule problem as the engine sees it, around a plan that keeps it. */
export interface Translation {
  readonly model: Model
  /** The plan at hand as starts. It need not keep the model: work that was broken up for something urgent is whole here. */
  readonly hint: Schedule
  /** What ends in each room by when: tasks of the model by room. */
  readonly tasksOfRoom: ReadonlyMap<string, readonly number[]>
  /** Who does each task of the model, where, and by what means. */
  readonly items: readonly Using[]
  /** Minute 0 of the model, minutes since the epoch. */
  readonly origin: number
  /** Starts of the model as a plan; what is done stands as it was done. */
  readonly placementOf: (schedule: Schedule) => Placement
}

interface TranslateWays {
  /**
   * Leaves out what the plan at hand only prefers or excuses: what follows at once, stays, the hours of work outside of shifts.
   * What is impossible then is so whatever the plan.
   */
  readonly isBare?: boolean
  /** An instant up to which things may be put off, where that is behind the plan at hand. */
  readonly until?: number
}

/** A day after the plan at hand: nobody looks for a worse one. */
const ROOM_MIN = MIN_PER_DAY

/** Everything about one block that the engine asks for. */
interface Item {
  readonly block: Block
  readonly crewId: string
  /** How many of its crew it takes; all where it is left out. */
  readonly hands: number | undefined
  readonly minutes: number
  /** Minutes from its start to the start, and to the end, of each activity in it. */
  readonly from: ReadonlyMap<string, number>
  readonly to: ReadonlyMap<string, number>
  readonly finish: Ramp | null
  readonly at: number
  /** What may not be moved: a wet pull that is due, work outside of shifts, a start set by hand. */
  readonly isPinned: boolean
  /** No shift holds it: it is done after hours if need be. */
  readonly isLoose: boolean
}

/**
 * The problem as tasks, lags and crews in whole minutes: a block is one task, a wait on a clock a ramp, bad air and shifts are
 * gaps in its starts. Choices the plan at hand has made stay: who does what, what is left out, what follows at once.
 */
export function translate(
  problem: ScheduleProblem,
  plan: Pick<Placement, 'placed'>,
  { isBare = false, until = 0 }: TranslateWays = {},
): Translation {
  const origin = Math.ceil(problem.from)
  const placed = new Map(plan.placed.map((task) => [task.taskId, task]))
  const last = Math.max(origin, until, ...plan.placed.map((task) => task.to))
  // In whole days: plans of the same problem share their tables.
  const length = wholeDays(Math.min(problem.horizon, last + ROOM_MIN) - origin)
  const ramps = new Ramps(clocksOfTables(problem.clocks), origin, length)
  const draft: Draft = { problem, origin, length, ramps, placed, isBare }
  const items = blocksOf(problem).flatMap((block) => itemOf(draft, block))
  const place = new Map(items.flatMap((item, i) => item.block.activities.map((act) => [act.id, i] as const)))
  const model: Model = {
    horizon: length,
    tasks: items.map((item) => taskOf(draft, item)),
    lags: [
      ...problem.lags.flatMap((lag) => lagOf(draft, items, place, lag)),
      ...(isBare ? [] : [...followLags(items, place), ...stayLags(draft, items, place)]),
    ],
    shared: sharedOf(problem, items),
  }
  // Of the plans that are tried one after another most have most of their tasks where the one before has them.
  const before: { readonly start: number; readonly tasks: readonly PlacedTask[] }[] = []
  const placedAt = (item: Item, i: number, start: number): readonly PlacedTask[] => {
    const known = before[i]
    if (known?.start === start) return known.tasks
    const tasks = placedOf(draft, item, start)
    before[i] = { start, tasks }
    return tasks
  }
  return {
    model,
    hint: Int32Array.from(items.map((item) => item.at)),
    items,
    tasksOfRoom: groupedBy([...items.keys()], (i) => nth(items, i).block.activities[0].roomId),
    origin,
    placementOf: (schedule) => ({
      placed: [
        ...plan.placed.filter((task) => task.done),
        ...items.flatMap((item, i) => placedAt(item, i, schedule[i] ?? item.at)),
      ],
      unplaced: problem.activities.filter((act) => !placed.has(act.id)).map((act) => act.id),
    }),
  }
}

const wholeDays = (minutes: number): number => Math.ceil(minutes / MIN_PER_DAY) * MIN_PER_DAY

interface Draft {
  readonly problem: ScheduleProblem
  readonly origin: number
  readonly length: number
  readonly ramps: Ramps
  readonly placed: ReadonlyMap<string, PlacedTask>
  readonly isBare: boolean
}

type Shift = readonly [from: number, to: number]

/** What depends on a crew's stretches alone, as far as the model reaches. */
interface CrewTables {
  readonly shifts: readonly Shift[]
  /** How long the crew stays past the end of each, min. */
  readonly stayOn: readonly number[]
  readonly presence: Presence
  /** Starts that its stretches leave to work of so many minutes, and when work that goes on after breaks ends. */
  readonly starts: Map<string, Starts>
  readonly finish: Map<string, Ramp>
}

/** When a crew is there, minute by minute: minutes worked by each, and when each of them is over. */
interface Presence {
  readonly worked: Int32Array
  readonly at: readonly number[]
  /** By minute: the stretch that it is the end of a minute of; 0 where it is none. */
  readonly within: Int32Array
}

const tablesOfShifts = lastFor(
  (all: ProblemCrew['shifts'], stayOnMin: number | undefined, origin: number, length: number): CrewTables => {
    const own = all.filter(([from]) => from - origin <= length)
    const shifts = own.map(([from, to]): Shift => [Math.ceil(from) - origin, Math.floor(to) - origin])
    const stayOn = shifts.map(([, to], i) => Math.min(stayOnMin ?? 0, (shifts[i + 1]?.[0] ?? NEVER) - to))
    return { shifts, stayOn, presence: presenceOf(shifts, length), starts: new Map(), finish: new Map() }
  },
)

function presenceOf(shifts: readonly Shift[], length: number): Presence {
  const worked = new Int32Array(length + 1)
  const within = new Int32Array(length + 2)
  const at: number[] = []
  let minute = 0
  for (const [i, [from, to]] of shifts.entries()) {
    for (; minute < Math.min(from, length); minute++) worked[minute + 1] = at.length
    for (; minute < Math.min(to, length); minute++) {
      at.push(minute + 1)
      worked[minute + 1] = at.length
      within[minute + 1] = i
    }
  }
  for (; minute < length; minute++) worked[minute + 1] = at.length
  return { worked, at, within }
}

const NOBODY: ProblemCrew = { id: '', shifts: [] }

const crewOf = ({ problem }: Draft, crewId: string): ProblemCrew =>
  problem.crews.find((crew) => crew.id === crewId) ?? NOBODY

function tablesOf(draft: Draft, crewId: string): CrewTables {
  const { shifts, stayOnMin } = crewOf(draft, crewId)
  return tablesOfShifts(shifts, stayOnMin, draft.origin, draft.length)
}

const shiftsOf = (draft: Draft, crewId: string): readonly Shift[] => tablesOf(draft, crewId).shifts

function itemOf(draft: Draft, block: Block): Item[] {
  const { problem, origin, placed } = draft
  const tasks = block.activities.map((act) => placed.get(act.id))
  const [first] = tasks
  if (!first || tasks.includes(undefined)) return []
  const { crewId, hands } = first
  const from = new Map<string, number>()
  const to = new Map<string, number>()
  let minutes = 0
  for (const act of block.activities) {
    from.set(act.id, minutes)
    minutes += modeOf({ modes: act.modes }, first)?.minutes ?? 0
    to.set(act.id, minutes)
  }
  const isDivisible = block.activities.length === 1 && block.activities[0]?.divisible === true
  const finish = isDivisible ? finishOf(draft, crewId, minutes) : null
  const id = block.activities[0].id
  const rule = pullsOf(problem).get(id)
  const shifts = shiftsOf(draft, crewId)
  const crew = problem.crews.find((each) => each.id === crewId)
  // Work without a break between is in a stretch, or outside, as a whole.
  const isOutside = isDivisible
    ? first.pieces.some(
        (piece) => !shifts.some(([a, b]) => piece.from - origin >= a && piece.to - origin <= b + CRUMB_MIN),
      )
    : !crew || !isInStretch(crew, first.from, tasks.at(-1)?.to ?? first.to)
  const isExcused = isOutside || (rule?.manner === 'wet' && rule.coated !== null)
  const isFixed = block.activities.some((act) => problem.fixed.some((each) => each.id === act.id))
  const isPinned = isFixed || (isExcused && !draft.isBare)
  // A gun may always be cleaned after hours.
  const isLoose = draft.isBare && (isExcused || isGunDown(id))
  return [{ block, crewId, hands, minutes, from, to, finish, at: first.from - origin, isPinned, isLoose }]
}

/** When work that goes on after breaks ends, by its start. */
function finishOf(draft: Draft, crewId: string, minutes: number): Ramp {
  const tables = tablesOf(draft, crewId)
  const { worked, at } = tables.presence
  return made(tables.finish, String(minutes), () =>
    rampOf(0, draft.length, (minute) => {
      const end = at[intAt(worked, minute) + minutes - 1]
      return end === undefined ? null : withoutCrumb(tables, minute, end, minutes)
    }),
  )
}

/** When work ends that would leave no more than minutes of it behind a break: people stay on for them. */
function withoutCrumb({ shifts, stayOn, presence }: CrewTables, start: number, end: number, minutes: number): number {
  const i = intAt(presence.within, end)
  const before = shifts[i - 1]
  if (!before || start >= before[1]) return end
  const rest = end - (shifts[i]?.[0] ?? end)
  return rest > 0 && rest <= crumbPast(nth(stayOn, i - 1), minutes) ? before[1] + rest : end
}

function taskOf(draft: Draft, item: Item): ModelTask {
  const { block, minutes, finish, at, isPinned } = item
  const id = block.activities[0].id
  const starts = isPinned ? startsOf([[at, at]]) : startsFor(draft, item)
  return { id, minutes, finish: isPinned ? null : finish, starts, after: 0 }
}

/** Starts that a crew's stretches leave to work of so many minutes. */
function startsByShift(draft: Draft, { minutes, finish, crewId }: Item): Starts {
  const { shifts, starts } = tablesOf(draft, crewId)
  const key = `${minutes}|${finish === null}`
  const known = starts.get(key)
  if (known) return known
  const stayOn = stayOnOf(crewOf(draft, crewId)).map(Math.floor)
  const found = startsOf(
    shifts.map(([from, to], i) => [
      from,
      finish ? to - Math.min(minutes, LEAST_PIECE_MIN) : to + mostPast(stayOn[i] ?? 0, minutes) - minutes,
    ]),
  )
  starts.set(key, found)
  return found
}

const pullsOf = onceFor(
  ({ pulls }: ScheduleProblem) => new Map<string, PullRule>(pulls.map((rule) => [rule.activityId, rule])),
)

/** Starts that shift, release, air and, of a coated pull, its dry span leave. */
function startsFor(draft: Draft, item: Item): Starts {
  const { problem, origin, ramps } = draft
  const { block } = item
  const least = Math.max(0, ...block.activities.map((act) => releaseOf(draft, item, act.id, act.release)))
  if (item.isLoose) return startsOf([[least, draft.length]])
  let starts = shared(startsByShift(draft, item), startsOf([[least, NEVER]]))
  const rule = pullsOf(problem).get(block.activities[0].id)
  if (rule?.coated) {
    const dry =
      rule.manner === 'peel'
        ? rule.coated.to + rule.cutAfterMin
        : ramps.passed({ clock: rule.filmClock, amount: rule.hardDryMin }, rule.coated.to)
    if (dry !== null) starts = shared(starts, startsOf([[Math.ceil(dry) - origin, draft.length]]))
  }
  for (const act of block.activities) {
    const air = act.air === null ? undefined : problem.airs.find((each) => each.id === act.air)
    if (air) starts = shared(starts, airStarts(spanOf(draft, item, act.id), inMinutes(draft, item, air), ramps))
  }
  return starts
}

/** A rule of the air in minutes of the plan, as far as an item meets it. */
const inMinutes = (draft: Draft, item: Item, air: AirRule): AirRule => {
  const { origin } = draft
  const moved = (bans: AirRule['during']) =>
    bans.map((ban) => ({ ...ban, from: ban.from - origin, to: ban.to - origin }))
  // Work over a break meets no air while nobody is at it.
  const worked = item.finish ? shiftsOf(draft, item.crewId) : null
  const met = (bans: AirRule['during']) =>
    worked === null
      ? bans
      : bans.flatMap((ban) =>
          worked.flatMap(([from, to]) =>
            from < ban.to && to > ban.from
              ? [{ ...ban, from: Math.max(from, ban.from), to: Math.min(to, ban.to) }]
              : [],
          ),
        )
  return { ...air, during: met(moved(air.during)), until: moved(air.until), cold: moved(air.cold) }
}

/** Where an activity of a block lies, by the block’s start. */
const spanOf = ({ length }: Draft, { from, to, finish }: Item, id: string) => ({
  lead: sure(from.get(id)),
  end: finish ?? { lead: to.get(id) ?? 0 },
  length,
})

const lagsTo = onceFor((problem: ScheduleProblem) => groupedBy(problem.lags, (lag) => lag.to))

function releaseOf(draft: Draft, item: Item, id: string, release: number | null): number {
  const { problem, origin, ramps, placed } = draft
  const own = sure(item.from.get(id))
  const waits = (lagsTo(problem).get(id) ?? []).flatMap((lag) => {
    const before = placed.get(lag.from)
    const at = before?.done ? ramps.passed(lag.min, before.to) : null
    return at === null ? [] : [Math.ceil(at) - origin - own]
  })
  const reached = waysFromDone(problem, item) - origin
  return Math.max(release === null ? 0 : Math.ceil(release) - origin - own, ...waits, reached, 0)
}

function lagOf(draft: Draft, items: readonly Item[], place: ReadonlyMap<string, number>, lag: ProblemLag): ModelLag[] {
  const [from, to] = [place.get(lag.from), place.get(lag.to)]
  if (from === undefined || to === undefined || from === to) return []
  const [before, after] = [items[from], items[to]]
  if (!before || !after) return []
  const back = sure(after.from.get(lag.to))
  const lead = sure(before.to.get(lag.from))
  if (before.finish && !before.isPinned) {
    return [{ from, to, weight: 0, ramp: draft.ramps.readyBehind(lag.min, before.finish, back) }]
  }
  if (lag.min.clock === null) return [{ from, to, weight: lead + Math.ceil(lag.min.amount) - back, ramp: null }]
  return [{ from, to, weight: 0, ramp: draft.ramps.ready(lag.min, lead, back) }]
}

/** What follows at once in the plan at hand, while its line is open, goes on doing so. */
function followLags(items: readonly Item[], place: ReadonlyMap<string, number>): ModelLag[] {
  return items.flatMap((item, to): ModelLag[] => {
    const follows = item.block.activities[0]?.follows
    const from = follows ? place.get(follows) : undefined
    const before = from === undefined ? undefined : items[from]
    if (from === undefined || !before || before.finish || item.isPinned || from === to) return []
    const lead = before.to.get(follows ?? '') ?? 0
    if (item.at === before.at + lead) return [{ from: to, to: from, weight: -lead, ramp: null }]
    // Paint does not stand in a gun for longer than it does in the plan at hand.
    const isCleaned = item.block.activities.some(({ id }) => isGunDown(id))
    return isCleaned && item.at > before.at ? [{ from: to, to: from, weight: before.at - item.at, ramp: null }] : []
  })
}

/** Tape comes off before its stay runs out, where the plan at hand keeps that. */
function stayLags(draft: Draft, items: readonly Item[], place: ReadonlyMap<string, number>): ModelLag[] {
  const { problem, ramps, origin } = draft
  return problem.pulls.flatMap((rule) => {
    const pull = place.get(rule.activityId)
    const item = pull === undefined ? undefined : items[pull]
    if (pull === undefined || !item || item.finish || item.isPinned) return []
    const ends = item.to.get(rule.activityId) ?? item.minutes
    return rule.stays.flatMap((stay): ModelLag[] => {
      const lay = stay.laidAt === null ? place.get(stay.layId) : undefined
      const laid = lay === undefined ? undefined : items[lay]
      if (lay === undefined || !laid) return []
      const off = ramps.passed(stay, origin + laid.at)
      if (off === null || item.at + ends > off - origin) return []
      return [{ from: pull, to: lay, weight: 0, ramp: ramps.laidBy(stay, ends) }]
    })
  })
}

function placedOf(draft: Draft, item: Item, start: number): PlacedTask[] {
  const { origin, placed } = draft
  const { block, crewId, minutes } = item
  return block.activities.map((act): PlacedTask => {
    const before = placed.get(act.id)
    if (before && item.isPinned) return before
    const from = start + sure(item.from.get(act.id))
    const pieces = item.finish
      ? piecesOf(tablesOf(draft, crewId), start, minutes)
      : [{ from, to: start + sure(item.to.get(act.id)) }]
    const told = pieces.map((piece) => ({ from: origin + piece.from, to: origin + piece.to }))
    return {
      taskId: act.id,
      ...handsOf(item),
      from: told[0]?.from ?? origin + from,
      to: told.at(-1)?.to ?? origin + from,
      pieces: told,
      done: false,
    }
  })
}

function piecesOf({ shifts, stayOn }: CrewTables, start: number, minutes: number): WorkPiece[] {
  const pieces: WorkPiece[] = []
  let left = minutes
  shifts.forEach(([from, to], i) => {
    if (to <= start || left <= 0) return
    const begin = Math.max(from, start)
    const end = Math.min(to, begin + left)
    const rest = left - (end - begin)
    // Nobody comes back for minutes.
    const isCrumb = rest > 0 && rest <= crumbPast(nth(stayOn, i), minutes)
    pieces.push({ from: begin, to: isCrumb ? end + rest : end })
    left = isCrumb ? 0 : rest
  })
  return pieces
}
