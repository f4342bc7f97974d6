import { seededNumbers } from '../../base/units/seeded'
import { poisson } from './poisson'
import { gammaQuantile } from './gamma'
import { expectedAbove, narrowedBy, worthOfKnowing } from './worth'

const drawn = (shape: number, rate: number, n = 20_000) => {
  const random = seededNumbers(5)
  return Array.from({ length: n }, () => gammaQuantile(shape, random()) / rate)
}
const mean = (list: readonly number[]) => list.reduce((sum, each) => sum + each, 0) / list.length

test('the part above a bound, beside draws; an exponential law by hand', () => {
  // Of an exponential law of mean 1 what lies above t is e^−t.
  expect(expectedAbove({ shape: 1, rate: 1 }, 2)).toBeCloseTo(Math.exp(-2), 9)
  expect(expectedAbove({ shape: 3, rate: 2 }, 0)).toBeCloseTo(1.5, 9)
  const draws = drawn(2.5, 2, 4000)
  for (const bound of [0.3, 1, 2.5])
    expect(expectedAbove({ shape: 2.5, rate: 2 }, bound)).toBeCloseTo(mean(draws.map((f) => Math.max(0, f - bound))), 1)
})

test('knowing is worth what choosing with it saves, beside draws', () => {
  const belief = { shape: 2, rate: 2 }
  const draws = drawn(2, 2, 4000)
  for (const [fixed, mending, other] of [
    [10, 5, 16],
    [10, 5, 12],
    [10, 5, 40],
  ] as const) {
    const blind = Math.min(fixed + mending, other)
    const seeing = mean(draws.map((f) => Math.min(fixed + mending * f, other)))
    expect(Math.abs(worthOfKnowing(belief, { fixed, mending, other }) - (blind - seeing))).toBeLessThan(0.15)
    expect(worthOfKnowing(belief, { fixed, mending, other })).toBeGreaterThanOrEqual(0)
  }
  // Where nothing could change the choice it is worth nothing.
  expect(worthOfKnowing(belief, { fixed: 10, mending: 1, other: 1000 })).toBeLessThan(1e-6)
  expect(worthOfKnowing(belief, { fixed: 10, mending: 0, other: 1 })).toBe(0)
})

test('what looking narrows a belief by is what counts do to it on average', () => {
  const belief = { shape: 3, rate: 3 }
  const random = seededNumbers(9)
  const after = Array.from({ length: 4000 }, () => {
    const truth = gammaQuantile(3, random()) / 3
    const n = poisson(truth * 5, random)
    return (3 + n) / (3 + 5) ** 2
  })
  expect(narrowedBy(belief, 5)).toBeCloseTo(3 / 9 - mean(after), 2)
})
