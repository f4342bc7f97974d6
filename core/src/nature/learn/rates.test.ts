import fc from 'fast-check'
import { gammaBelow, gammaQuantile } from './gamma'
import { fitLearning, learned, learningCurve, minutesOfPiece, poissonLimits, rateOf, rateRatio } from './rates'

// Garwood 1936, as tabled in epidemiology handbooks: exact 95 % limits of a Poisson mean.
test.each([
  [0, 0, 3.689],
  [1, 0.025, 5.572],
  [5, 1.623, 11.668],
  [10, 4.795, 18.39],
  [50, 37.111, 65.919],
])('limits of a count of %d are %d and %d', (events, low, high) => {
  const limits = poissonLimits(events)
  expect(limits.low).toBeCloseTo(low, 2)
  expect(limits.high).toBeCloseTo(high, 2)
})

test('a gamma quantile is the root of its own law', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.3, max: 200, noNaN: true }),
      fc.double({ min: 0.01, max: 0.99, noNaN: true }),
      (a, p) => {
        expect(gammaBelow(a, gammaQuantile(a, p))).toBeCloseTo(p, 8)
      },
    ),
  )
})

// By hand: two bleeds believed on 10 m, then three on 40 m: 5 on 50 m, 0.1 a metre.
test('a belief takes what was counted, and grows narrower', () => {
  const before = { shape: 2, rate: 10 }
  const after = learned(before, { events: 3, exposure: 40 })
  expect(rateOf(after).mean).toBeCloseTo(0.1, 12)
  const width = (belief: typeof before) => rateOf(belief).high - rateOf(belief).low
  expect(width(after)).toBeLessThan(width(before))
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 30 }), fc.integer({ min: 1, max: 300 }), (events, exposure) => {
      const { low, mean, high } = rateOf(learned(before, { events, exposure }))
      expect(low).toBeLessThan(mean)
      expect(high).toBeGreaterThan(mean)
    }),
  )
})

// Clopper & Pearson 1934: five of ten has the exact 95 % limits 0.1871 and 0.8129, so a ratio from 0.2301 to 4.3453.
test('two equal rates: ratio 1 with the exact limits of five in ten, and nothing to tell them apart', () => {
  const same = rateRatio({ events: 5, exposure: 20 }, { events: 5, exposure: 20 })!
  expect(same.ratio).toBe(1)
  expect(same.low).toBeCloseTo(0.1871 / 0.8129, 3)
  expect(same.high!).toBeCloseTo(0.8129 / 0.1871, 2)
  expect(same.pValue).toBeCloseTo(1, 12)
})

// By hand: none of four and four of none on equal metres: 2 · (1/2)⁴ = 0.125.
test('none against four: p = 0.125, no upper limit the other way', () => {
  expect(rateRatio({ events: 0, exposure: 9 }, { events: 4, exposure: 9 })!.pValue).toBeCloseTo(0.125, 12)
  expect(rateRatio({ events: 4, exposure: 9 }, { events: 0, exposure: 9 })).toMatchObject({ ratio: null, high: null })
})

// Wright 1936: an 80 % curve from 100: 100, 80, 64, 51.2 at pieces 1, 2, 4, 8.
test('an 80 % curve by doublings, and found again from its own pieces', () => {
  const curve = learningCurve(100, 0.8)
  expect([1, 2, 4, 8].map((n) => Math.round(minutesOfPiece(curve, n) * 10) / 10)).toEqual([100, 80, 64, 51.2])
  const found = fitLearning([1, 3, 5, 9, 20].map((n) => ({ n, minutes: minutesOfPiece(curve, n) })))!
  expect(found.share).toBeCloseTo(0.8, 9)
  expect(found.first).toBeCloseTo(100, 6)
  expect(fitLearning([{ n: 3, minutes: 5 }])).toBeNull()
})

test('where one was looked for nowhere nothing is known of their ratio', () => {
  expect(rateRatio({ events: 3, exposure: 0 }, { events: 4, exposure: 9 })).toBeNull()
})

// With so many the exact limits are those of the logarithm: z · √(1/a + 1/b) (Rothman, Modern Epidemiology).
test('large counts answer at once, and as the normal law has them', () => {
  const from = performance.now()
  const { low, high, pValue } = rateRatio({ events: 1_000_000, exposure: 1e6 }, { events: 1_001_000, exposure: 1e6 })!
  expect(performance.now() - from).toBeLessThan(1000)
  const reach = 1.959964 * Math.sqrt(1 / 1_000_000 + 1 / 1_001_000)
  expect(Math.log(low)).toBeCloseTo(Math.log(1_000_000 / 1_001_000) - reach, 5)
  expect(Math.log(high!)).toBeCloseTo(Math.log(1_000_000 / 1_001_000) + reach, 5)
  expect(pValue).toBeCloseTo(0.4797, 2)
})
