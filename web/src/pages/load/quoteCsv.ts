import { minorDigits, writeCsv, type Quote } from '@crisp-hem/core'
import type { JobFacts } from '@crisp-hem/core/wire'

const FIELDS = ['quote', 'given', 'grade', 'line', 'amount', 'currency'] as const

/** A quote as CSV: a row for each line of each offer, then net, tax and total. Names of columns and lines are codes. */
export function quoteCsv({ site }: Pick<JobFacts, 'site'>, quote: Quote): string {
  const digits = minorDigits(site.currency)
  const rows = quote.offers.flatMap((offer) =>
    [
      ...offer.lines.map(({ kind, amountMinor }) => [kind, amountMinor] as const),
      ['net', offer.netMinor] as const,
      ['tax', offer.taxMinor] as const,
      ['total', offer.totalMinor] as const,
    ].map(([line, minor]) => [
      quote.id,
      quote.at,
      offer.grade,
      line,
      (minor / 10 ** digits).toFixed(digits),
      site.currency,
    ]),
  )
  return writeCsv(FIELDS, rows)
}
