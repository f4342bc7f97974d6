import { isKnown, type Known } from '../../base/nouns'
import type { Parameters } from '../../base/parameters/parameters'
import { onceFor } from '../../base/units/onceFor'
import { seededNumbers, shuffled } from '../../base/units/seeded'
import { nth } from '../../base/units/sure'
import { normalQuantile, type Estimate } from './normal'
import { spreadOfKnown } from './spreadOf'

/** Enough for the ends of a 90 % interval to stand still to a tenth of its width; checked in the tests. */
const DRAWS = 192
const SEED = 20270510

/**
 * The figures of the models as they might be, each drawn by its own spread and all of them together: Latin hypercube sampling (McKay,
 * Beckman & Conover 1979), so that few draws fill every figure's range evenly. The same figures give the same draws.
 */
export const drawnParameters = onceFor((by: Parameters): readonly Parameters[] => drawn(by, DRAWS, SEED))

/** So many draws with a seed of their own. */
export function drawn(by: Parameters, count: number, seed: number): readonly Parameters[] {
  const random = seededNumbers(seed)
  const shifts: Float64Array[] = []
  // Each figure gets every stratum once, in an order of its own.
  const stratum = (figure: number, draw: number): number => {
    shifts[figure] ??= shuffledStrata(count, random)
    return nth(shifts[figure], draw)
  }
  return Array.from({ length: count }, (_, draw) => {
    let figure = 0
    return mapped(by, (one) => shifted(one, stratum(figure++, draw)))
  })
}

const shuffledStrata = (count: number, random: () => number): Float64Array =>
  Float64Array.from(
    shuffled(
      Array.from({ length: count }, (_, i) => i),
      random,
    ),
    (each) => normalQuantile((each + 0.5) / count),
  )

/** A figure so many of its standard deviations away: on a log scale, or for a share of one on that of its odds, so that it stays one. */
function shifted(one: Known, z: number): Known {
  const spread = spreadOfKnown(one)
  const { value } = one
  if (value === 0) return one
  if (one.unit !== '' || value < 0 || value >= 1) return { ...one, value: value * Math.exp(z * spread) }
  const odds = (value / (1 - value)) * Math.exp((z * spread) / Math.max(LEAST_REST, 1 - value))
  return { ...one, value: odds / (1 + odds) }
}
/** Shares near one are not let swing all the way. From memory. */
const LEAST_REST = 0.3

/** The same shape with every figure put through `put`, in one order. */
function mapped<T>(value: T, put: (one: Known) => Known): T {
  if (typeof value !== 'object' || value === null) return value
  // Shapes stay as they are: only figures are changed.
  if (isKnown(value)) return put(value) as T
  if (Array.isArray(value)) return value.map((each: unknown) => mapped(each, put)) as T
  return Object.fromEntries(Object.entries(value).map(([name, each]) => [name, mapped(each as unknown, put)])) as T
}

/**
 * What is expected by the figures as they stand, with the span that holds nine of ten of what it would be by the draws.
 *
 * @param of  the figure asked for, by some parameters
 */
export function withDoubt(by: Parameters, of: (by: Parameters) => number): Estimate {
  const sorted = Float64Array.from(drawnParameters(by), of).sort()
  const at = (share: number): number => {
    const place = share * (sorted.length - 1)
    const i = Math.floor(place)
    const [a, b] = [nth(sorted, i), nth(sorted, Math.min(i + 1, sorted.length - 1))]
    return a + (b - a) * (place - i)
  }
  const mean = of(by)
  return { mean, low: Math.min(mean, at(0.05)), high: Math.max(mean, at(0.95)) }
}
