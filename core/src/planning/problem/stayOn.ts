import { firstPast } from '../../base/units/firstPast'
import { onceFor } from '../../base/units/onceFor'
import { nth } from '../../base/units/sure'
import type { ProblemCrew } from './problem'

/**
 * How long a crew stays on past the end of each of its stretches, min: what it is allowed, and no longer than the break. A wall is not
 * left half rolled for a meal; common practice, no published source. How long is the house's.
 */
export const stayOnOf = onceFor(({ shifts, stayOnMin = 0 }: ProblemCrew): readonly number[] =>
  shifts.map(([, to], i) => Math.min(stayOnMin, (shifts[i + 1]?.[0] ?? Number.POSITIVE_INFINITY) - to)),
)

/** How much of unbroken work may lie past the end of a stretch: nobody begins before a break what is mostly done behind it. */
export const mostPast = (stayOnMin: number, minutes: number): number => Math.min(stayOnMin, Math.floor(minutes / 2))

/** Work that may be broken off is ended all the same where no more than this is left of it: nobody comes back for minutes. From memory. */
export const CRUMB_MIN = 5

/** How much of work that may be broken off is done past the end of a stretch, rather than left over. */
export const crumbPast = (stayOnMin: number, minutes: number): number =>
  Math.min(CRUMB_MIN, mostPast(stayOnMin, minutes))

/** Whether unbroken work lies in one stretch of a crew, or ends while it stays on, with at least half of it before. */
export function isInStretch(crew: ProblemCrew, from: number, to: number): boolean {
  const stayOn = stayOnOf(crew)
  const i = firstPast(crew.shifts.length, (k) => nth(crew.shifts, k)[0] > from) - 1
  const shift = crew.shifts[i]
  return shift !== undefined && to <= shift[1] + mostPast(stayOn[i] ?? 0, to - from)
}
