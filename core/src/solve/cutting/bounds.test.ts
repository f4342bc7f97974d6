import fc from 'fast-check'
import { coinsUp, divisorOf, usedOf, type Bar, type Cutting } from './bar'
import { coverings, packInto } from './coverings'
import { diveCuts } from './dive'
import { firstFit, fitted, priceOf } from './firstFit'
import { relax } from './master'
import { searchCuts } from './search'

const bar = (length: number, price: number, count: number | null = null): Bar => ({
  id: `${length}`,
  length,
  price,
  count,
})
const cutting = (bars: readonly Bar[], lengths: readonly number[], demand: readonly number[]): Cutting => ({
  bars,
  lengths,
  demand,
  most: Math.max(...bars.map(({ length }) => length)),
  coin: divisorOf(bars.map(({ price }) => price)),
})
const UNTIL_DONE = { ways: 1e6, isStopped: () => false }

test('totals are whole coins: a bound goes up to the next, but not for a hair', () => {
  expect(divisorOf([2290, 1290, 0])).toBe(10)
  expect(coinsUp(41, 10)).toBe(50)
  expect(coinsUp(40.0000001, 10)).toBe(40)
  expect(coinsUp(-3, 10)).toBe(0)
})

test('first fit by hand: longest first, each where it leaves least', () => {
  const cuts = firstFit(cutting([bar(10, 4)], [6, 4, 3], [1, 1, 2]), 0)!
  expect(cuts.map(({ pieces }) => pieces)).toEqual([
    [1, 1, 0],
    [0, 0, 2],
  ])
})

test('an offcut goes before a roll is opened, and a part-used roll becomes the smaller size', () => {
  const bars = [bar(5, 0, 1), bar(10, 8), bar(6, 5)]
  const given = cutting(bars, [5, 4], [1, 1])
  const cuts = firstFit(given, 1)!
  expect(cuts.map((cut) => bars[cut.bar]!.length)).toEqual([5, 6])
  expect(priceOf(cuts, given)).toBe(5)
  expect(fitted(given, { bar: 0, pieces: [1, 0] }).bar).toBe(0)
})

test('a piece that no bought size holds is refused, not dropped', () => {
  expect(firstFit(cutting([bar(10, 4)], [11], [1]), 0)).toBeNull()
})

// By hand: 23 of length wanted, 3 there; 20 from rolls of 10 at 7 or 6 at 5: two tens for 14 beat 10 + 6 + 6 for 17.
test('the cheapest purchase that is long enough is first; none cheaper is left out', () => {
  const [first] = coverings(cutting([bar(3, 0, 1), bar(10, 7), bar(6, 5)], [23], [1]))
  expect(first).toMatchObject({ price: 14, counts: [1, 2, 0] })
})

test('a purchase that pieces fit into is packed; one they do not fit into is told', () => {
  const given = cutting([bar(10, 7)], [6, 4], [2, 2])
  expect(packInto(given, { counts: [2], price: 14 }, true)).toHaveLength(2)
  expect(packInto(cutting([bar(10, 7)], [6], [2]), { counts: [1], price: 7 }, true)).toBeNull()
})

const jobs = fc.record({
  lengths: fc.uniqueArray(fc.integer({ min: 3, max: 20 }), { minLength: 1, maxLength: 5 }),
  counts: fc.array(fc.integer({ min: 1, max: 5 }), { minLength: 5, maxLength: 5 }),
  long: fc.integer({ min: 21, max: 40 }),
})

test('made-up jobs: the programme’s bound never passes what a dive or a whole search costs, and worths never beat a price', () => {
  fc.assert(
    fc.property(jobs, ({ lengths, counts, long }) => {
      const given = cutting([bar(long, 9), bar(20, 6)], lengths, counts.slice(0, lengths.length))
      const relaxed = relax(given, 500)
      const dived = diveCuts(given, 500)!
      expect(priceOf(dived, given)).toBeGreaterThanOrEqual(relaxed.bound - 1e-6)
      lengths.forEach((length, i) => {
        for (const { length: room, price } of given.bars)
          expect(
            Math.floor(room / length) * (relaxed.worth[i] ?? 0) <= price + 1e-6 || counts[i]! < room / length,
          ).toBe(true)
      })
      const { cuts, isAll } = searchCuts(given, relaxed, priceOf(dived, given) + 1, UNTIL_DONE)
      if (isAll) expect(priceOf(cuts!, given)).toBeLessThanOrEqual(priceOf(dived, given))
      for (const cut of cuts ?? []) expect(usedOf(cut.pieces, lengths)).toBeLessThanOrEqual(given.bars[cut.bar]!.length)
    }),
    { numRuns: 40, seed: 9 },
  )
})

test('a programme stopped at once still has a bound that holds', () => {
  const given = cutting([bar(10, 4)], [6, 4], [3, 3])
  for (const turns of [0, 1, 2, 50]) expect(relax(given, turns).bound).toBeLessThanOrEqual(12 + 1e-9)
  expect(relax(given, 50).bound).toBeCloseTo(12, 6)
})

test('a search that is stopped says that it has not seen all', () => {
  const given = cutting([bar(100, 7)], [31, 29, 23, 19, 17], [9, 9, 9, 9, 9])
  const relaxed = relax(given, 300)
  expect(searchCuts(given, relaxed, Number.POSITIVE_INFINITY, { ways: 0, isStopped: () => true }).isAll).toBe(false)
})
