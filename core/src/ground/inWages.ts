/** What an hour’s work is set to where prices are not to be seen. */
const HOUR = 100_000

/** Names of fields that hold money. */
export const isMoneyField = (name: string): boolean => /Minor(PerL)?$/.test(name)

/**
 * Facts with all money told in hours of work: what is cheaper stays so, by as much, so that everything is chosen as before, and
 * no price or wage can be read off.
 *
 * @param wageMinor  what an hour costs in them; where it is nothing, money becomes nothing too
 */
export function inWages<T>(facts: T, wageMinor: number): T {
  const factor = wageMinor > 0 ? HOUR / wageMinor : 0
  // The same shape, other numbers.
  return told(facts, factor) as T
}

function told(data: unknown, factor: number): unknown {
  if (Array.isArray(data)) return data.map((each: unknown) => told(each, factor))
  if (typeof data !== 'object' || data === null) return data
  return Object.fromEntries(
    Object.entries(data).map(([name, value]: [string, unknown]) => [
      name,
      // What a customer was asked for is nobody's but the office's.
      name === 'quotes' ? [] : isMoneyField(name) && typeof value === 'number' ? value * factor : told(value, factor),
    ]),
  )
}
