import fc from 'fast-check'
import { gainedBetween, instantOfGain, instantsOfGain, rateClock } from './rateClock'

/** Three hours at rates 1, 0 and 2 from minute 0. */
const air = {
  startMin: 0,
  hours: [1, 0, 2].map((rate) => ({ tempC: rate, rh: 50, windMs: 0 })),
}
const clock = rateClock(air, (point) => point.tempC)

test('sums by hand: 60 in the first hour, nothing in the second, 2 a minute after', () => {
  expect(gainedBetween(clock, 0, 60)).toBe(60)
  expect(gainedBetween(clock, 30, 150)).toBe(30 + 0 + 60)
  expect(gainedBetween(clock, -30, 0)).toBe(30)
  expect(gainedBetween(clock, 120, 240)).toBe(240)
})

test('roots by hand: a pause is waited out, the last rate goes on', () => {
  expect(instantOfGain(clock, 30, 30)).toBe(60)
  expect(instantOfGain(clock, 30, 31)).toBe(120.5)
  expect(instantOfGain(clock, 0, 300)).toBe(240)
  expect(instantOfGain(clock, -60, 90)).toBe(30)
})

test('a clock that stands still for good never gets there', () => {
  const still = rateClock(air, (point) => (point.tempC === 2 ? 0 : 1))
  expect(instantOfGain(still, 0, 121)).toBeNull()
  expect(instantOfGain(still, 0, 120)).toBe(120)
})

const rates = fc.array(fc.double({ min: 0.01, max: 5, noNaN: true }), { minLength: 1, maxLength: 30 })

test('the root of the integral gives back the amount', () => {
  fc.assert(
    fc.property(
      rates,
      fc.double({ min: -500, max: 3000, noNaN: true }),
      fc.double({ min: 0.1, max: 5000, noNaN: true }),
      (list, from, amount) => {
        const any = rateClock(
          { startMin: 17, hours: list.map((rate) => ({ tempC: rate, rh: 0, windMs: 0 })) },
          (point) => point.tempC,
        )
        const at = instantOfGain(any, from, amount)!
        expect(gainedBetween(any, from, at)).toBeCloseTo(amount, 5)
      },
    ),
  )
})

test('agrees with summing by the second', () => {
  let sum = 0
  for (let s = 0; s < 150 * 60; s++) sum += [1, 0, 2][Math.min(2, Math.floor(s / 3600))]! / 60
  expect(gainedBetween(clock, 0, 150)).toBeCloseTo(sum, 6)
})

test('gains of every minute in one walk are those of each minute by itself, standing clocks included', () => {
  fc.assert(
    fc.property(
      fc.array(fc.constantFrom(0, 0.3, 1, 2.5), { minLength: 1, maxLength: 12 }),
      fc.integer({ min: -90, max: 600 }),
      fc.constantFrom(0, 1, 45, 240.5),
      (rates, from, amount) => {
        const clock = rateClock(
          { startMin: 0, hours: rates.map((tempC) => ({ tempC, rh: 50, windMs: 0 })) },
          (p) => p.tempC,
        )
        const never = 1 << 29
        const alone = Array.from({ length: 300 }, (_, i) => {
          const at = instantOfGain(clock, from + i, amount)
          return at === null || !Number.isFinite(at) ? never : Math.ceil(at) - from
        })
        expect([...instantsOfGain(clock, { from, count: 300, amount, never })]).toEqual(alone)
      },
    ),
  )
})
