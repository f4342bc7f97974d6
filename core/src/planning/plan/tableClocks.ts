import type { RateClock } from '../../nature/cure/rateClock'
import type { ClockTable } from '../problem/problem'

/** Clocks ready to be asked, by name: a table with what its hours gain together. */
export function clocksOfTables(tables: readonly ClockTable[]): Map<string, RateClock> {
  return new Map(
    tables.map(({ id, startMin, rates }) => {
      const gained = [0]
      let sum = 0
      for (const rate of rates) gained.push((sum += 60 * rate))
      return [id, { startMin, rates, gained }]
    }),
  )
}
