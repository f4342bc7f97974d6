import { intAt, sure } from '../../base/units/sure'
/**
 * Values a start may take: closed intervals in order and apart, as `[from₀, to₀, from₁, to₁, …]`. Empty means any.
 */
export type Starts = Int32Array

/** Every value is allowed. */
export const NO_GAPS: Starts = new Int32Array(0)

/** Nothing lies behind the last interval. */
export const NEVER = 1 << 29

/**
 * The least value of a view, at or above `bound`, that the intervals allow. Even views are the values themselves, odd ones
 * the values turned round.
 */
export function between(starts: Starts, view: number, bound: number): number {
  const value = view & 1 ? -bound : bound
  let low = 0
  let high = starts.length >> 1
  if (view & 1) {
    // The last interval that begins at or before the value.
    while (low < high) {
      const middle = (low + high) >> 1
      if (intAt(starts, 2 * middle) <= value) low = middle + 1
      else high = middle
    }
    return low === 0 ? NEVER : -Math.min(value, intAt(starts, 2 * low - 1))
  }
  // The first interval that ends at or behind the value.
  while (low < high) {
    const middle = (low + high) >> 1
    if (intAt(starts, 2 * middle + 1) < value) low = middle + 1
    else high = middle
  }
  return low === starts.length >> 1 ? NEVER : Math.max(value, intAt(starts, 2 * low))
}

/** Intervals from pairs in any order; those that touch or overlap become one, those that are empty go. */
export function startsOf(pairs: readonly (readonly [from: number, to: number])[]): Starts {
  const sorted = pairs.filter(([from, to]) => to >= from).sort((a, b) => a[0] - b[0])
  const out: number[] = []
  for (const [from, to] of sorted) {
    if (out.length > 0 && from <= sure(out.at(-1)) + 1) out[out.length - 1] = Math.max(sure(out.at(-1)), to)
    else out.push(from, to)
  }
  return Int32Array.from(out)
}

/** What two sets of starts share. */
export function shared(one: Starts, other: Starts): Starts {
  const out: number[] = []
  let [i, j] = [0, 0]
  while (i < one.length && j < other.length) {
    const from = Math.max(intAt(one, i), intAt(other, j))
    const to = Math.min(intAt(one, i + 1), intAt(other, j + 1))
    if (from <= to) out.push(from, to)
    if (intAt(one, i + 1) < intAt(other, j + 1)) i += 2
    else j += 2
  }
  return Int32Array.from(out)
}
