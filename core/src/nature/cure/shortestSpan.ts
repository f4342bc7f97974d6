import { keptWords } from '../../base/units/keptWords'
import { onceFor } from '../../base/units/onceFor'
import { instantOfGain, type RateClock } from './rateClock'

/** A step is done on the day it is estimated for or on the next: hours from when it is laid. From memory. */
const STEP_SPAN_H = 36

/** Every hour in which a step laid at an instant may be done. */
export const hoursOfStep = (layAt: number): number[] => Array.from({ length: STEP_SPAN_H }, (_, i) => layAt + 60 * i)

/** The shortest time, min, in which a clock gains an amount when it starts in one of some hours; null for never. */
export function shortestSpan(clock: RateClock, hours: readonly number[], amount: number): number | null {
  const spans = spansOf(clock, hours, amount)
  return spans.length > 0 ? Math.min(...spans) : null
}

/** The longest of them. */
export function longestSpan(clock: RateClock, hours: readonly number[], amount: number): number | null {
  const spans = spansOf(clock, hours, amount)
  return spans.length > 0 ? Math.max(...spans) : null
}

/** The shortest span of a step laid at an instant, in any hour in which it may be done; kept, since all lines of a colour ask for it. */
export const shortestOfStep = (clock: RateClock, layAt: number, amount: number): number | null =>
  shortestOf(clock)(amount)(layAt)

const shortestOf = onceFor((clock: RateClock) =>
  keptWords((amount: number) => keptWords((layAt: number) => shortestSpan(clock, hoursOfStep(layAt), amount))),
)

const spansOf = (clock: RateClock, hours: readonly number[], amount: number): number[] =>
  hours.flatMap((at) => {
    const end = instantOfGain(clock, at, amount)
    return end === null ? [] : [end - at]
  })
