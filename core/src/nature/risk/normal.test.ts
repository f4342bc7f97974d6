import { normalCdf, normalQuantile } from './normal'

// Handbook values of the standard normal (Abramowitz & Stegun, table 26.1).
test('distribution and quantile against the table', () => {
  expect(normalCdf(0)).toBeCloseTo(0.5, 6)
  expect(normalCdf(1.96)).toBeCloseTo(0.9750021, 6)
  expect(normalCdf(-1)).toBeCloseTo(0.1586553, 6)
  expect(normalQuantile(0.98)).toBeCloseTo(2.0537489, 4)
  expect(normalQuantile(0.05)).toBeCloseTo(-1.6448536, 4)
})
