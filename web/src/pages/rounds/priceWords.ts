import type { PartPrice } from '@crisp-hem/core'
import { W } from '../../app/words'

/** How much of something is paid for. */
export function amountText({ part, amount }: PartPrice): string {
  if (part === 'work' || part === 'idle' || part === 'way' || part === 'late')
    return W.price.amounts[part]({ hours: Math.abs(amount).toFixed(1) })
  return W.price.amounts[part]({ count: Math.round(Math.abs(amount)) })
}
