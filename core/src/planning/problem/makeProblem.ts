import type { Parameters } from '../../base/parameters/parameters'
import { groupedBy } from '../../base/units/groupedBy'
import { nth, sure } from '../../base/units/sure'
import type { ActivityId, Crew, HouseRules, Job, Room, RoundId } from '../../base/nouns'
import { lastFor } from '../../base/units/lastFor'
import { dayEndsOf, HORIZON_DAYS, type Calendars, type Stretch } from '../../nature/calendar/calendar'
import type { JobClocks } from '../../nature/cure/areaClocks'
import { activityProgress } from '../progress/activityProgress'
import type { LogState } from '../progress/hemStates'
import type { Recipe } from '../../masking/recipes/recipe'
import { MIN_PER_DAY, parseInstant } from '../../base/units/time'
import { type Activity, type Work } from '../work'
import { airRules, type AirRules } from './airRules'
import { clockBook, type ClockBook } from './clockBook'
import type {
  DoneActivity,
  FixedStart,
  Goal,
  Mode,
  ProblemActivity,
  ProblemLag,
  ProblemCrew,
  Resource,
  ScheduleProblem,
} from './problem'
import { problemPlaces } from './places'
import { bandRules } from './bandRules'
import { pullRules } from './pullRules'
import { byOneOf, type ByOneOf } from './byOneOf'
import { airOfRoom, mistUses, sprayerOf } from './mist'
import { otherCrewsOf } from './otherCrews'
import { underWay, type UnderWay } from './underWay'

interface ProblemSetup {
  readonly job: Job
  readonly work: Work
  /** Which activity lays each hem's tape. */
  readonly layOf: ReadonlyMap<string, ActivityId>
  /** What each activity takes. */
  readonly minutes: ReadonlyMap<ActivityId, number>
  readonly log: LogState
  readonly recipes: ReadonlyMap<string, Recipe>
  readonly calendars: Calendars
  readonly clocks: (roomId: string) => JobClocks
  readonly parameters: Parameters
  /** Nothing undone is placed before this instant. */
  readonly from: number
}

/** Work and what has happened of it, as numbers for a scheduler. */
export function makeProblem(setup: ProblemSetup): ScheduleProblem {
  const { job, work, calendars, from } = setup
  const book = clockBook(job.rooms, setup.clocks)
  const roomOf = new Map(work.activities.map((act) => [act.id, act.roomId]))
  const horizon = from + HORIZON_DAYS * MIN_PER_DAY
  const airs = airRules({ job, clocks: setup.clocks, from, to: horizon }, book)
  const going = underWay(setup)
  const places = problemPlaces(job)
  const others = otherCrewsOf(job, setup.parameters)
  const handsTold = new Map((job.published?.tasks ?? []).map(({ taskId, hands }) => [taskId, hands]))
  const alone = byOneOf(job, setup.parameters, places.length > 0)
  // One crew that stays together meets nobody in the mist.
  const areMany = job.crews.reduce((sum, crew) => sum + alone.peopleOf(crew), 0) > 1 && places.length === 0
  const sprayed = new Set(work.activities.flatMap(({ needs, roomId }) => (needs.gun && areMany ? roomId : [])))
  const isSplit = (crew: Crew) => countOf(job, 'gun') > 1 && alone.peopleOf(crew) > 1
  const sprayers = new Set(job.crews.flatMap((crew) => (isSplit(crew) ? crew.id : [])))
  const throughAt = coatedThrough(work, setup.log)
  const all = { ...setup, airs, alone, sprayed, others, handsTold, throughAt, sprayers }
  const told = work.activities.map((act) => toldOf(all, act, going.get(act.id)))
  const free = fieldsAlone(work, told)
  const anew = laidAnew(work, told)
  return {
    format: 'crisp-hem/problem',
    version: 1,
    from,
    horizon,
    activities: told.flatMap((each) => ('done' in each ? [] : [each.left])),
    lags: [
      ...work.lags.map((lag) => ({
        from: lag.from,
        to: lag.to,
        min: book.delay(lag.min, roomOf.get(lag.to) ?? ''),
        max: lag.max && !free.has(lag.to) ? book.delay(lag.max, roomOf.get(lag.to) ?? '') : null,
      })),
      ...anew,
    ],
    crews: job.crews.map((crew) => {
      const people = alone.peopleOf(crew)
      return { ...crewFrom(crew, calendars, from, job.house), ...(people > 1 ? { people } : {}) }
    }),
    resources: [...resourcesOf(job), ...[...sprayed].map(airOfRoom), ...[...sprayers].map(sprayerOf)],
    places,
    pulls: pullRules(setup, book),
    bands: bandRules(setup, book),
    passes: work.passes,
    keeps: work.keeps,
    // Read last: writing lags and pulls has told the book which clocks are needed.
    clocks: book.tables(),
    airs: airs.rules(),
    done: told.flatMap((each) => ('done' in each ? [each.done] : [])),
    fixed: [...fixedOf(job, told, from), ...[...going].map(([id, { at }]) => ({ id, at }))],
    goals: goalsOf(job, work),
  }
}

/**
 * Fields whose lines are on already: wet tape comes off in its hour whether or not there is time left to roll behind it, and the
 * field follows as soon as it may.
 */
function fieldsAlone({ activities }: Work, told: readonly Told[]): ReadonlySet<string> {
  const coated = new Set(
    activities.flatMap((act, i) => {
      const each = told[i]
      return act.kind === 'coat' && each && 'done' in each ? [`${act.roundId} ${act.coat}`] : []
    }),
  )
  return new Set(
    activities.flatMap((act) => (act.kind === 'roll' && coated.has(`${act.roundId} ${act.coat}`) ? [act.id] : [])),
  )
}

/** Tape and seals of a round that is coated already are laid anew, where a strip tore, before the next of its coats. */
function laidAnew({ activities }: Work, told: readonly Told[]): ProblemLag[] {
  const left = new Set(told.flatMap((each) => ('left' in each ? [each.left.id] : [])))
  const ofRound = groupedBy(
    activities.filter(({ roundId }) => roundId !== null),
    ({ roundId }) => roundId,
  )
  return [...ofRound.values()].flatMap((acts) => {
    const isBegun = acts.some(({ id, kind }) => kind === 'coat' && !left.has(id))
    if (!isBegun) return []
    const gone = acts.filter(({ id, kind }) => kind === 'lay' && left.has(id))
    return gone.flatMap((lay) =>
      acts.flatMap(({ id, kind }): ProblemLag[] =>
        left.has(id) && AFTER_LAYING.includes(kind)
          ? [{ from: lay.id, to: id, min: { clock: null, amount: 0 }, max: null }]
          : [],
      ),
    )
  })
}

const AFTER_LAYING: readonly Activity['kind'][] = ['seal', 'coat', 'roll', 'pull']

/** Starts set by hand that are still to come, of work that is not done. */
function fixedOf({ planning }: Job, told: readonly Told[], from: number): FixedStart[] {
  const left = new Set(told.flatMap((each) => ('left' in each ? [each.left.id] : [])))
  return planning.holds
    .map(({ taskId, at }) => ({ id: taskId, at: parseInstant(at) }))
    .filter(({ id, at }) => left.has(id) && at >= from)
}

type Told = { readonly done: DoneActivity } | { readonly left: ProblemActivity }

interface ToldSetup extends ProblemSetup {
  readonly airs: AirRules
  /** Crews that may lend a hand with an activity. */
  readonly others: (act: Activity) => readonly Mode[]
  readonly alone: ByOneOf
  /** How many were told to do each thing; null for all of a crew. */
  readonly handsTold: ReadonlyMap<ActivityId, number | null>
  /** Crews that may split, where there are several guns. */
  readonly sprayers: ReadonlySet<string>
  /** Rooms in which a gun sprays. */
  readonly sprayed: ReadonlySet<string>
  readonly throughAt: ReadonlyMap<RoundId, number>
}

/** Rounds that have all their coats, and since when: tape that tears behind them is off, and nobody lays it anew. */
function coatedThrough({ activities }: Work, log: LogState): Map<RoundId, number> {
  const coats = groupedBy(
    activities.filter(({ kind, roundId }) => kind === 'coat' && roundId !== null),
    ({ roundId }) => roundId,
  )
  return new Map(
    [...coats].flatMap(([roundId, own]): [RoundId, number][] => {
      const ends = own.map((act) => activityProgress(act, log).doneAt)
      return roundId === null || ends.includes(null) ? [] : [[roundId, Math.max(...ends.map((at) => at ?? 0))]]
    }),
  )
}

/** An activity as done, or as what is left of it. */
function toldOf(setup: ToldSetup, act: Activity, going?: UnderWay): Told {
  const { job, log, minutes: all, airs, others, alone, sprayed, handsTold, throughAt } = setup
  const minutes = sure(all.get(act.id))
  const { doneAt: tickedAt, doneShare, crewId } = activityProgress(act, log)
  const isOfTape = act.kind === 'lay' || act.kind === 'seal'
  const doneAt = tickedAt ?? (isOfTape && act.roundId !== null ? (throughAt.get(act.roundId) ?? null) : null)
  const uses = [
    ...SHARED.filter((kind) => act.needs[kind] && countOf(job, kind) > 0),
    ...(sprayed.has(act.roomId) ? mistUses(act.roomId, act.needs.gun) : []),
    ...(act.needs.gun && setup.sprayers.has(act.needs.crewId) ? [sprayerOf(act.needs.crewId).id] : []),
  ]
  if (doneAt !== null) {
    const { id, roomId, needs } = act
    return { done: { id, roomId, crewId: crewId ?? needs.crewId, uses, from: doneAt - minutes, to: doneAt } }
  }
  const ways = alone.modesOf(act, { crewId: act.needs.crewId, minutes })
  const isBegun = going !== undefined || doneShare > 0
  // Whoever has begun it ends it.
  const told = isBegun
    ? [ways.find(({ hands }) => hands === (handsTold.get(act.id) ?? undefined)) ?? nth(ways, 0)]
    : ways
  const modes = told.map((way): Mode => {
    const rest = Math.max(1, Math.ceil(way.minutes * (1 - doneShare)))
    // Ticks say how far it is; without any it is as far as it was told to be.
    return { ...way, minutes: going && doneShare === 0 ? Math.min(rest, going.minutes) : rest }
  })
  return {
    left: {
      id: act.id,
      roomId: act.roomId,
      modes,
      others: isBegun ? [] : others(act).flatMap((way) => alone.modesOf(act, way)),
      uses,
      divisible: act.divisible,
      release: act.release,
      air: airs.of(act),
      follows: act.follows,
    },
  }
}

/** Things that are in one place at a time, and there are only so many of. */
const SHARED = ['gun', 'tower'] as const

/** How many of a kind are on the shelf. */
export const countOf = ({ shelf }: Job, kind: (typeof SHARED)[number]): number =>
  shelf.tools.reduce((sum, tool) => sum + (tool.kind === kind && !tool.retired ? tool.count : 0), 0)

/** What of them is on the shelf. A job without any is told so by its load, or hires it; here that holds nothing up. */
const resourcesOf = (job: Job): Resource[] =>
  SHARED.flatMap((id) =>
    countOf(job, id) > 0
      ? [{ id, capacity: countOf(job, id), carryMin: id === 'tower' ? Math.ceil(job.house.rates.towerEach) : 0 }]
      : [],
  )

function crewFrom(crew: Crew, calendars: Calendars, from: number, house: HouseRules): ProblemCrew {
  const shifts = shiftsFrom(calendars.get(crew.id) ?? NO_SHIFTS, from)
  return { id: crew.id, shifts, washOutMin: dayEndsOf(house).washOutMin, stayOnMin: Math.floor(house.stayOnMin) }
}

/** Stretches from an instant on, kept with them: what a plan tables of them is tabled once. */
const shiftsFrom = lastFor((stretches: readonly Stretch[], from: number) =>
  stretches.map((stretch) => [Math.max(stretch.from, from), stretch.to] as const).filter(([start, end]) => end > start),
)
const NO_SHIFTS: readonly Stretch[] = []

function goalsOf(job: Job, work: Work): Goal[] {
  const due = (iso: string | null) => (iso === null ? Number.POSITIVE_INFINITY : parseInstant(iso))
  const ranked = job.rooms
    .map((room, i) => ({ room, i }))
    // Rooms needed back first come first; the rest keep the order of the survey.
    .sort((a, b) => compare(due(a.room.neededBy), due(b.room.neededBy)) || a.i - b.i)
  const handBacks = job.rooms.flatMap((room): Goal[] => {
    const activityIds = work.activities.filter((act) => act.roomId === room.id).map((act) => act.id)
    return room.neededBy === null || activityIds.length === 0
      ? []
      : [{ goal: 'hand-back', roomId: room.id, activityIds, by: parseInstant(room.neededBy) }]
  })
  return [
    { goal: 'windows' },
    ...handBacks,
    { goal: 'rooms-in-order', rooms: alike(ranked.map(({ room }) => room)) },
    { goal: 'soon' },
  ]
}

/** Fronts of a house that are wanted by the same time are alike, at the place of the first of them. */
function alike(ranked: readonly Room[]): string[][] {
  const key = (room: Room) => (room.kind === 'elevation' ? `house ${room.neededBy ?? ''}` : room.id)
  return [...groupedBy(ranked, key).values()].map((rooms) => rooms.map((room) => room.id))
}

const compare = (a: number, b: number): number => (a < b ? -1 : a > b ? 1 : 0)

export type { ClockBook }
