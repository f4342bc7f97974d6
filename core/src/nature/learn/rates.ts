import { betaBelow, bisect, gammaQuantile, lnGamma } from './gamma'

/** Faults found on so much edge: bleeds on metres, lifts on metres. */
export interface Counted {
  readonly events: number
  readonly exposure: number
}

/** What is believed of a rate before or after records: a gamma law, as if `shape` events had been seen on `rate` of exposure. */
interface GammaBelief {
  readonly shape: number
  readonly rate: number
}

/** Gamma–Poisson: the belief after more was counted. Conjugate, Gelman et al. ch. 2: published. */
export const learned = ({ shape, rate }: GammaBelief, { events, exposure }: Counted): GammaBelief => ({
  shape: shape + events,
  rate: rate + exposure,
})

/** The mean rate of a belief and the span that holds it with a chance, events per unit of exposure. */
export function rateOf(belief: GammaBelief, chance = 0.9): { mean: number; low: number; high: number } {
  const at = (p: number) => gammaQuantile(belief.shape, p) / belief.rate
  return { mean: belief.shape / belief.rate, low: at((1 - chance) / 2), high: at((1 + chance) / 2) }
}

/** Exact limits of a Poisson mean after `events` were counted: Garwood 1936. */
export function poissonLimits(events: number, chance = 0.95): { low: number; high: number } {
  const tail = (1 - chance) / 2
  return { low: events === 0 ? 0 : gammaQuantile(events, tail), high: gammaQuantile(events + 1, 1 - tail) }
}

/** How two counted rates compare: their ratio, its exact limits, and the two-sided chance of so great a difference. */
interface RateRatio {
  /** First over second; null where the second is nothing. */
  readonly ratio: number | null
  readonly low: number
  /** Null: without limit. */
  readonly high: number | null
  readonly pValue: number
}

/**
 * Exact comparison of two Poisson rates, or null where there is nothing to compare: one was looked for nowhere. Given their sum the first count is binomial (Przyborowski & Wilenski 1940), so its
 * limits are Clopper & Pearson's (1934). The p-value sums what is no likelier than what was seen.
 */
export function rateRatio(first: Counted, second: Counted, chance = 0.95): RateRatio | null {
  if (first.exposure <= 0 || second.exposure <= 0) return null
  const n = first.events + second.events
  const even = first.exposure / (first.exposure + second.exposure)
  const asRatio = (p: number) => (p >= 1 ? null : (p / (1 - p)) * (second.exposure / first.exposure))
  const tail = (1 - chance) / 2
  const k = first.events
  const low = k === 0 ? 0 : bisect((p) => betaBelow(k, n - k + 1, p) - tail, 0, 1)
  const high = k === n ? 1 : bisect((p) => betaBelow(k + 1, n - k, p) - (1 - tail), 0, 1)
  const chanceOf = (i: number) =>
    Math.exp(lnGamma(n + 1) - lnGamma(i + 1) - lnGamma(n - i + 1) + i * Math.log(even) + (n - i) * Math.log(1 - even))
  const seen = chanceOf(k)
  const pValue = Math.min(1, noLikelier({ n, k, even, asLikely: (i) => chanceOf(i) <= seen * (1 + 1e-9) }))
  const ratio = second.events === 0 ? null : first.events / first.exposure / (second.events / second.exposure)
  return { ratio, low: asRatio(low) ?? 0, high: asRatio(high), pValue }
}

interface Tails {
  readonly n: number
  readonly k: number
  readonly even: number
  /** Whether a count is no likelier than what was seen. */
  readonly asLikely: (count: number) => boolean
}

/** Chance of a count that is no likelier than the one seen, on either side: chances fall away from the likeliest count, so both ends are looked for by halving. */
function noLikelier({ n, k, even, asLikely }: Tails): number {
  const atLeast = (i: number) => (i <= 0 ? 1 : i > n ? 0 : betaBelow(i, n - i + 1, even))
  const top = Math.min(n, Math.floor((n + 1) * even))
  if (k === top) return 1
  /** The first count on the way from `from` to `to` that is no likelier. */
  const first = (from: number, to: number, by: 1 | -1): number => {
    let [low, high] = [0, Math.abs(to - from) + 1]
    while (low < high) {
      const middle = (low + high) >> 1
      if (asLikely(from + by * middle)) high = middle
      else low = middle + 1
    }
    return from + by * low
  }
  return 1 - atLeast(first(top, 0, -1) + 1) + atLeast(first(top, n, 1))
}

/** How a hand learns: minutes for the n-th piece are `first · n^exponent`; each doubling takes `share` of the time before. */
interface LearningCurve {
  readonly first: number
  readonly exponent: number
  readonly share: number
}

/** Wright 1936: each doubling of pieces made takes the same share of the time before. */
export const learningCurve = (first: number, share: number): LearningCurve => ({
  first,
  exponent: Math.log2(share),
  share,
})

/** Minutes for the n-th piece, n from 1. */
export const minutesOfPiece = ({ first, exponent }: LearningCurve, n: number): number => first * n ** exponent

/**
 * The curve that fits pieces best in logarithms, by least squares. Null where there are not two different ones.
 * @param pieces  number of the piece from 1, and its minutes
 */
export function fitLearning(pieces: readonly { readonly n: number; readonly minutes: number }[]): LearningCurve | null {
  const points = pieces.map(({ n, minutes }) => ({ x: Math.log(n), y: Math.log(minutes) }))
  const mean = (of: (point: { x: number; y: number }) => number) =>
    points.reduce((sum, point) => sum + of(point), 0) / points.length
  const [mx, my] = [mean(({ x }) => x), mean(({ y }) => y)]
  const spread = points.reduce((sum, { x }) => sum + (x - mx) ** 2, 0)
  if (points.length < 2 || spread === 0) return null
  const exponent = points.reduce((sum, { x, y }) => sum + (x - mx) * (y - my), 0) / spread
  return { first: Math.exp(my - exponent * mx), exponent, share: 2 ** exponent }
}
