import { onceCalled } from '../../base/units/onceCalled'

/**
 * Standard normal distribution function, by Abramowitz & Stegun 7.1.26 for erf (largest error 1.5e-7).
 */
export function normalCdf(z: number): number {
  const x = Math.abs(z) / Math.SQRT2
  const t = 1 / (1 + 0.3275911 * x)
  const series = t * (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))))
  const erf = 1 - series * Math.exp(-x * x)
  return z >= 0 ? (1 + erf) / 2 : (1 - erf) / 2
}

/**
 * The z below which a share p of a standard normal lies; p in (0, 1). Abramowitz & Stegun 26.2.23 as a start, then
 * two Newton steps on {@link normalCdf}.
 */
export function normalQuantile(p: number): number {
  if (p > 0.5) return -normalQuantile(1 - p)
  const t = Math.sqrt(-2 * Math.log(p))
  let z = -(t - (2.515517 + t * (0.802853 + t * 0.010328)) / (1 + t * (1.432788 + t * (0.189269 + t * 0.001308))))
  for (let step = 0; step < 2; step++) z -= (normalCdf(z) - p) / (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI))
  return z
}

/** Half-width of a 90 % interval in standard deviations. */
export const Z90 = 1.6448536269514722

/** An expected figure with its 90 % interval. */
export interface Estimate {
  readonly mean: number
  readonly low: number
  readonly high: number
}

/**
 * What something costs on average over an estimate that is normal round its middle: by three points of it, those of its 90 % interval
 * weighted so that the variance is kept.
 */
export const averageOver = ({ mean, low, high }: Estimate, costs: (at: number) => number): number =>
  (1 - 2 * AT_AN_END) * costs(mean) + AT_AN_END * (costs(low) + costs(high))
const AT_AN_END = 1 / (2 * Z90 * Z90)

/** An estimate that is worked out when somebody looks at it: of most ways to treat a hem nobody does. */
export function estimateLater(work: () => Estimate): Estimate {
  const known = onceCalled(work)
  return {
    get mean() {
      return known().mean
    },
    get low() {
      return known().low
    },
    get high() {
      return known().high
    },
  }
}

/** An estimate times a factor. */
export const scaled = (one: Estimate, by: number): Estimate =>
  by === 1 ? one : { mean: one.mean * by, low: one.low * by, high: one.high * by }
