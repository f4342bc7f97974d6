import type { Selling } from './selling'

/** What an hour’s work is set to where prices are not to be seen. */
const HOUR = 100_000
/** Significant digits of a price told in hours: from more of them the wage could be found, since prices are whole in it. */
const DIGITS = 3
/** What plans are compared by is told in whole minutes: to three digits small sums would be whole at few wages only. */
const MINUTE = HOUR / 60
/** How a price is made of costs is the office’s alone. */
const UNTOLD: Selling = {
  overheadPct: 0,
  marginPct: 0,
  taxPct: 0,
  taxName: '',
  validDays: 0,
  excluded: '',
  sundriesMinorPerDay: 0,
}

/** Names of fields under which all is the office's alone. */
const OFFICE_ONLY: ReadonlySet<string> = new Set(['quotes', 'selling'])

/** Whether a field, or all below it, is not for painters as it stands. */
export const isPriceField = (name: string): boolean => isMoneyField(name) || OFFICE_ONLY.has(name)

/** Names of fields that hold money. */
const isMoneyField = (name: string): boolean => /Minor(PerL)?$/.test(name)

/**
 * Facts with all money told in hours of work, to three digits: what is cheaper stays so, so that everything is chosen as before,
 * and no price or wage can be read off or worked out of them all together.
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
      // What a customer was asked for, and how, is nobody's but the office's.
      name === 'quotes'
        ? []
        : name === 'selling'
          ? UNTOLD
          : name === 'planRates'
            ? roughly(value, factor)
            : isMoneyField(name) && typeof value === 'number'
              ? Number((value * factor).toPrecision(DIGITS))
              : told(value, factor),
    ]),
  )
}

/** Prices in whole minutes of work. */
const roughly = (prices: unknown, factor: number): unknown =>
  typeof prices !== 'object' || prices === null
    ? prices
    : Object.fromEntries(
        Object.entries(prices).map(([name, value]: [string, unknown]) => [
          name,
          isMoneyField(name) && typeof value === 'number' ? Math.round((value * factor) / MINUTE) * MINUTE : value,
        ]),
      )
