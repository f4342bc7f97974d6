import { gammaBelow } from './gamma'
import type { Belief } from './ownFactors'

/**
 * What a factor that is a gamma law is expected to lie above a bound, E[(f − t)⁺]: `(a/b)(1 − P(a+1, bt)) − t (1 − P(a, bt))`, with P the
 * incomplete gamma function (partial expectation of a gamma law, any handbook of distributions).
 */
export function expectedAbove({ shape, rate }: Belief, bound: number): number {
  if (bound <= 0) return shape / rate - bound
  return (shape / rate) * (1 - gammaBelow(shape + 1, rate * bound)) - bound * (1 - gammaBelow(shape, rate * bound))
}

/**
 * What it would be worth to know a factor, where a way costs `fixed + factor · mending` and another `other` for certain: what is expected to be
 * saved by choosing with knowledge over choosing by the mean. Expected value of perfect information (Raiffa & Schlaifer 1961).
 */
export function worthOfKnowing(
  belief: Belief,
  { fixed, mending, other }: { readonly fixed: number; readonly mending: number; readonly other: number },
): number {
  if (mending <= 0) return 0
  const mean = belief.shape / belief.rate
  const bound = (other - fixed) / mending
  const dearer = mending * expectedAbove(belief, bound)
  // By the mean one takes the way itself, or the other where that is cheaper.
  return fixed + mending * mean <= other ? dearer : dearer - (fixed + mending * mean - other)
}

/** By how much looking along lines on which so much is expected is expected to narrow a belief: the fall of its variance. */
export function narrowedBy({ shape, rate }: Belief, expected: number): number {
  return (shape / (rate * rate)) * (expected / (rate + expected))
}
