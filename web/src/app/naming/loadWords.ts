import { formatRun, type UnitSystem, type VanItem } from '@crisp-hem/core'
import { decimals, W } from '../words'

/** How much of a thing to load: metres rounded up, whole pieces, parts of a tube or tin. */
export function amountWords({ amount, unit }: Pick<VanItem, 'amount' | 'unit'>, units: UnitSystem): string {
  switch (unit) {
    case 'mm':
      return formatRun(Math.ceil(amount / 1000) * 1000, units)
    case 'pieces':
      return W.van.pieces({ n: Math.ceil(amount) })
    case 'litres':
      return W.van.litres({ n: decimals(Math.ceil(amount * 10) / 10, 1) })
    default:
      return W.van.parts[unit]({ n: decimals(Math.ceil(amount * 10) / 10, 1) })
  }
}

/** A thing to load in a line: name, width, and how much. */
export const loadWords = (item: VanItem, units: UnitSystem): string =>
  [item.name, ...(item.widthMm ? [`${item.widthMm} mm`] : []), amountWords(item, units)].join(' ')
