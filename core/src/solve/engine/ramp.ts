import { intAt } from '../../base/units/sure'
import { NEVER } from './starts'

/** A function of whole minutes that never falls: finish later, ready later. Tabled from `start` on; behind the table it is never. */
export interface Ramp {
  readonly start: number
  readonly values: Int32Array
}

/** Tables a function. @param of gives the value for a minute, non-decreasing; null for never */
export function rampOf(start: number, count: number, of: (minute: number) => number | null): Ramp {
  const values = new Int32Array(count)
  for (let i = 0; i < count; i++) {
    const value = of(start + i)
    values[i] = value === null || value > NEVER ? NEVER : value
  }
  return { start, values }
}

/** The same, so much later. */
export const raised = ({ start, values }: Ramp, minutes: number): Ramp => ({
  start,
  values: values.map((value) => Math.min(NEVER, value + minutes)),
})

export function rampAt({ start, values }: Ramp, minute: number): number {
  const i = minute - start
  if (i < 0) return intAt(values, 0)
  return i < values.length ? intAt(values, i) : NEVER
}

/** The first minute at which a ramp reaches a value; far before its table where it always has. */
export function rampReaches({ start, values }: Ramp, value: number): number {
  if (value <= intAt(values, 0)) return -NEVER
  let low = 0
  let high = values.length
  while (low < high) {
    const middle = (low + high) >> 1
    if (intAt(values, middle) < value) low = middle + 1
    else high = middle
  }
  return start + low
}
