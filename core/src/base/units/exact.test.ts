import fc from 'fast-check'
import { ENGLISH, speaker } from '../../edge/words'
import { pullFactor } from '../../nature/risk/lift'
import { DEFAULT_PARAMETERS } from '../parameters/parameters'
import { minorDigits } from './currency'
import { PEEL_UNITS, peelFromN25, peelToN25 } from './peel'
import { parseInstant } from './time'
import { wholeUp } from './wholeUp'

describe('peel units, exact by definition of pound, ounce, inch and g', () => {
  // 1 lbf = 4.4482216152605 N over 25.4 mm: 4.37817… N per 25 mm; an ounce is a sixteenth; 1 gf/in = 9.80665e-3 · 25/25.4.
  test.each([
    ['N/10mm', 1, 2.5],
    ['N/cm', 1, 2.5],
    ['N/m', 100, 2.5],
    ['lbf/in', 1, 4.448_221_615_260_5 * (25 / 25.4)],
    ['ozf/in', 16, 4.448_221_615_260_5 * (25 / 25.4)],
    ['gf/in', 1000, 9.806_65 * (25 / 25.4)],
  ] as const)('%s', (unit, value, n25) => expect(peelToN25(value, unit)).toBeCloseTo(n25, 12))
  test('there and back', () => {
    for (const unit of PEEL_UNITS) expect(peelFromN25(peelToN25(3.3, unit), unit)).toBeCloseTo(3.3, 12)
  })
})

test('the part of a pull that opens the finish goes with the angle after Rivlin 1944 and Kendall 1975', () => {
  // F sin θ = G b cot(θ/2): its share at two folds, without the part along the face.
  const cot = (fold: number) => 1 / Math.tan(((180 - fold) * Math.PI) / 360)
  expect(pullFactor({ foldDeg: 90, speed: 'slow' }, DEFAULT_PARAMETERS)).toBeCloseTo((1 + cot(90)) / (1 + cot(45)), 9)
})

test('purchases: 60.000 m on tubes of 60 m are one tube, however the metres were summed', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 1, max: 9000 }), { minLength: 1, maxLength: 40 }), (pieces) => {
      const sumMm = pieces.reduce((sum, each) => sum + each, 0)
      const summed = pieces.reduce((sum, each) => sum + each / 1000, 0)
      expect(wholeUp(summed / (sumMm / 1000))).toBe(1)
    }),
  )
  expect([wholeUp(1.0001), wholeUp(0), wholeUp(2.5, 0.5), wholeUp(2.51, 0.5)]).toEqual([2, 0, 2.5, 3])
})

test('money in currencies with no, two and three decimals', () => {
  expect(['JPY', 'EUR', 'KWD'].map(minorDigits)).toEqual([0, 2, 3])
  const { money } = speaker(ENGLISH)
  expect(money(1240, 'JPY')).toBe('¥1,240')
  expect(money(1240, 'EUR')).toBe('€12.40')
  expect(money(1240, 'KWD')).toMatch(/1\.240/)
})

test('a day that is on no calendar is refused', () => {
  expect(() => parseInstant('2027-02-30T08:00:00Z')).toThrow(expect.objectContaining({ code: 'time.unreadable' }))
  expect(() => parseInstant('2027-02-29T08:00:00Z')).toThrow()
  expect(parseInstant('2028-02-29T08:00:00Z')).toBe(Date.UTC(2028, 1, 29, 8) / 60_000)
})
