import fc from 'fast-check'
import { cutPlan } from './cuttingStock'
import { bestPattern } from './knapsack'

/** Every plan cuts exactly what is wanted and no roll beyond its length. */
function expectRight(roll: number, wanted: readonly { length: number; count: number }[]) {
  const plan = cutPlan(roll, wanted)
  for (const { pieces } of plan.patterns)
    expect(pieces.reduce((sum, count, i) => sum + count * wanted[i]!.length, 0)).toBeLessThanOrEqual(roll)
  wanted.forEach(({ count }, i) =>
    expect(plan.patterns.reduce((sum, each) => sum + each.rolls * each.pieces[i]!, 0)).toBe(count),
  )
  expect(plan.rolls).toBeGreaterThanOrEqual(plan.lowerBound)
  return plan
}

// The paper-mill example known from the literature on cutting stock: raws of 5600, thirteen widths, 73 raws at least, 0.401 % trim.
test('the paper-mill example: 73 raws, proved, with 0.401 % of trim', () => {
  const widths = [1380, 1520, 1560, 1710, 1820, 1880, 1930, 2000, 2050, 2100, 2140, 2150, 2200]
  const counts = [22, 25, 12, 14, 18, 18, 20, 10, 12, 14, 16, 18, 20]
  const plan = expectRight(
    5600,
    widths.map((length, i) => ({ length, count: counts[i]! })),
  )
  expect(plan.lowerBound).toBe(73)
  expect(plan.rolls).toBe(73)
  expect(plan.wasteShare * 100).toBeCloseTo(0.401, 3)
})

// By hand: four panels of 2.6 m from rolls of 6 m: two a roll, two rolls; a 0.8 m piece goes into the rest of one.
test('film by hand', () => {
  expect(
    expectRight(6000, [
      { length: 2600, count: 4 },
      { length: 800, count: 2 },
    ]),
  ).toMatchObject({ rolls: 2, lowerBound: 2 })
  expect(expectRight(6000, [])).toMatchObject({ rolls: 0, lowerBound: 0 })
})

test('a filled length against trying every way', () => {
  const brute = (room: number, lengths: readonly number[], values: readonly number[], k = 0): number => {
    if (k === lengths.length) return 0
    let best = 0
    for (let n = 0; n * lengths[k]! <= room; n++)
      best = Math.max(best, n * values[k]! + brute(room - n * lengths[k]!, lengths, values, k + 1))
    return best
  }
  const item = fc.record({
    length: fc.integer({ min: 7, max: 60 }),
    value: fc.double({ min: 0.01, max: 1, noNaN: true }),
  })
  fc.assert(
    fc.property(fc.integer({ min: 20, max: 130 }), fc.array(item, { minLength: 1, maxLength: 5 }), (room, items) => {
      const [lengths, values] = [items.map((each) => each.length), items.map((each) => each.value)]
      const pieces = bestPattern(room, lengths, values)
      expect(pieces.reduce((sum, n, i) => sum + n * lengths[i]!, 0)).toBeLessThanOrEqual(room)
      expect(pieces.reduce((sum, n, i) => sum + n * values[i]!, 0)).toBeCloseTo(brute(room, lengths, values), 9)
    }),
  )
})

test('made-up jobs: right, never under the bound, and mostly on it; never more than one roll over', () => {
  let proved = 0
  const runs = 60
  fc.assert(
    fc.property(
      fc.uniqueArray(fc.integer({ min: 300, max: 3000 }), { minLength: 1, maxLength: 12 }),
      fc.array(fc.integer({ min: 1, max: 30 }), { minLength: 12, maxLength: 12 }),
      (lengths, counts) => {
        const plan = expectRight(
          6000,
          lengths.map((length, i) => ({ length, count: counts[i]! })),
        )
        expect(plan.rolls - plan.lowerBound).toBeLessThanOrEqual(1)
        if (plan.rolls === plan.lowerBound) proved += 1
      },
    ),
    { numRuns: runs, seed: 5 },
  )
  expect(proved).toBeGreaterThan(runs * 0.7)
})
