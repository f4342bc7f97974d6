import { known, word } from '../../base/nouns'
import { learned, rateOf } from './rates'

/** What was counted where so much was expected. */
export interface Compared {
  readonly counted: number
  readonly expected: number
}

/** How many times as much came as was expected, and the span that holds it with a chance of 0.9. */
export interface Factor {
  readonly mean: number
  readonly low: number
  readonly high: number
}

/** Before anybody counted, what comes is believed to be about what is expected, as if so much had been counted on that: from a third to three times. */
export const BELIEF = known(1.5, '', 'from-memory', word('source', 'as-sure-of-the-model-as-one-or-two-faults-make'))
/** What is alike in one house, tapes, textures and hands, stands about its mean as if so much had been counted of each. */
export const TAPE_BELIEF = known(4, '', 'from-memory', word('source', 'tapes-of-a-house-differ-by-half'))

/** A span whose upper end is at most so many times its lower one settles something. */
const SETTLED_TIMES = 2.5
/** Half the width of a span of 0.9 in standard deviations. */
const SPAN_90 = 1.645

/**
 * How a house's own counts stand to what was expected. Counts are Poisson about what is expected times a factor, the factor a gamma law about
 * 1: conjugate (Gelman et al., ch. 2).
 */
export const houseFactor = ({ counted, expected }: Compared): Factor =>
  rateOf(learned({ shape: BELIEF.value, rate: BELIEF.value }, { events: counted, exposure: expected }))

/** The same for one tape, drawn towards its house's mean: what was counted of few metres says little by itself. */
export const tapeFactor = ({ counted, expected }: Compared, house: Factor): Factor =>
  rateOf(
    learned(
      { shape: TAPE_BELIEF.value, rate: TAPE_BELIEF.value / house.mean },
      { events: counted, exposure: expected },
    ),
  )

/** Whether more came than was expected, less, about as much, or nobody can say yet. */
export type CountVerdict = 'more' | 'less' | 'as-expected' | 'open'

export function standingOf({ low, high }: Factor): CountVerdict {
  if (low > 1) return 'more'
  if (high < 1) return 'less'
  return high / low <= SETTLED_TIMES ? 'as-expected' : 'open'
}

/**
 * Metres still to be looked along before the span is narrow: of a gamma law of shape n it is about `exp(2 · 1.645 / √n)` times as high as low.
 *
 * @param perM  faults to be expected a metre, with what is known now
 * @returns 0 where it is narrow already
 */
export function metresToSettle({ counted }: Compared, perM: number): number {
  const enough = ((2 * SPAN_90) / Math.log(SETTLED_TIMES)) ** 2
  return perM > 0 ? Math.max(0, (enough - BELIEF.value - counted) / perM) : 0
}
