import { sure } from '../../base/units/sure'
import { chancesOf } from '../../planning/chance/chances'
import type { Crew, Job, OutdoorHour, PullOpinion, RoomPlan } from '../../base/nouns'
import type { Parameters } from '../../base/parameters/parameters'
import { DEFAULT_PARAMETERS } from '../../base/parameters/parameters'
import { formatInstant, fromLocal, parseInstant, toLocal } from '../../base/units/time'
import { betterPlan } from './betterPlan'
import { sprayedFronts } from '../chain/cheaperIn'
import { judged } from '../chain/judge'
import { planWithProblem } from '../chain/planJob'
import { priceOfPlans } from '../chain/priceOfPlans'

/** A supposition about a job: something somebody may decide, or that may happen. Days are those of the site, since the epoch. */
export type Supposed =
  | { readonly if: 'painter'; readonly crewId: string }
  | { readonly if: 'starts'; readonly crewId: string; readonly clock: string }
  | { readonly if: 'away'; readonly crewId: string; readonly day: number }
  | { readonly if: 'crew'; readonly roomId: string; readonly crewId: string }
  | { readonly if: 'rounds'; readonly roomId: string; readonly share: number }
  | { readonly if: 'gun'; readonly roomId: string; readonly crewId: string | null }
  | { readonly if: 'needed'; readonly roomId: string; readonly by: string }
  | { readonly if: 'pull'; readonly pull: PullOpinion }
  | { readonly if: 'rain'; readonly day: number }
  | { readonly if: 'dry'; readonly day: number }

/** What nobody decides, so that it cannot be kept. */
export const isOnlyWeather = ({ if: what }: Supposed): boolean => what === 'rain' || what === 'dry'

/** A plan made anew, by what a lead asks of it. Money in minor units, minutes since the epoch, shares 0 … 1. */
export interface WhatIfOutcome {
  readonly endsAt: number
  readonly lateMin: number
  /** Ways from room to room. */
  readonly moves: number
  /** All that is still to come, by what plans are compared by; null where that is not their price. */
  readonly priceMinor: number | null
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
    case 'rounds':
      return withRoomPlan(job, what.roomId, { roundShare: what.share })
    case 'gun':
      return withRoomPlan(job, what.roomId, { gunCrewId: what.crewId })
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

/** What is settled of how a room is done; what is as usual is not written down. */
function withRoomPlan(job: Job, roomId: string, change: Partial<Omit<RoomPlan, 'roomId'>>): Job {
  const { rooms } = job.planning
  const own = { roomId, roundShare: 1, gunCrewId: null, ...rooms.find((room) => room.roomId === roomId), ...change }
  const rest = rooms.filter((room) => room.roomId !== roomId)
  const isUsual = own.roundShare === 1 && own.gunCrewId === null
  return { ...job, planning: { ...job.planning, rooms: isUsual ? rest : [...rest, own] } }
}

const dayOff = ({ site }: Job, { crewId, day }: { crewId: string; day: number }) => ({
  crewId,
  person: null,
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

interface OutcomeWays {
  /** Runs of the days ahead; the same seed has the same luck. */
  readonly runs: number
  readonly seed: number
  /** Rounds of search for a better plan; left out, what is planned at once counts. */
  readonly rounds?: number
  readonly isOver?: () => boolean
}

/** What planning a job anew comes to. */
export function outcomeOf(
  job: Job,
  now: number,
  { runs, seed, rounds = 0, isOver = () => false }: OutcomeWays,
  parameters: Parameters = DEFAULT_PARAMETERS,
): WhatIfOutcome {
  const chain = planWithProblem({ ...job, published: null }, now, parameters)
  const { plan, problem } = chain
  const first = { placed: plan.proposed, unplaced: [] }
  const { goals } = job.planning
  const priceOf = priceOfPlans(job, chain)
  const byPrice = priceOf && { priceOf, leftAlone: sprayedFronts(job), mayLend: true }
  const placement =
    rounds === 0 ? first : betterPlan(problem, first, { seed, rounds, goals, isOver, ...byPrice }).placement
  const { endsAt, lateMin, moves, misses, price } = judged(problem, placement, priceOf)
  const people = new Map(job.crews.map((crew) => [crew.id, crew.people.length]))
  const workedMin = plan.proposed
    .filter((task) => !task.done)
    .reduce(
      (sum, { crewId, pieces }) =>
        sum + sure(people.get(crewId)) * pieces.reduce((all, piece) => all + piece.to - piece.from, 0),
      0,
    )
  const chances = chancesOf(problem, placement, { runs, seed })
  const late = chances.rooms.flatMap((room) => room.lateShare ?? [])
  return {
    endsAt,
    lateMin,
    moves,
    priceMinor: price?.totalMinor ?? null,
    workedMin,
    wagesMinor: Math.round((workedMin * job.house.wagePerHourMinor) / 60),
    misses: misses.length,
    unsafe: plan.recipes.filter((answer) => !answer.safe).length,
    worstPull: Math.max(0, ...chances.pulls.map((pull) => pull.missShare)),
    worstRoom: late.length > 0 ? Math.max(...late) : null,
  }
}
