import { isGunUp, type Job } from '../../base/nouns'
import { groupedBy } from '../../base/units/groupedBy'
import { MIN_PER_HOUR } from '../../base/units/time'
import { workDayOf } from '../../nature/calendar/workDay'
import type { ProblemActivity, ScheduleProblem } from '../problem/problem'
import { peopleAt } from '../problem/withCrews'
import type { PartPrice } from './planPrice'

/** What no plan of a problem costs less than, part by part. What depends on waits and orders is left out: it is counted as nothing. */
export interface LeastPrice {
  readonly parts: readonly PartPrice[]
  readonly totalMinor: number
}

interface LeastGround {
  readonly job: Pick<Job, 'house' | 'crews' | 'site'>
  readonly problem: Pick<ScheduleProblem, 'activities' | 'crews' | 'done' | 'from'>
}

/**
 * A bound in money: every piece of work by whoever takes fewest hours over it, help included; as few trips and days as hold all of
 * it, were no day ever to wait for anything; one filling where a gun is still to be filled. Waiting, ways, changes of room, nights, tape and
 * lateness count nothing.
 */
export function leastPrice({ job, problem }: LeastGround): LeastPrice {
  const { house } = job
  const rates = house.planRates
  const peopleOf = new Map(job.crews.map(({ id, people }) => [id, Math.max(1, people.length)]))
  const crewOf = new Map(problem.crews.map((crew) => [crew.id, crew]))
  /** Minutes of a whole crew, and of its people, that a way of doing something takes. */
  const takenBy = ({ modes, others = [] }: ProblemActivity) =>
    [...modes, ...others].map((mode) => {
      const crew = crewOf.get(mode.crewId)
      const crewMin = (mode.minutes * peopleAt(mode, crew)) / (crew?.people ?? 1)
      return { crewMin, personMin: crewMin * (peopleOf.get(mode.crewId) ?? 1) }
    })
  const taken = problem.activities.map(takenBy).filter((ways) => ways.length > 0)
  const sum = (pick: (way: { crewMin: number; personMin: number }) => number) =>
    taken.reduce((all, ways) => all + Math.min(...ways.map(pick)), 0)
  const [crewMin, personMin] = [sum((way) => way.crewMin), sum((way) => way.personMin)]
  const dayOf = workDayOf(job)
  const longest = Math.max(
    1,
    ...problem.crews.map(({ shifts, stayOnMin = 0 }) => longestDay(shifts, stayOnMin, dayOf) + OVERTIME_MIN),
  )
  const today = dayOf(problem.from)
  const here = new Set(problem.done.flatMap(({ crewId, from }) => (dayOf(from) === today ? crewId : []))).size
  const crewDays = Math.ceil(Math.round((crewMin / longest) * 1e6) / 1e6)
  const visits = Math.max(0, crewDays - here)
  const wageMinor = (minutes: number) => (minutes * house.wagePerHourMinor) / MIN_PER_HOUR
  const endsMin =
    Math.min(...peopleOf.values(), Number.POSITIVE_INFINITY) * (house.rates.setUpEach + house.rates.washOutEach)
  const days = Math.ceil(crewDays / Math.max(1, job.crews.length))
  const guns = problem.activities.some(({ id }) => isGunUp(id)) ? 1 : 0
  const parts: PartPrice[] = [
    { part: 'work', amount: personMin / MIN_PER_HOUR, minor: wageMinor(personMin) },
    { part: 'visits', amount: visits, minor: visits > 0 ? visits * (rates.visitMinor + wageMinor(endsMin)) : 0 },
    { part: 'days', amount: days, minor: days * rates.siteDayMinor },
    { part: 'guns', amount: guns, minor: guns * rates.fillMinor },
  ]
  const told = parts.map((part) => ({ ...part, minor: Math.floor(part.minor) }))
  return { parts: told, totalMinor: told.reduce((all, { minor }) => all + minor, 0) }
}

/** What is done after hours on one day at most: wet tape, a gun to be cleaned, min. From memory. */
const OVERTIME_MIN = 60

/** Minutes of the longest day of a crew, with what it stays on at each break. */
function longestDay(
  shifts: ScheduleProblem['crews'][number]['shifts'],
  stayOnMin: number,
  dayOf: (at: number) => number,
): number {
  const days = groupedBy(shifts, ([from]) => String(dayOf(from)))
  return Math.max(
    0,
    ...[...days.values()].map((own) => own.reduce((all, [from, to]) => all + to - from + stayOnMin, 0)),
  )
}
