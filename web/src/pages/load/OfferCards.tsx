import { parseInstant, type Grade, type QuoteOffer } from '@crisp-hem/core'
import { useNow } from '../../app/state/clock'
import { useFacts } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { formatMoney, W, whenText } from '../../app/words'
import { offerWords } from './offerWords'

interface OfferCardsProps {
  readonly offers: readonly QuoteOffer[]
  readonly taken?: Grade | null
  readonly onTake?: (grade: Grade) => void
}

/** Offers beside one another: what each costs, of what that is made, and what it means on the wall. */
export function OfferCards({ offers, taken = null, onTake }: OfferCardsProps) {
  return (
    <ul className="grid gap-3 md:grid-cols-3">
      {offers.map((offer) => (
        <li key={offer.grade} className={`border p-3 ${offer.grade === taken ? 'border-2 border-ink' : 'border-rule'}`}>
          <Offer offer={offer} />
          {offer.grade === taken && <p className="mt-2 font-bold">{W.quote.taken}</p>}
          {onTake && taken === null && (
            <Button className="mt-2 min-h-11" onClick={() => onTake(offer.grade)}>
              {W.quote.take({ grade: W.quote.grades[offer.grade] })}
            </Button>
          )}
        </li>
      ))}
    </ul>
  )
}

function Offer({ offer }: { offer: QuoteOffer }) {
  const { site, house } = useFacts()
  const now = useNow(600_000)
  const money = (minor: number) => formatMoney(minor, site.currency)
  return (
    <>
      <h3>{W.quote.grades[offer.grade]}</h3>
      <p className="font-head text-[1.6rem] font-semibold">{money(offer.totalMinor)}</p>
      <p className="mb-2 text-sm">{offerWords(offer, whenText(parseInstant(offer.endsAt), now, site.zone))}</p>
      <dl className="text-sm">
        {offer.lines
          .filter((line) => line.amountMinor > 0)
          .map((line) => (
            <div key={line.kind} className="flex gap-2 border-b border-rule py-0.5">
              <dt className="flex-1">{W.quote.lines[line.kind]}</dt>
              <dd>{money(line.amountMinor)}</dd>
            </div>
          ))}
        <div className="flex gap-2 py-0.5 font-semibold">
          <dt className="flex-1">{W.quote.net}</dt>
          <dd>{money(offer.netMinor)}</dd>
        </div>
        <div className="flex gap-2 py-0.5">
          <dt className="flex-1">
            {house.selling.taxName === ''
              ? W.quote.tax({ pct: taxPct(offer, house.selling.taxPct) })
              : W.quote.taxNamed({ name: house.selling.taxName, pct: taxPct(offer, house.selling.taxPct) })}
          </dt>
          <dd>{money(offer.taxMinor)}</dd>
        </div>
      </dl>
    </>
  )
}

/** The rate an offer was made with, which may not be today's. */
const taxPct = ({ netMinor, taxMinor }: QuoteOffer, today: number): number =>
  netMinor > 0 ? Math.round((1000 * taxMinor) / netMinor) / 10 : today
