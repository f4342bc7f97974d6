import { gullRow, ternQuay } from '../../../../demo'
import { JOB_VERSION, readSubject, UNSAID, USUAL_SELLING, writeSubject } from '../../base/nouns'
import { offersFor } from '../../answers/quotes/offers'
import { faultText } from '../words'
import { jobFaults } from './checkJob'
import { readJobFile, writeJobFile } from './jobFile'
import { upgraded } from './upgrade'

/** What version 10 of the job format brought: part rolls, articles, selling rules, quotes, stock in the log. */
const whole = ternQuay()
const quote = {
  id: 'q1',
  at: whole.start,
  by: 'Office',
  note: 'as agreed',
  offers: offersFor({ ...gullRow(), log: [], published: null }),
  taken: null,
  basis: '',
}
const job = { ...whole, quotes: [quote] }
const stockEvent = {
  ...UNSAID,
  id: 's1',
  kind: 'received',
  at: whole.start,
  subjects: ['stock:tape:a/24'],
  amount: 5,
} as const

const firstFault = (data: unknown): string | undefined => jobFaults(data).map(faultText)[0]
const withQuote = (change: object) => ({ ...job, quotes: [{ ...quote, ...change }] })
const withOffer = (change: object) => withQuote({ offers: [{ ...quote.offers[0]!, ...change }] })

test('a file of version 9 gets what it could not say: nothing kept, the usual rules', () => {
  const { quotes: _quotes, ...older } = whole
  const { selling: _selling, ...house } = whole.house
  const { remnants: _remnants, articles: _articles, ...shelf } = whole.shelf
  const log = whole.log.map(({ amount: _amount, ...event }) => event)
  const now = upgraded({ ...older, version: 9, house, shelf, log }) as typeof whole
  expect(jobFaults(now)).toEqual([])
  expect([now.version, now.quotes, now.house.selling]).toEqual([JOB_VERSION, [], USUAL_SELLING])
  expect([now.shelf.remnants, now.shelf.articles]).toEqual([[], []])
  expect(now.log.every((event) => event.amount === null)).toBe(true)
})

test('quotes, part rolls, articles and stock come back from a file as they went', () => {
  const full = { ...job, log: [...job.log, stockEvent] }
  expect(readJobFile(writeJobFile(full))).toEqual(full)
})

test.each([
  ['quotes[0].offers', withQuote({ offers: [] })],
  ['quotes[0].taken', withQuote({ taken: 'finest' })],
  ['quotes[0].at', withQuote({ at: 'soon' })],
  ['quotes[0].offers[0].school', withOffer({ school: 'luck' })],
  ['quotes[0].offers[0].totalMinor', withOffer({ totalMinor: -1 })],
  ['quotes[0].offers[0].lines[0].kind', withOffer({ lines: [{ kind: 'bribe', amountMinor: 1 }] })],
  ['house.selling.marginPct', { ...job, house: { ...job.house, selling: { ...USUAL_SELLING, marginPct: 900 } } }],
  [
    'shelf.remnants[0].lengthMm',
    { ...job, shelf: { ...job.shelf, remnants: [{ id: 'r', coverId: 'c', lengthMm: 0 }] } },
  ],
  [
    'shelf.articles[1].id',
    {
      ...job,
      shelf: {
        ...job.shelf,
        articles: ['a', 'a'].map((id) => ({ id, supplier: 'Mercer', number: '1', leadDays: 1 })),
      },
    },
  ],
  ['log[0].amount', { ...job, log: [{ ...stockEvent, amount: -5 }] }],
  ['log[0].subjects[0]', { ...job, log: [{ ...stockEvent, subjects: ['stock:cellar'] }] }],
])('%s is refused by its place', (place, data) => {
  expect(firstFault(data)).toMatch(new RegExp(`^${place.replace(/[[\]]/g, '\\$&')}:`))
})

test('a thing in stock is written and read alike; what is none is no subject', () => {
  for (const article of ['tape:marram-low/24', 'cover:skein-drop', 'coating:quay-matt|tide green'])
    expect(readSubject(writeSubject({ of: 'stock', article }))).toEqual({ of: 'stock', article })
  for (const text of ['stock:', 'stock:tape:', 'stock:van:x', 'stock:tape:a/b']) expect(readSubject(text)).toBeNull()
})
