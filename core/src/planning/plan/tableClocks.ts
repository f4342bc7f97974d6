import { onceFor } from '../../base/units/onceFor'
import type { RateClock } from '../../nature/cure/rateClock'
import type { ClockTable } from '../problem/problem'

/** Clocks ready to be asked, by name. */
export const clocksOfTables = onceFor(
  (tables: readonly ClockTable[]): ReadonlyMap<string, RateClock> =>
    new Map(tables.map((table) => [table.id, clockOf(table)])),
)

/** A table with what its hours gain together: a plan has months of them, and many plans have the same. */
const clockOf = onceFor(({ startMin, rates }: ClockTable): RateClock => {
  const gained = [0]
  let sum = 0
  for (const rate of rates) gained.push((sum += 60 * rate))
  return { startMin, rates, gained }
})
