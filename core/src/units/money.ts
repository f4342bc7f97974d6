/** Making a formatter costs more than a thousand uses of it. */
const formats = new Map<string, Intl.NumberFormat>()

/** Writes minor units (cents) as an amount in the site's currency, e.g. `€12.40`. */
export function formatMoney(minor: number, currency: string): string {
  const format = formats.get(currency) ?? new Intl.NumberFormat('en-GB', { style: 'currency', currency })
  formats.set(currency, format)
  return format.format(minor / 100)
}
