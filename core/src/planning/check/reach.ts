import type { ClockDelay, ClockTable } from '../problem/problem'

const HOUR = 60
/** A clock that gains less than this in a year of its last hour stands still. */
const YEARS_MIN = 100 * 366 * 24 * HOUR

/**
 * The instant at which an amount has run on a clock since `from`, hour by hour through its table; null when it never
 * has. Written for checking: it shares nothing with the code that plans.
 */
export function reach(table: ClockTable, from: number, amount: number): number | null {
  if (amount <= 0) return from
  const last = table.rates.length - 1
  const endOfTable = table.startMin + HOUR * last
  let [at, left] = [from, amount]
  while (at < endOfTable) {
    const hour = Math.max(0, Math.floor((at - table.startMin) / HOUR))
    const rate = table.rates[hour] ?? 0
    const next = table.startMin + HOUR * (hour + 1)
    const gain = rate * (next - at)
    if (gain >= left) return at + left / rate
    left -= gain
    at = next
  }
  const rate = table.rates[last] ?? 0
  return rate > 0 && left / rate < YEARS_MIN ? at + left / rate : null
}

/** Reads delays of a problem: the instant a delay has passed since `from`; null when it never does. */
export type Passed = (from: number, delay: ClockDelay) => number | null

export function passing(tables: readonly ClockTable[]): Passed {
  const byId = new Map(tables.map((table) => [table.id, table]))
  return (from, { clock, amount }) => {
    if (clock === null) return from + amount
    const table = byId.get(clock)
    return table ? reach(table, from, amount) : null
  }
}
