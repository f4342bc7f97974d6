/**
 * Decimals of a currency's minor unit by ISO 4217, as the platform's locale data has them: 2 for most, 0 for yen, 3 for
 * dinars. Money is kept in whole minor units.
 */
export function minorDigits(currency: string): number {
  const found = known.get(currency)
  if (found !== undefined) return found
  const { maximumFractionDigits = 2 } = new Intl.NumberFormat('en', { style: 'currency', currency }).resolvedOptions()
  known.set(currency, maximumFractionDigits)
  return maximumFractionDigits
}
const known = new Map<string, number>()
