import {
  coatingOf,
  faceKeys,
  faceName,
  facesOfStep,
  isOutdated,
  MIN_PER_DAY,
  parseInstant,
  stepOf,
  type Quote,
  type QuoteOffer,
  type Room,
} from '@crisp-hem/core'
import type { JobFacts } from '@crisp-hem/core/wire'
import { dateText, factText, formatMoney, W, wordText } from '../app/words'
import { paperOf } from './paper'
import { sheetOf, table, type Content, type SheetDocument } from './sheetBase'

/**
 * A quote on paper, as a customer reads it: from whom and for whom, what is painted and what is kept, what each offer costs with
 * its tax, what is not in it, until when it holds, and room to sign. What the contractor pays and earns is not on it.
 */
export function quoteSheet(facts: JobFacts, quote: Quote): SheetDocument {
  const { site, house, quotes } = facts
  const { firm, selling } = house
  const day = (at: number) => dateText(at, site.zone)
  const given = parseInstant(quote.at)
  const number = quotes.findIndex(({ id }) => id === quote.id) + 1
  return sheetOf(
    paperOf(site),
    W.quote.number({ number: number || quotes.length + 1 }),
    W.quote.workAt({ place: `${facts.name}, ${site.place}` }),
    [
      ...(isOutdated(quote.basis, facts) ? [{ text: W.quote.outdatedShort, bold: true, margin: [0, 0, 0, 6] }] : []),
      {
        columns: [
          { stack: [{ text: firm.name, bold: true }, firm.address, firm.contact, firm.taxNumber].filter(Boolean) },
          {
            stack: [
              { text: W.quote.to, style: 'soft' },
              { text: site.customer.name, bold: true },
              site.customer.address,
            ],
          },
          firm.sign === '' ? { text: '' } : { image: firm.sign, fit: [110, 50], alignment: 'right' },
        ],
        margin: [0, 0, 0, 8],
      },
      { text: W.quote.dated({ date: day(given) }) },
      ...(quote.note ? [{ text: quote.note, margin: [0, 4, 0, 4] }] : []),
      { text: W.quote.surfaces, style: 'head' },
      paintedTable(facts),
      { text: W.quote.keptTitle, style: 'head' },
      { text: facts.rooms.map(keptWords).filter(Boolean).join('  ') },
      ...quote.offers.flatMap((offer) => offerContent(facts, offer, quote.offers.length > 1)),
      ...(selling.excluded === '' ? [] : [{ text: W.quote.notIncluded, style: 'head' }, { text: selling.excluded }]),
      ...(selling.validDays > 0
        ? [{ text: W.quote.holds({ date: day(given + selling.validDays * MIN_PER_DAY) }), margin: [0, 6, 0, 0] }]
        : []),
      {
        columns: [signLine(W.quote.signUs), signLine(W.quote.signHere)],
        columnGap: 30,
        margin: [0, 34, 0, 0],
        unbreakable: true,
      },
    ],
  )
}

const signLine = (words: string): Content => ({
  stack: [
    { canvas: [{ type: 'line', x1: 0, y1: 0, x2: 230, y2: 0, lineWidth: 0.7 }] },
    { text: words, style: 'small' },
  ],
})

/** Every colour of every room with its surfaces, paint and coats. */
function paintedTable({ rooms, shelf }: JobFacts): Content {
  const rows = rooms.flatMap((room) =>
    room.steps
      .filter((step) => facesOfStep(room, step).length > 0)
      .flatMap((step, i): string[][] => {
        const faces = facesOfStep(room, step)
        const coating = coatingOf(shelf, step.coatingId)
        return [
          [
            i === 0 ? room.name : '',
            faces.map((key) => factText(faceName(room, key))).join(', '),
            `${step.colour}, ${wordText('sheen', coating.sheen)}`,
            String(step.coats),
          ],
        ]
      }),
  )
  return table([110, '*', 130, 40], [[W.quote.room, W.quote.surface, W.quote.colour, W.quote.coats], ...rows])
}

function keptWords(room: Room): string {
  const kept = faceKeys(room).filter((key) => !stepOf(room, key))
  return kept.length === 0 ? '' : `${room.name}: ${kept.map((key) => factText(faceName(room, key))).join(', ')}.`
}

/** What of an offer is labour; the rest is what is bought. */
const LABOUR: readonly string[] = ['hours', 'set-up']

/** Overhead and margin are in both sums, in their shares, so that they add up to the net price. */
function parts({ lines, netMinor }: QuoteOffer): { readonly labour: number; readonly materials: number } {
  const sum = (isIt: (kind: string) => boolean) =>
    lines.filter(({ kind }) => isIt(kind)).reduce((all, { amountMinor }) => all + amountMinor, 0)
  const labour = sum((kind) => LABOUR.includes(kind))
  const costs = sum((kind) => kind !== 'overhead' && kind !== 'margin')
  const share = costs > 0 ? Math.round((netMinor * labour) / costs) : netMinor
  return { labour: share, materials: netMinor - share }
}

function offerContent({ site, house }: JobFacts, offer: QuoteOffer, isNamed: boolean): Content[] {
  const money = (minor: number) => formatMoney(minor, site.currency)
  const { labour, materials } = parts(offer)
  const { taxName } = house.selling
  const pct = offer.netMinor > 0 ? Math.round((1000 * offer.taxMinor) / offer.netMinor) / 10 : 0
  const total = money(offer.totalMinor)
  const stack: Content[] = [
    { text: isNamed ? `${W.quote.grades[offer.grade]}: ${total}` : total, style: 'head', fontSize: 12 },
    {
      text: [
        W.quote.finish({
          school:
            offer.school === 'least-cost'
              ? W.quote.edgesUsual
              : W.quote.edgesBy({ school: wordText('school', offer.school) }),
          when: dateText(parseInstant(offer.endsAt), site.zone),
        }),
        W.quote.touchUp({ mm: Math.round(offer.faultMm) }),
        ...(offer.unsafe > 0 ? [W.quote.toAgree({ n: offer.unsafe })] : []),
      ].join(' '),
      margin: [0, 0, 0, 4],
    },
    table(
      ['*', 90],
      [
        [W.load.what, W.load.cost],
        [W.quote.labour, money(labour)],
        [W.quote.materials, money(materials)],
        ...(offer.taxMinor > 0
          ? [
              [W.quote.net, money(offer.netMinor)],
              [taxName === '' ? W.quote.tax({ pct }) : W.quote.taxNamed({ name: taxName, pct }), money(offer.taxMinor)],
            ]
          : []),
        [W.quote.total, total],
      ],
    ),
  ]
  // An offer is never torn apart by the end of a page.
  return [{ stack, unbreakable: true }]
}
