import { longestFreeMm, sagMm } from './sag'

test('sag of a flat cable, s = w l² / (8 T), worked by hand: 1.3 N/m² over 80 N/m, a metre free hangs 1.3 / 640 m', () => {
  expect(sagMm(1000)).toBeCloseTo(2.03125, 5)
  expect(sagMm(3000)).toBeCloseTo(9 * 2.03125, 5)
})

test('half a millimetre low lets about half a metre hang free: the 1 to 2 ft set at a time on long runs (common practice, no published source)', () => {
  expect(longestFreeMm(0.5)).toBeGreaterThan(300)
  expect(longestFreeMm(0.5)).toBeLessThan(600)
  expect(sagMm(longestFreeMm(0.5))).toBeCloseTo(0.5, 9)
})

test('against the catenary itself, of which the formula is the flat case', () => {
  // y = a (cosh(x/a) − 1), a = T/w, half the span each side.
  const [w, pull] = [1.3, 80]
  for (const l of [0.3, 1, 3, 6]) {
    const a = pull / w
    const exact = a * (Math.cosh(l / 2 / a) - 1) * 1000
    expect(Math.abs(sagMm(l * 1000) - exact) / exact).toBeLessThan(0.002)
  }
})
