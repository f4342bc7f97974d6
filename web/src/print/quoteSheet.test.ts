import { offersFor, quoteBasis, type Quote } from '@crisp-hem/core'
import { gullRow, ternQuaySurvey } from '../../../demo'
import { fileName, paperOf } from './paper'
import { quoteSheet } from './quoteSheet'

const { log: _log, published: _published, ...facts } = ternQuaySurvey()
const small = { ...facts, rooms: facts.rooms.slice(0, 2) }
const quote: Quote = {
  id: 'q1',
  at: '2027-05-12T10:00:00Z',
  by: 'Marit',
  note: 'as agreed on the stairs',
  offers: offersFor({ ...small, log: [], published: null }),
  taken: null,
  basis: quoteBasis(small),
}
const text = (of = small, given = quote) => JSON.stringify(quoteSheet({ ...of, quotes: [given] }, given))

test('a customer reads from whom, for whom, what is painted and kept, the price with its tax, and where to sign', () => {
  const sheet = text()
  for (const part of [
    'Lathe & Plumb Painting',
    'TQ 204 118',
    'Harbour steps 2, Tern Quay',
    'What we paint',
    'Kelp, matt',
    'What stays as it is',
    'VAT, 20 %',
    'Moving the pianos',
    'This quote holds until June 11, 2027',
    'Accepted (grade, date, signature)',
    'as agreed on the stairs',
  ])
    expect([part, sheet.includes(part)]).toEqual([part, true])
  expect(sheet).not.toMatch(/undefined|NaN|\{\w+\}/)
})

test('what the contractor pays and earns is not on it, and what is there adds up', () => {
  const sheet = text()
  expect(sheet).not.toMatch(/Overhead|"Margin|Sundries/)
  for (const { netMinor, taxMinor, totalMinor } of quote.offers) {
    expect(netMinor + taxMinor).toBe(totalMinor)
    // Labour and materials stand one after another, and come to the net price.
    const euros = (minor: number) => `€${(minor / 100).toLocaleString('en', { minimumFractionDigits: 2 })}`
    expect(sheet).toContain(euros(totalMinor))
    const amounts = [...sheet.matchAll(/€([\d,]+\.\d\d)/g)].flatMap(([, amount]) =>
      amount === undefined ? [] : [Math.round(Number(amount.replaceAll(',', '')) * 100)],
    )
    const at = amounts.indexOf(netMinor)
    expect(at).toBeGreaterThan(1)
    expect((amounts[at - 2] ?? 0) + (amounts[at - 1] ?? 0)).toBe(netMinor)
  }
})

test('no tax is assumed, and a quote whose job has changed is marked', () => {
  const plain = { ...small, house: { ...small.house, selling: { ...small.house.selling, taxPct: 0 } } }
  const offers = offersFor({ ...plain, log: [], published: null })
  const without = text(plain, { ...quote, offers, basis: quoteBasis(plain) })
  expect(without).not.toContain('VAT')
  expect(without).not.toContain('OUTDATED')
  const [room] = small.rooms
  const taller = { ...small, rooms: [{ ...room!, heightMm: room!.heightMm + 200 }, ...small.rooms.slice(1)] }
  expect(text(taller)).toContain('OUTDATED')
  expect(text(taller, { ...quote, basis: '' })).not.toContain('OUTDATED')
})

test('paper is what lies in the printer there, and files are named by what is in them', () => {
  expect(quoteSheet(small, quote).pageSize).toBe('A4')
  expect(paperOf(gullRow().site)).toBe('LETTER')
  expect(paperOf({ country: 'GB', currency: 'USD' })).toBe('A4')
  expect(paperOf({ country: '', currency: 'USD' })).toBe('LETTER')
  expect(fileName('14 Gull Row', 'Parlour/north: upper', 'Wed 12 May')).toBe(
    '14 Gull Row, Parlour-north- upper, Wed 12 May.pdf',
  )
})
