import { isGunUp, readActivity, type HemId, type Job } from '../../base/nouns'
import { MIN_PER_DAY, MIN_PER_HOUR } from '../../base/units/time'
import { workDayOf } from '../../nature/calendar/workDay'
import { standingFills } from '../check/checkFills'
import type { Miss, MissKind } from '../check/miss'
import type { PlacedTask } from '../plan/placement'
import type { ScheduleProblem } from '../problem/problem'
import { crewDaysOf, type CrewDay } from './crewDays'
import { movedIn } from './moved'

/** What a plan costs, by what it is paid for, in the order in which it is told. */
export const PRICE_PARTS = [
  'work',
  'idle',
  'way',
  'visits',
  'moves',
  'days',
  'nights',
  'guns',
  'tape',
  'windows',
  'late',
  'told',
] as const
export type PricePart = (typeof PRICE_PARTS)[number]

/** One part of a plan's price. `amount` counts what it is paid for: hours of people, visits, moves, days, nights, fillings, metre-days, metres, hours late, things told. */
export interface PartPrice {
  readonly part: PricePart
  readonly amount: number
  readonly minor: number
}

/** The price of what is still to come of a plan, in money of the house. */
export interface PlanPrice {
  readonly parts: readonly PartPrice[]
  readonly totalMinor: number
  readonly days: readonly CrewDay[]
}

export interface PriceGround {
  readonly job: Pick<Job, 'house' | 'crews' | 'site' | 'published'>
  readonly problem: Pick<
    ScheduleProblem,
    'activities' | 'crews' | 'places' | 'done' | 'pulls' | 'goals' | 'lags' | 'from' | 'resources'
  >
  /** Metres of tape that each pull takes off. */
  readonly metresOf: ReadonlyMap<string, number>
}

/** How much of a metre tears, or has to be gone over, where tape comes off in the wrong hour. From memory. */
const WRONG_HOUR_SHARE = 0.3

/** Prices any plan of one problem. @param misses what the check found wrong with it */
export type PriceOf = (placed: readonly PlacedTask[], misses: readonly Miss[]) => PlanPrice

/**
 * What a plan costs: hours worked and waited, and all that a foreman would rather have less of, at the house's prices. Plans of the
 * same job are compared by it, part by part; a plan that breaks a rule more is never bought with it.
 */
export function pricerOf(ground: PriceGround): PriceOf {
  const { job, problem, metresOf } = ground
  const { house } = job
  const rates = house.planRates
  const daysOf = crewDaysOf(job, problem)
  const dayOf = workDayOf(job)
  const nights = nightsOf(problem, dayOf)
  const fillings = fillingsOf(problem)
  const moved = movedIn(job.published, problem.from)
  const wageMinor = (personMin: number): number => (personMin * house.wagePerHourMinor) / MIN_PER_HOUR
  return (placed, misses) => {
    const days = daysOf(placed)
    const persons = (minutes: (day: CrewDay) => number): number =>
      days.reduce((sum, day) => sum + minutes(day) * day.people, 0)
    const hours = (part: PricePart, personMin: number): PartPrice => ({
      part,
      amount: personMin / MIN_PER_HOUR,
      minor: wageMinor(personMin),
    })
    const counted = (part: PricePart, amount: number, eachMinor: number): PartPrice => ({
      part,
      amount,
      minor: amount * eachMinor,
    })
    const visits = days.filter(({ isVisit }) => isVisit)
    const endsMin =
      visits.reduce((sum, { people }) => sum + people, 0) * (house.rates.setUpEach + house.rates.washOutEach)
    const moves = days.reduce((sum, day) => sum + day.moves, 0)
    const left = placed.filter(({ done }) => !done)
    const parts: PartPrice[] = [
      hours(
        'work',
        persons((day) => day.workMin),
      ),
      hours(
        'idle',
        persons((day) => day.idleMin),
      ),
      hours(
        'way',
        persons((day) => day.wayMin),
      ),
      { part: 'visits', amount: visits.length, minor: visits.length * rates.visitMinor + wageMinor(endsMin) },
      { part: 'moves', amount: moves, minor: wageMinor(persons((day) => day.moves * rates.moveMin)) },
      counted('days', daysOpen(left, dayOf), rates.siteDayMinor),
      counted('nights', nights(placed), rates.nightMinor),
      counted('guns', fillings(left), rates.fillMinor),
      counted('tape', tapeDays(problem, placed, metresOf), rates.tapeDayMinor),
      counted('windows', missedMetres(misses, metresOf), house.mendTearMinor * WRONG_HOUR_SHARE),
      counted('late', lateHours(problem, placed), rates.lateHourMinor),
      counted('told', moved(left), rates.toldMinor),
    ]
    const told = parts.map((part) => ({ ...part, minor: Math.round(part.minor) }))
    return { parts: told, totalMinor: told.reduce((sum, { minor }) => sum + minor, 0), days }
  }
}

/** Days on which a site is open: from the first on which anything is left to do to the last. */
function daysOpen(left: readonly PlacedTask[], dayOf: (at: number) => number): number {
  if (left.length === 0) return 0
  return dayOf(Math.max(...left.map(({ to }) => to)) - 1) - dayOf(Math.min(...left.map(({ from }) => from))) + 1
}

/** Tells how many nights rooms lie under sheets in a plan, in all, from now on. */
function nightsOf(
  { activities, from: now }: Pick<ScheduleProblem, 'activities' | 'from'>,
  dayOf: (at: number) => number,
): (placed: readonly PlacedTask[]) => number {
  const acts = new Map<string, { readonly roomId: string; readonly isCover: boolean }>()
  for (const { id, roomId } of activities) {
    const ref = readActivity(id)
    if (ref?.of === 'room' && (ref.act === 'cover' || ref.act === 'uncover'))
      acts.set(id, { roomId, isCover: ref.act === 'cover' })
  }
  return (placed) => {
    const covered = new Map<string, number>()
    const bare = new Map<string, number>()
    for (const { taskId, from, to } of placed) {
      const act = acts.get(taskId)
      if (act?.isCover) covered.set(act.roomId, Math.max(now, from))
      else if (act) bare.set(act.roomId, to)
    }
    // What lies already lies from now on.
    return [...bare].reduce(
      (sum, [roomId, to]) => sum + Math.max(0, dayOf(to - 1) - dayOf(covered.get(roomId) ?? now)),
      0,
    )
  }
}

/** Tells how often guns are filled in what is left of a plan: once more where paint would set in one before it sprays again. */
function fillingsOf(problem: Pick<ScheduleProblem, 'lags'>): (left: readonly PlacedTask[]) => number {
  const standingIn = standingFills(problem)
  return (left) => left.filter(({ taskId }) => isGunUp(taskId)).length + standingIn(left).length
}

/** Metres of tape times the days for which they are on. */
function tapeDays(
  { pulls }: Pick<ScheduleProblem, 'pulls'>,
  placed: readonly PlacedTask[],
  metresOf: ReadonlyMap<string, number>,
): number {
  const at = new Map(placed.map((task) => [task.taskId, task]))
  return pulls.reduce((sum, { activityId, stays }) => {
    const pull = at.get(activityId)
    const laid = stays.flatMap(({ layId, laidAt }) => laidAt ?? at.get(layId)?.from ?? [])
    if (!pull || laid.length === 0) return sum
    const days = Math.max(0, pull.to - Math.min(...laid)) / MIN_PER_DAY
    return sum + (metresOf.get(activityId) ?? 0) * days
  }, 0)
}

/** Misses of tape that comes off, in an hour in which it should not; what has no place at all costs nothing yet. */
const WRONG_HOURS: readonly MissKind[] = [
  'pull-too-soon',
  'wet-overrun',
  'no-wet-span',
  'wet-missed',
  'pull-tacky',
  'past-stay',
  'off-in-spray',
  'bare-floor',
]

/** Metres whose tape comes off in such an hour, each once. */
function missedMetres(misses: readonly Miss[], metresOf: ReadonlyMap<string, number>): number {
  const pulls = misses.filter(({ kind }) => WRONG_HOURS.includes(kind)).map(({ activityId }) => activityId)
  return [...new Set(pulls)].reduce((sum, id) => sum + (metresOf.get(id) ?? 0), 0)
}

/** Hours by which rooms are handed back late, in all; one begun counts whole, since a promise is broken by minutes too. */
function lateHours({ goals }: Pick<ScheduleProblem, 'goals'>, placed: readonly PlacedTask[]): number {
  const ends = new Map(placed.map(({ taskId, to }) => [taskId, to]))
  return goals.reduce((sum, goal) => {
    if (goal.goal !== 'hand-back') return sum
    const late = Math.max(0, ...goal.activityIds.map((id) => (ends.get(id) ?? goal.by) - goal.by))
    return sum + Math.ceil(late / MIN_PER_HOUR)
  }, 0)
}

/** Metres that each pull of some rounds takes off. */
export const metresOfPulls = (
  rounds: readonly { readonly pulls: readonly { readonly taskId: string; readonly hemIds: readonly HemId[] }[] }[],
  hems: readonly { readonly id: HemId; readonly lengthMm: number }[],
): ReadonlyMap<string, number> => {
  const lengths = new Map(hems.map(({ id, lengthMm }) => [id, lengthMm]))
  return new Map(
    rounds.flatMap(({ pulls }) =>
      pulls.map(
        ({ taskId, hemIds }) => [taskId, hemIds.reduce((sum, id) => sum + (lengths.get(id) ?? 0), 0) / 1000] as const,
      ),
    ),
  )
}

/** What one plan costs more than another, part by part; parts that are alike are left out. */
export const priceBeside = (one: PlanPrice, other: PlanPrice): PartPrice[] =>
  one.parts.flatMap((part, i) => {
    const beside = other.parts[i]
    const minor = part.minor - (beside?.minor ?? 0)
    return minor === 0 ? [] : [{ part: part.part, amount: part.amount - (beside?.amount ?? 0), minor }]
  })
