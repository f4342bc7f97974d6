import { chancesOf } from '../chance/chances'
import type { Crew, Job, OutdoorHour } from '../ground'
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
  | { readonly if: 'rain'; readonly day: number }

/** What nobody decides, so that it cannot be kept. */
export const isOnlyWeather = ({ if: what }: Supposed): boolean => what === 'rain'

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
    case 'rain':
      return rainOn(job, what.day)
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
const WET_HOURS = { from: 6, to: 20 }

function rainOn(job: Job, day: number): Job {
  const { outside } = job.air
  if (!outside) return job
  const first = parseInstant(outside.from)
  const hours = outside.hours.map((hour, i) => {
    const local = toLocal(first + 60 * i, job.site.zone)
    const isWet = local.day === day && local.minute >= 60 * WET_HOURS.from && local.minute < 60 * WET_HOURS.to
    return isWet ? { ...hour, ...WET } : hour
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

/**
 * Which room would best go to another crew: each room that names no crew and is not begun is tried with every other crew, and
 * the change that makes the plan best is kept, again and again until none helps. Rooms by id with their new crews, in the order
 * in which they were found; empty when the plan is best as crews are given.
 */
export function otherCrews(
  job: Job,
  now: number,
  isOver: () => boolean,
  parameters: Parameters = DEFAULT_PARAMETERS,
): { readonly roomId: string; readonly crewId: string }[] {
  const found: { roomId: string; crewId: string }[] = []
  let best = scoreOf(job, now, parameters)
  for (let at: Job | null = job; at !== null;) {
    const here: Job = at
    at = null
    let won: { roomId: string; crewId: string } | null = null
    for (const [roomId, crewIds] of best.open) {
      for (const crewId of crewIds) {
        if (isOver()) return found
        const next = supposed(here, { if: 'crew', roomId, crewId })
        const score = scoreOf(next, now, parameters)
        if (!goesBefore(score, best)) continue
        best = { ...score, open: best.open }
        at = next
        won = { roomId, crewId }
      }
    }
    if (won) found.push(won)
    if (at) best = scoreOf(at, now, parameters)
  }
  return found
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

const goesBefore = (one: Score, other: Score): boolean =>
  one.misses !== other.misses
    ? one.misses < other.misses
    : one.lateMin !== other.lateMin
      ? one.lateMin < other.lateMin
      : one.endsAt <= other.endsAt - WORTH_MIN
