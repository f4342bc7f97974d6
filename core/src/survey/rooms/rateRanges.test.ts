import type { Rates } from '../../base/nouns'
import { STARTER_RATES } from './houseDefaults'
import { RATE_RANGES } from './rateRanges'

const ranges = Object.entries(RATE_RANGES) as [keyof Rates, { low: number; high: number }][]

test('what a new house begins with lies within what is usual', () => {
  expect(ranges.length).toBeGreaterThan(12)
  for (const [name, { low, high }] of ranges) {
    expect([name, low < high]).toEqual([name, true])
    expect([name, STARTER_RATES[name] >= low && STARTER_RATES[name] <= high]).toEqual([name, true])
  }
})

// C16, common practice, no published source: taping and cutting two coats takes about as long as hand-cutting two.
test('taped and hand-cut lines can cost the same minutes within the ranges, and do to begin with', () => {
  const taped = (of: (name: keyof Rates) => number) =>
    of('layPerM') + of('pressPerM') + 2 * of('cutInPerM') + of('pullPerM')
  const low = (name: keyof Rates) => RATE_RANGES[name]!.low
  const high = (name: keyof Rates) => RATE_RANGES[name]!.high
  expect(taped(low)).toBeLessThan(2 * high('freehandPerM'))
  expect(taped(high)).toBeGreaterThan(2 * low('freehandPerM'))
  const own = (name: keyof Rates) => STARTER_RATES[name]
  expect(taped(own) / (2 * own('freehandPerM'))).toBeGreaterThan(0.8)
  expect(taped(own) / (2 * own('freehandPerM'))).toBeLessThan(1.25)
})
