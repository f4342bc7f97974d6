import { parseInstant, type Quote } from '@crisp-hem/core'
import type { JobFacts } from '@crisp-hem/core/wire'
import { offerWords } from '../load/offerWords'
import { dayText, formatMoney, W } from '../words'
import { sheetOf, table, type Content, type SheetDocument } from './sheetBase'

/** A quote on paper for the customer: its offers, what each is made of, and what it means on the wall. */
export function quoteSheet({ name, site }: JobFacts, quote: Quote): SheetDocument {
  const money = (minor: number) => formatMoney(minor, site.currency)
  const content = quote.offers.flatMap((offer): Content[] => [
    { text: `${W.quote.grades[offer.grade]}: ${money(offer.totalMinor)}`, style: 'head', fontSize: 12 },
    { text: offerWords(offer, dayText(parseInstant(offer.endsAt), site.zone)), margin: [0, 0, 0, 4] },
    table(
      ['*', 90],
      [
        [W.load.what, W.load.cost],
        ...offer.lines
          .filter((line) => line.amountMinor > 0)
          .map((line) => [W.quote.lines[line.kind], money(line.amountMinor)]),
        [W.quote.net, money(offer.netMinor)],
        [
          W.quote.tax({ pct: offer.netMinor > 0 ? Math.round((1000 * offer.taxMinor) / offer.netMinor) / 10 : 0 }),
          money(offer.taxMinor),
        ],
        [W.quote.total, money(offer.totalMinor)],
      ],
    ),
    { text: ' ' },
  ])
  const given = dayText(parseInstant(quote.at), site.zone)
  return sheetOf(W.quote.title, `${name}, ${site.place}, ${given}`, [
    ...(quote.note ? [{ text: quote.note, margin: [0, 0, 0, 6] }] : []),
    ...content,
    { text: W.quote.care, style: 'small' },
  ])
}
