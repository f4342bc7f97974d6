import { GRADES, HOUSE_WAYS, QUOTE_LINES } from '../../base/nouns'
import { decimal, exact, id, instant, list, oneOf, optionalText, orNull, wholeNumber } from './fields'

const MONEY = () => wholeNumber(0, 1_000_000_000)

const offer = exact({
  grade: oneOf(GRADES),
  school: oneOf(HOUSE_WAYS),
  lines: list(exact({ kind: oneOf(QUOTE_LINES), amountMinor: MONEY() }), 0, QUOTE_LINES.length),
  netMinor: MONEY(),
  taxMinor: MONEY(),
  totalMinor: MONEY(),
  workedMin: wholeNumber(0, 10_000_000),
  endsAt: instant(),
  faultMm: decimal(0, 1e9),
  faultMmPerM: decimal(0, 1e6),
  unsafe: wholeNumber(0, 100_000),
  tapeMm: wholeNumber(0, 1_000_000_000),
  materialMinor: MONEY(),
})

/** A quote as it was given. */
export const quoteSchema = exact({
  id: id(),
  at: instant(),
  by: optionalText(200),
  note: optionalText(2000),
  offers: list(offer, 1, GRADES.length),
  taken: orNull(oneOf(GRADES)),
  basis: optionalText(40),
})

/** How a price is made of what a job costs. */
export const sellingSchema = exact({
  overheadPct: decimal(0, 500),
  marginPct: decimal(0, 500),
  taxPct: decimal(0, 100),
  taxName: optionalText(40),
  validDays: wholeNumber(0, 3650),
  excluded: optionalText(2000),
  sundriesMinorPerDay: MONEY(),
})
