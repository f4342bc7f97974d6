import { nth } from '../../base/units/sure'
import type { AirPoint, AirSeries } from '../air/airSeries'

/**
 * A clock that runs at a rate set by the hour's air: reference minutes gained per minute.
 * Rates are constant within an hour, so amounts are sums of straight lines and their roots are exact.
 */
export interface RateClock {
  readonly startMin: number
  /** rates[i] holds for hour i; the first also before, the last also after. */
  readonly rates: readonly number[]
  /** gained[i] is what hours 0 … i−1 gain together. */
  readonly gained: readonly number[]
}

/** Runs a rate over a series of air. @param rate reference minutes per minute, never negative */
export function rateClock(air: AirSeries, rate: (point: AirPoint) => number): RateClock {
  const rates = air.hours.map(rate)
  const gained = [0]
  for (const each of rates) gained.push(nth(gained, gained.length - 1) + 60 * each)
  return { startMin: air.startMin, rates, gained }
}

/** Reference minutes gained between two instants (minutes since the epoch); negative backwards. */
export const gainedBetween = (clock: RateClock, from: number, to: number): number =>
  gainedAt(clock, to) - gainedAt(clock, from)

/**
 * The instant at which a clock started at `from` has gained `amount` reference minutes.
 * @returns minutes since the epoch, or null when it never does because the clock stands still for good
 */
export function instantOfGain(clock: RateClock, from: number, amount: number): number | null {
  if (amount <= 0) return from
  const goal = gainedAt(clock, from) + amount
  const last = clock.rates.length - 1
  if (goal <= 0) return clock.startMin + goal / nth(clock.rates, 0)
  if (goal > nth(clock.gained, last)) {
    const rate = nth(clock.rates, last)
    return rate > 0 ? clock.startMin + 60 * last + (goal - nth(clock.gained, last)) / rate : null
  }
  const hour = hourReaching(clock.gained, goal)
  return clock.startMin + 60 * hour + (goal - nth(clock.gained, hour)) / nth(clock.rates, hour)
}

/**
 * The same for every minute from `from` on, in one walk along the hours.
 * @returns whole minutes behind `from`, rounded up; `never` where the clock stands still for good
 */
export function instantsOfGain(
  clock: RateClock,
  { from, count, amount, never }: { from: number; count: number; amount: number; never: number },
): Int32Array {
  const values = new Int32Array(count)
  const { startMin, rates, gained } = clock
  const last = rates.length - 1
  const hourAt = (at: number): number => Math.min(Math.max(Math.floor((at - startMin) / 60), 0), last)
  let now = hourAt(from)
  let [nowStart, nowGained, nowRate] = [startMin + 60 * now, nth(gained, now), nth(rates, now)]
  let goalHour = 0
  let [goalGained, goalNext, goalRate] = [0, last > 0 ? nth(gained, 1) : Number.POSITIVE_INFINITY, nth(rates, 0)]
  for (let i = 0; i < count; i++) {
    const at = from + i
    if (now < last && at >= nowStart + 60) {
      now = hourAt(at)
      ;[nowStart, nowGained, nowRate] = [startMin + 60 * now, nth(gained, now), nth(rates, now)]
    }
    const goal = nowGained + (at - nowStart) * nowRate + amount
    while (goal > goalNext) {
      goalHour++
      ;[goalGained, goalRate] = [nth(gained, goalHour), nth(rates, goalHour)]
      goalNext = goalHour < last ? nth(gained, goalHour + 1) : Number.POSITIVE_INFINITY
    }
    const ends = amount <= 0 ? at : startMin + 60 * goalHour + (goal - goalGained) / goalRate
    values[i] = Number.isFinite(ends) ? Math.min(never, Math.ceil(ends) - from) : never
  }
  return values
}

function gainedAt(clock: RateClock, at: number): number {
  const hours = (at - clock.startMin) / 60
  const hour = Math.min(Math.max(Math.floor(hours), 0), clock.rates.length - 1)
  return nth(clock.gained, hour) + (at - clock.startMin - 60 * hour) * nth(clock.rates, hour)
}

/** The first hour within which the sum reaches the goal: gained[hour] < goal ≤ gained[hour + 1]. */
function hourReaching(gained: readonly number[], goal: number): number {
  let low = 0
  let high = gained.length - 1
  while (high - low > 1) {
    const middle = (low + high) >> 1
    if (nth(gained, middle) < goal) low = middle
    else high = middle
  }
  return low
}

/** The rate of a clock at an instant. */
export function rateAt(clock: RateClock, at: number): number {
  const hour = Math.floor((at - clock.startMin) / 60)
  return nth(clock.rates, Math.min(Math.max(hour, 0), clock.rates.length - 1))
}
