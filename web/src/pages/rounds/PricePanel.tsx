import type { CrewDay, Plan } from '@crisp-hem/core'
import { useNow } from '../../app/state/clock'
import { useFacts } from '../../app/state/useJob'
import { Panel } from '../../app/ui/Panel'
import { W, clockText, formatMoney, spanText, whenText } from '../../app/words'
import { amountText } from './priceWords'

/** Waiting for less is a breather, min. */
const LEAST_WAIT_MIN = 20

/** What all that is still to come of a plan costs, by what it is paid for, and where people wait. */
export function PricePanel({ plan }: { plan: Plan }) {
  const { site } = useFacts()
  const { parts, totalMinor, days } = plan.price
  const told = parts.filter(({ amount }) => amount > 0.005)
  const most = Math.max(1, ...told.map(({ minor }) => minor))
  const waits = days.filter(({ idleMin }) => idleMin >= LEAST_WAIT_MIN)
  if (told.length === 0) return null
  return (
    <Panel title={W.price.title} aside={<b className="font-head text-lg">{formatMoney(totalMinor, site.currency)}</b>}>
      <p>{waits.length === 0 ? W.price.nobodyWaits : W.price.waits({ count: waits.length })}</p>
      {waits.length > 0 && (
        <ul className="mb-1 border-l-4 border-rule pl-3 text-[0.95rem]">
          {waits.map((day) => (
            <Wait key={`${day.crewId} ${day.day}`} day={day} />
          ))}
        </ul>
      )}
      <details>
        <summary className="flex min-h-9 w-fit cursor-pointer items-center underline">{W.price.parts}</summary>
        <table className="w-full max-w-2xl text-[0.95rem]">
          <tbody>
            {told.map((part) => (
              <tr key={part.part} className="border-b border-rule align-baseline">
                <th scope="row" className="py-1 pr-3 text-left font-normal">
                  {W.price.names[part.part]}
                </th>
                <td className="pr-3 whitespace-nowrap text-soft">{amountText(part)}</td>
                <td className="w-2/5 pr-3">
                  <svg viewBox="0 0 100 8" preserveAspectRatio="none" className="block h-2.5 w-full" aria-hidden>
                    <rect
                      width={(100 * part.minor) / most}
                      height="8"
                      fill={part.part === 'work' ? 'var(--ink)' : 'var(--kraft)'}
                    />
                  </svg>
                </td>
                <td className="text-right font-semibold whitespace-nowrap">{formatMoney(part.minor, site.currency)}</td>
              </tr>
            ))}
          </tbody>
        </table>
        <p className="mt-1 text-sm text-soft">{W.price.rests}</p>
      </details>
    </Panel>
  )
}

function Wait({ day }: { day: CrewDay }) {
  const { site, crews } = useFacts()
  const now = useNow(60_000)
  const crew = crews.find(({ id }) => id === day.crewId)?.name ?? ''
  return (
    <li>
      {W.price.wait({
        crew,
        span: spanText(day.idleMin),
        from: whenText(day.from, now, site.zone),
        to: clockText(day.to, site.zone),
      })}
    </li>
  )
}
