import { priceBeside, type PlanPrice } from '@crisp-hem/core'
import { useFacts } from '../../app/state/useJob'
import { W, formatMoney } from '../../app/words'
import { amountText } from './priceWords'

/** What one plan costs more or less than another, part by part. */
export function PriceBeside({ before, after }: { before: PlanPrice; after: PlanPrice }) {
  const { site } = useFacts()
  const parts = priceBeside(after, before).filter(({ minor }) => Math.abs(minor) >= 100)
  if (parts.length === 0) return null
  return (
    <ul className="text-[0.95rem]">
      {parts.map((part) => {
        const facts = {
          part: W.price.names[part.part],
          amount: amountText(part),
          money: formatMoney(Math.abs(part.minor), site.currency),
        }
        return <li key={part.part}>{part.minor < 0 ? W.price.less(facts) : W.price.more(facts)}</li>
      })}
    </ul>
  )
}
