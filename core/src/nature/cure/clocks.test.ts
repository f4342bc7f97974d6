import { cureRate, dryingRate, REFERENCE_AIR } from './clocks'

test('label conditions are the reference: both clocks run at 1', () => {
  expect(dryingRate(REFERENCE_AIR)).toBeCloseTo(1, 12)
  expect(cureRate(23, 5)).toBeCloseTo(1, 12)
})

test('damp stops drying, heat and moving air speed it up', () => {
  expect(dryingRate({ tempC: 20, rh: 100, windMs: 0.1 })).toBeCloseTo(0, 12)
  expect(dryingRate({ tempC: 30, rh: 50, windMs: 0.1 })).toBeGreaterThan(1.4)
  expect(dryingRate({ tempC: 23, rh: 50, windMs: 3 })).toBeGreaterThan(2)
})

// From memory: cure doubles about every 10 to 11 °C.
test('cure doubles over 10 to 11.5 °C and stops below the film-forming limit', () => {
  expect(cureRate(33, 5) / cureRate(23, 5)).toBeLessThan(2)
  expect(cureRate(34.5, 5) / cureRate(23, 5)).toBeGreaterThan(2)
  expect(cureRate(7.9, 8)).toBe(0)
})

// Arrhenius by hand at 13 °C: exp(−50000/8.314462618 · (1/286.15 − 1/296.15)) = exp(−0.70966) = 0.4918.
test('equivalent age at 13 °C by hand', () => {
  expect(cureRate(13, 5)).toBeCloseTo(0.4918, 3)
})
