import { steadyAir } from '../air/airSeries'
import { CURE_ACTIVATION, cureRate, doublingC, dryingRate, REFERENCE_AIR, stayClock } from './clocks'
import { gainedBetween } from './rateClock'

test('label conditions are the reference: both clocks run at 1', () => {
  expect(dryingRate(REFERENCE_AIR)).toBeCloseTo(1, 12)
  expect(cureRate(23, 5)).toBeCloseTo(1, 12)
})

test('damp stops drying, heat and moving air speed it up', () => {
  expect(dryingRate({ tempC: 20, rh: 100, windMs: 0.1 })).toBeCloseTo(0, 12)
  expect(dryingRate({ tempC: 30, rh: 50, windMs: 0.1 })).toBeGreaterThan(1.15)
  expect(dryingRate({ tempC: 23, rh: 50, windMs: 3 })).toBeGreaterThan(2)
})

// From memory: cure doubles about every 10 to 11 °C.
test('cure doubles over 10 to 11.5 °C', () => {
  expect(cureRate(33, 5) / cureRate(23, 5)).toBeLessThan(2)
  expect(cureRate(34.5, 5) / cureRate(23, 5)).toBeGreaterThan(2)
})

// A film that loses water sits near the wet bulb: about 0.6 at 10 °C and 1.3 at 35 °C of what it is at 23 °C, all at 50 % (Croll 1987, from memory).
test('at the same humidity drying follows warmth less than the deficit of the air', () => {
  const rate = (tempC: number) => dryingRate({ tempC, rh: 50, windMs: 0.1 })
  expect(rate(10)).toBeCloseTo(0.65, 1)
  expect(rate(35)).toBeCloseTo(1.3, 1)
})

test('in the cold cure dies away without a step, and stands still five degrees under the limit', () => {
  expect(cureRate(8, 8) / cureRate(7.99, 8)).toBeCloseTo(1, 2)
  expect(cureRate(5.5, 8)).toBeCloseTo(0.5 * cureRate(5.5, 0), 9)
  expect([3, 0, -10].map((tempC) => cureRate(tempC, 8))).toEqual([0, 0, 0])
  for (let tempC = -5; tempC < 30; tempC += 0.1)
    expect(cureRate(tempC, 8)).toBeLessThanOrEqual(cureRate(tempC + 0.1, 8))
})

test('a label is never stretched by cold; heat shortens it', () => {
  const used = (tempC: number) => gainedBetween(stayClock(steadyAir(tempC, 60)), 0, 1440) / 1440
  expect([-5, 2, 15, 23].map(used)).toEqual([1, 1, 1, 1])
  // exp(50000/8.314462618 · (1/296.15 − 1/307.15)) = 2.07 at 34 °C.
  expect(used(34)).toBeCloseTo(2.07, 2)
})

// Arrhenius by hand at 13 °C: exp(−50000/8.314462618 · (1/286.15 − 1/296.15)) = exp(−0.70966) = 0.4918.
test('equivalent age at 13 °C by hand', () => {
  expect(cureRate(13, 5)).toBeCloseTo(0.4918, 3)
})

// By hand: 50 kJ/mol, 1/T₂ = 1/296.15 − 8.3145e-3·ln 2/50, so T₂ = 306.61 K: 10.5 °C. ASTM C1074 has 40 to 45 kJ/mol for cement: 11.7 to 13.2.
test('a cure doubles every ten to eleven degrees, at other energies as its Arrhenius law says', () => {
  expect(doublingC(CURE_ACTIVATION.value, 23)).toBeCloseTo(10.46, 1)
  expect(cureRate(23 + doublingC(CURE_ACTIVATION.value, 23), 0)).toBeCloseTo(2, 6)
  for (const energy of [30, 40, 80]) expect(doublingC(energy, 20)).toBeGreaterThan(doublingC(energy + 5, 20))
})
