import { intAt } from '../../base/units/sure'
import type { Model } from './model'
import type { Ramp } from './ramp'

/** No lag leads from one task to the other. */
export const APART = -(1 << 28)

/** Least distances between starts that the fixed lags imply: `start(j) ≥ start(i) + at(i, j)`. */
export interface Network {
  readonly at: (i: number, j: number) => number
  /** Tasks of lags that cannot all be kept, in a circle; null when there is none. */
  readonly circle: readonly number[] | null
}

/** Tasks up to which all distances are worked out. Cubic: 400 take a twentieth of a second. */
const ALL_PAIRS = 400

/** Longest paths over fixed lags (Floyd & Warshall); of many tasks only direct lags. A circle that grows is a proof. */
export function networkOf(model: Model): Network {
  const count = model.tasks.length
  // By way of a task that may not be done nothing follows.
  if (count > ALL_PAIRS || model.choices?.length) return directOnly(model)
  const length = new Int32Array(count * count).fill(APART)
  const next = new Int32Array(count * count).fill(-1)
  for (let i = 0; i < count; i++) length[i * count + i] = 0
  const known = new Map<Ramp, number>()
  for (const { from, to, weight, ramp } of model.lags) {
    const own = from * count + to
    // A wait that hangs on the hour is at least as long as its shortest.
    const least = ramp === null ? weight : leastOf(ramp, known)
    if (least > intAt(length, own)) {
      length[own] = least
      next[own] = to
    }
  }
  for (let k = 0; k < count; k++)
    for (let i = 0; i < count; i++) {
      const first = intAt(length, i * count + k)
      if (first === APART) continue
      for (let j = 0; j < count; j++) {
        const rest = intAt(length, k * count + j)
        if (rest === APART || first + rest <= intAt(length, i * count + j)) continue
        length[i * count + j] = first + rest
        next[i * count + j] = intAt(next, i * count + k)
        if (i === j) return { at: () => APART, circle: circleAt(next, count, i) }
      }
    }
  return { at: (i, j) => intAt(length, i * count + j), circle: null }
}

function leastOf(ramp: Ramp, known: Map<Ramp, number>): number {
  const { start, values } = ramp
  const found = known.get(ramp)
  if (found !== undefined) return found
  let least = intAt(values, 0) - start
  for (let i = 1; i < values.length; i++) least = Math.min(least, intAt(values, i) - start - i)
  known.set(ramp, least)
  return least
}

function circleAt(next: Int32Array, count: number, at: number): number[] {
  const seen: number[] = []
  for (let i = at; !seen.includes(i) && i >= 0; i = intAt(next, i * count + at)) seen.push(i)
  return seen
}

function directOnly(model: Model): Network {
  const length = new Map<number, number>()
  const count = model.tasks.length
  for (const { from, to, weight, ramp } of model.lags) {
    const key = from * count + to
    if (ramp === null) length.set(key, Math.max(weight, length.get(key) ?? APART))
  }
  return { at: (i, j) => (i === j ? 0 : (length.get(i * count + j) ?? APART)), circle: null }
}
