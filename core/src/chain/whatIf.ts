import { chancesOf } from '../chance/chances'
import type { Crew, Job, OutdoorHour, PullOpinion } from '../ground'
import type { Parameters } from '../parameters/parameters'
import { DEFAULT_PARAMETERS } from '../parameters/parameters'
import { formatInstant, fromLocal, parseInstant, toLocal } from '../units/time'
import { judged } from './judge'
import { planWithProblem } from './planJob'

/** A supposition about a job: something somebody may decide, or that may happen. Days are those of the site, since the epoch. */
export type Supposed =
  | { readonly if: 'painter'; readonly crewId: string }
  | { readonly if: 'starts'; readonly crewId: string; readonly clock: string }
  | { readonly if: 'away'; readonly crewId: string; readonly day: number }
  | { readonly if: 'crew'; readonly roomId: string; readonly crewId: string }
  | { readonly if: 'needed'; readonly roomId: string; readonly by: string }
  | { readonly if: 'pull'; readonly pull: PullOpinion }
  | { readonly if: 'rain'; readonly day: number }
  | { readonly if: 'dry'; readonly day: number }

/** What nobody decides, so that it cannot be kept. */
export const isOnlyWeather = ({ if: what }: Supposed): boolean => what === 'rain' || what === 'dry'

/** A plan made anew, by what a lead asks of it. Money in minor units, minutes since the epoch, shares 0 … 1. */
export interface Outcome {
  readonly endsAt: number
  readonly lateMin: number
  /** Ways from room to room. */
  readonly moves: number
  /** Minutes worked, summed over people, and what these cost. */
  readonly workedMin: number
  readonly wagesMinor: number
  /** Ways in which it misses windows, shifts or waits; what has no place is among them. */
  readonly misses: number
  /** Edges with no safe way, so that they are in no round and take no hours: what is spared there is no gain. */
  readonly unsafe: number
  /** The most likely pull to miss its span. */
  readonly worstPull: number
  /** How likely the likeliest room is to be late; null where none is due. */
  readonly worstRoom: number | null
}

/** A job in which something is so. What it names must be of the job. */
export function supposed(job: Job, what: Supposed): Job {
  const withCrew = (id: string, of: (crew: Crew) => Crew): Job => ({
    ...job,
    crews: job.crews.map((crew) => (crew.id === id ? of(crew) : crew)),
  })
  switch (what.if) {
    case 'painter':
      return withCrew(what.crewId, (crew) => ({
        ...crew,
        people: [...crew.people, { name: `${crew.people.length + 1}`, skill: 'practised' }],
      }))
    case 'starts':
      return withCrew(what.crewId, (crew) => ({
        ...crew,
        shifts: crew.shifts.map((shift) => ({ ...shift, from: what.clock })),
      }))
    case 'away':
      return { ...job, planning: { ...job.planning, away: [...job.planning.away, dayOff(job, what)] } }
    case 'crew':
      return withRoom(job, what.roomId, { crewId: what.crewId })
    case 'needed':
      return withRoom(job, what.roomId, { neededBy: what.by })
    case 'pull':
      return { ...job, house: { ...job.house, pull: what.pull } }
    case 'rain':
      return weatherOn(job, what.day, (hour) => ({ ...hour, ...WET }))
    case 'dry':
      return weatherOn(job, what.day, dried)
  }
}

const withRoom = (job: Job, id: string, change: Partial<Job['rooms'][number]>): Job => ({
  ...job,
  rooms: job.rooms.map((room) => (room.id === id ? { ...room, ...change } : room)),
})

const dayOff = ({ site }: Job, { crewId, day }: { crewId: string; day: number }) => ({
  crewId,
  from: formatInstant(fromLocal(day, 0, site.zone)),
  to: formatInstant(fromLocal(day + 1, 0, site.zone)),
  why: '',
})

/** Steady rain in daytime: what a wet day is taken to be. From memory. */
const WET: Pick<OutdoorHour, 'rainMm' | 'cloud' | 'rh'> = { rainMm: 1.5, cloud: 1, rh: 92 }
/** Hours such a day lasts, of the site’s clock. */
const DAYTIME = { from: 6, to: 20 }

/** A fine day: no rain, no more than a breeze, air no damper than this. From memory. */
const FINE = { rh: 65, windMs: 3, cloud: 0.4 }
const dried = (hour: OutdoorHour): OutdoorHour => ({
  ...hour,
  rainMm: 0,
  rh: Math.min(hour.rh, FINE.rh),
  windMs: Math.min(hour.windMs, FINE.windMs),
  cloud: Math.min(hour.cloud, FINE.cloud),
})

function weatherOn(job: Job, day: number, change: (hour: OutdoorHour) => OutdoorHour): Job {
  const { outside } = job.air
  if (!outside) return job
  const first = parseInstant(outside.from)
  const hours = outside.hours.map((hour, i) => {
    const local = toLocal(first + 60 * i, job.site.zone)
    const isThen = local.day === day && local.minute >= 60 * DAYTIME.from && local.minute < 60 * DAYTIME.to
    return isThen ? change(hour) : hour
  })
  return { ...job, air: { ...job.air, outside: { ...outside, hours } } }
}

/** What planning a job anew comes to. @param runs  of the days ahead; the same seed has the same luck */
export function outcomeOf(
  job: Job,
  now: number,
  { runs, seed }: { readonly runs: number; readonly seed: number },
  parameters: Parameters = DEFAULT_PARAMETERS,
): Outcome {
  const { plan, problem } = planWithProblem({ ...job, published: null }, now, parameters)
  const placement = { placed: plan.proposed, unplaced: [] }
  const { endsAt, lateMin, moves, misses } = judged(problem, placement)
  const people = new Map(job.crews.map((crew) => [crew.id, crew.people.length]))
  const workedMin = plan.proposed
    .filter((each) => !each.done)
    .reduce(
      (sum, { crewId, pieces }) =>
        sum + (people.get(crewId) ?? 0) * pieces.reduce((all, piece) => all + piece.to - piece.from, 0),
      0,
    )
  const chances = chancesOf(problem, placement, { runs, seed })
  const late = chances.rooms.flatMap((room) => room.lateShare ?? [])
  return {
    endsAt,
    lateMin,
    moves,
    workedMin,
    wagesMinor: Math.round((workedMin * job.house.wagePerHourMinor) / 60),
    misses: misses.length,
    unsafe: plan.recipes.filter((answer) => !answer.safe).length,
    worstPull: Math.max(0, ...chances.pulls.map((each) => each.missShare)),
    worstRoom: late.length > 0 ? Math.max(...late) : null,
  }
}

/** Who takes which room otherwise than now, and how sure it is that nothing is better. */
export interface OtherCrews {
  /** Rooms by id with their new crews, in the order in which they were found; empty when the plan is best as crews are given. */
  readonly moves: readonly { readonly roomId: string; readonly crewId: string }[]
  /** Plans made and compared. */
  readonly tried: number
  /** Every way to share the open rooms out was tried: none is better by what is worth telling people. */
  readonly isAll: boolean
}

/** Ways to share rooms out that are all tried; of more, single changes are. From memory: some ten seconds. */
const ALL_WAYS = 64

/**
 * Which rooms would best go to other crews. Who takes a room decides how its rounds are cut and how long they take, so each way is
 * planned anew: all of them where they are few, or one change after another, the best each time, until none helps. Rooms that name
 * their crew, or are begun, stay.
 */
export function otherCrews(
  job: Job,
  now: number,
  isOver: () => boolean,
  parameters: Parameters = DEFAULT_PARAMETERS,
): OtherCrews {
  const score = (each: Job) => scoreOf(each, now, parameters)
  const { open, ...as } = score(job)
  const ways = open.reduce((all, [, crewIds]) => all * (crewIds.length + 1), 1)
  if (ways > ALL_WAYS) return oneByOne(job, isOver, score)
  let [best, moves, tried]: [Omit<Score, 'open'>, OtherCrews['moves'], number] = [as, [], 1]
  for (const each of sharings(open)) {
    if (each.length === 0) continue
    if (isOver()) return { moves, tried, isAll: false }
    const found = score(withCrews(job, each))
    tried++
    if (!goesBefore(found, best)) continue
    best = found
    moves = each
  }
  return { moves, tried, isAll: true }
}

/** Every way to share rooms out: each stays, or goes to one of its other crews; fewest changes first. */
function sharings(open: Score['open']): OtherCrews['moves'][] {
  const all = open.reduce<OtherCrews['moves'][]>(
    (found, [roomId, crewIds]) =>
      found.flatMap((own) => [own, ...crewIds.map((crewId) => [...own, { roomId, crewId }])]),
    [[]],
  )
  return all.sort((a, b) => a.length - b.length)
}

const withCrews = (job: Job, moves: OtherCrews['moves']): Job =>
  moves.reduce<Job>((at, move) => supposed(at, { if: 'crew', ...move }), job)

function oneByOne(job: Job, isOver: () => boolean, score: (job: Job) => Score): OtherCrews {
  const moves: { roomId: string; crewId: string }[] = []
  let best = score(job)
  let tried = 1
  for (let isBetter = true; isBetter;) {
    const { open } = best
    const here = withCrews(job, moves)
    let won: { roomId: string; crewId: string } | null = null
    for (const [roomId, crewIds] of open)
      for (const crewId of crewIds) {
        if (isOver()) return { moves, tried, isAll: false }
        const found = score(supposed(here, { if: 'crew', roomId, crewId }))
        tried++
        if (!goesBefore(found, best)) continue
        best = found
        won = { roomId, crewId }
      }
    if (won) moves.push(won)
    isBetter = won !== null
  }
  return { moves, tried, isAll: false }
}

interface Score {
  readonly misses: number
  readonly lateMin: number
  readonly endsAt: number
  /** Rooms that may go to another crew, with those. */
  readonly open: readonly (readonly [roomId: string, crewIds: readonly string[]])[]
}

function scoreOf(job: Job, now: number, parameters: Parameters): Score {
  const { plan, problem } = planWithProblem({ ...job, published: null }, now, parameters)
  const { misses, lateMin, endsAt } = judged(problem, { placed: plan.proposed, unplaced: [] })
  const crewOf = new Map(plan.tasks.map((task) => [task.roomId, task.crewId]))
  const begun = new Set(
    plan.tasks.flatMap((task) => (problem.done.some(({ id }) => id === task.id) ? task.roomId : [])),
  )
  const able = job.crews.filter((crew) => crew.people.length > 0)
  const open = job.rooms.flatMap((room) => {
    const own = crewOf.get(room.id)
    if (room.crewId !== null || own === undefined || begun.has(room.id)) return []
    return [[room.id, able.flatMap((crew) => (crew.id === own ? [] : crew.id))] as const]
  })
  // Minutes after hours, for wet tape or a gun to clean, are told but stand against nobody.
  return { misses: misses.filter((each) => each.kind !== 'outside-shift').length, lateMin, endsAt, open }
}

/** A room changes hands for this much at least, min: nobody is told otherwise for less. From memory. */
const WORTH_MIN = 15

const goesBefore = (one: Omit<Score, 'open'>, other: Omit<Score, 'open'>): boolean =>
  one.misses !== other.misses
    ? one.misses < other.misses
    : one.lateMin !== other.lateMin
      ? one.lateMin < other.lateMin
      : one.endsAt <= other.endsAt - WORTH_MIN
