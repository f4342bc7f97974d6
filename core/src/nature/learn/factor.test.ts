import { seededNumbers } from '../../base/units/seeded'
import { gammaQuantile } from './gamma'
import { poisson } from './poisson'
import { houseFactor, metresToSettle, standingOf, tapeFactor } from './factor'

// By hand: a gamma law of 1.5 and 1.5 takes 9 of 3: 10.5 of 4.5.
test('counts move what is believed of a house, by hand', () => {
  expect(houseFactor({ counted: 0, expected: 0 }).mean).toBe(1)
  expect(houseFactor({ counted: 9, expected: 3 }).mean).toBeCloseTo(10.5 / 4.5, 12)
  // Of a tape that nobody used the house's mean is believed; four counts' worth hold it there.
  const house = houseFactor({ counted: 9, expected: 3 })
  expect(tapeFactor({ counted: 0, expected: 0 }, house).mean).toBeCloseTo(house.mean, 12)
  expect(tapeFactor({ counted: 2, expected: 8 }, { mean: 1, low: 0, high: 9 }).mean).toBeCloseTo(6 / 12, 12)
})

// Simulation-based calibration (Talts et al. 2018): truths drawn from the prior lie in nine of ten spans of 0.9.
test('spans hold what is true as often as they say', () => {
  const random = seededNumbers(7)
  const runs = 2000
  let held = 0
  for (let i = 0; i < runs; i++) {
    const truth = gammaQuantile(1.5, random()) / 1.5
    const expected = 0.5 + 20 * random()
    const { low, high } = houseFactor({ counted: poisson(truth * expected, random), expected })
    if (low <= truth && truth <= high) held += 1
  }
  // Three standard deviations about nine of ten.
  expect(Math.abs(held / runs - 0.9)).toBeLessThan(3 * Math.sqrt(0.09 / runs))
})

test('a known truth is found again, and the metres it takes are about those that were said', () => {
  const random = seededNumbers(11)
  for (const truth of [0.5, 2]) {
    const factor = houseFactor({ counted: poisson(truth * 200, random), expected: 200 })
    expect(Math.abs(factor.mean / truth - 1)).toBeLessThan(0.25)
    expect(standingOf(factor)).toBe(truth > 1 ? 'more' : 'less')
  }
  // As expected, at a fault every four metres: looked along as far as it says, the span is narrow.
  const more = metresToSettle({ counted: 0, expected: 0 }, 0.25)
  const { low, high } = houseFactor({ counted: Math.round(0.25 * more), expected: 0.25 * more })
  expect(high / low).toBeGreaterThan(2.2)
  expect(high / low).toBeLessThan(2.8)
  expect(metresToSettle({ counted: 100, expected: 100 }, 0.25)).toBe(0)
})

test('few counts leave it open, many settle it', () => {
  expect(standingOf(houseFactor({ counted: 0, expected: 0.4 }))).toBe('open')
  expect(standingOf(houseFactor({ counted: 1, expected: 1 }))).toBe('open')
  expect(standingOf(houseFactor({ counted: 60, expected: 60 }))).toBe('as-expected')
})
