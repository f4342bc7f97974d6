import type { Store } from '../kernel/store'
import { seededNumbers } from '../../../base/units/seeded'
import type { HeldUnits } from './crews'

/** One pass of a propagator over a case of usual size, to be timed by whoever runs it. */
export interface PassBench {
  readonly what: string
  readonly once: () => void
}

/** Tasks of a usual case as a crew sees them. */
export const benchHeld = (store: Store, count: number): HeldUnits[] =>
  benchTasks(count).map(({ least, most, minutes, units }) => ({ start: store.variable(least, most), minutes, units }))

/** Tasks of a usual case, with where they may start and how long they take, the same each time. */
export function benchTasks(count: number): { least: number; most: number; minutes: number; units: number }[] {
  const random = seededNumbers(11)
  const whole = (low: number, high: number) => low + Math.floor(random() * (high - low + 1))
  return Array.from({ length: count }, () => {
    const least = whole(0, 5000)
    return { least, most: least + whole(5, 90), minutes: whole(5, 45), units: whole(1, 2) }
  })
}
