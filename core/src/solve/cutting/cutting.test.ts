import { runsOf } from '../../../tests/runsOf'
import fc from 'fast-check'
import highsLoader from 'highs'
import { usedOf, type Bar, type Wanted } from './bar'
import { cutRolls } from './cutRolls'
import { Filling } from './filling'
import { paced, workedMs } from '../../../tests/pace'

const SOLD = (length: number, price = 1): Bar => ({ id: `sold ${length}`, length, price, count: null })
const THERE = (length: number, count: number): Bar => ({ id: `there ${length}`, length, price: 0, count })

/** Every plan cuts exactly what is wanted, no bar beyond its length, and no more of any bar than there are. */
function expectRight(bars: readonly Bar[], wanted: readonly Wanted[]) {
  const plan = cutRolls(bars, wanted)
  const lengths = wanted.map(({ length }) => length)
  for (const { bar, pieces } of plan.cuts) expect(usedOf(pieces, lengths)).toBeLessThanOrEqual(bars[bar]!.length)
  wanted.forEach(({ count }, i) => expect(plan.cuts.reduce((all, cut) => all + cut.pieces[i]!, 0)).toBe(count))
  bars.forEach(({ count }, b) => {
    if (count !== null) expect(plan.cuts.filter((cut) => cut.bar === b).length).toBeLessThanOrEqual(count)
  })
  expect(plan.price).toBe(plan.cuts.reduce((all, { bar }) => all + bars[bar]!.price, 0))
  expect(plan.price).toBeGreaterThanOrEqual(plan.lowerBound)
  return plan
}

// The paper-mill example known from the literature on cutting stock: raws of 5600, thirteen widths, 73 raws at least, 0.401 % trim.
test('the paper-mill example: 73 raws, proved, with 0.401 % of trim', () => {
  const widths = [1380, 1520, 1560, 1710, 1820, 1880, 1930, 2000, 2050, 2100, 2140, 2150, 2200]
  const counts = [22, 25, 12, 14, 18, 18, 20, 10, 12, 14, 16, 18, 20]
  const plan = expectRight(
    [SOLD(5600)],
    widths.map((length, i) => ({ length, count: counts[i]! })),
  )
  expect([plan.cuts.length, plan.lowerBound]).toEqual([73, 73])
  expect(plan.wasteShare * 100).toBeCloseTo(0.401, 3)
})

// By hand: four panels of 2.6 m from rolls of 6 m: two a roll, two rolls; two pieces of 0.8 m go into what is left.
test('film by hand', () => {
  const wanted = [
    { length: 2600, count: 4 },
    { length: 800, count: 2 },
  ]
  expect(expectRight([SOLD(6000)], wanted)).toMatchObject({ price: 2, lowerBound: 2 })
  // An offcut takes one panel; two and a piece of 0.8 m fill a long roll, the last panel a short one.
  expect(
    expectRight([SOLD(6000, 10), SOLD(3000, 6), THERE(2700, 1)], [wanted[0]!, { length: 800, count: 1 }]),
  ).toMatchObject({
    price: 16,
    lowerBound: 16,
  })
  expect(cutRolls([SOLD(6000)], [])).toMatchObject({ cuts: [], price: 0 })
  expect(() => cutRolls([SOLD(6000)], [{ length: 6001, count: 1 }])).toThrow('6001')
})

test('a filled bar against trying every way', () => {
  const brute = (
    room: number,
    lengths: readonly number[],
    values: readonly number[],
    most: readonly number[],
    k = 0,
  ): number => {
    if (k === lengths.length) return 0
    let best = 0
    for (let n = 0; n <= most[k]! && n * lengths[k]! <= room; n++)
      best = Math.max(best, n * values[k]! + brute(room - n * lengths[k]!, lengths, values, most, k + 1))
    return best
  }
  const item = fc.record({
    length: fc.integer({ min: 7, max: 60 }),
    value: fc.double({ min: 0.01, max: 1, noNaN: true }),
    most: fc.integer({ min: 0, max: 4 }),
  })
  fc.assert(
    fc.property(fc.integer({ min: 20, max: 130 }), fc.array(item, { minLength: 1, maxLength: 5 }), (room, items) => {
      const [lengths, values, most] = [
        items.map((each) => each.length),
        items.map((each) => each.value),
        items.map((each) => each.most),
      ]
      const filling = new Filling(140, lengths, most)
      filling.fill(values)
      const pieces = filling.pieces(room)
      expect(usedOf(pieces, lengths)).toBeLessThanOrEqual(room)
      expect(usedOf(pieces, values)).toBeCloseTo(filling.worth(room), 9)
      expect(filling.worth(room)).toBeCloseTo(brute(room, lengths, values, most), 9)
    }),
  )
})

/** The same as a mixed-integer programme: bars opened one by one, pieces put into each (Kantorovich 1939). */
async function milpPrice(bars: readonly Bar[], wanted: readonly Wanted[]): Promise<number> {
  const highs = await highsLoader()
  const pieces = wanted.flatMap(({ length, count }) => Array.from({ length: count }, () => length))
  const slots = bars.flatMap((bar) =>
    Array.from({ length: Math.min(bar.count ?? pieces.length, pieces.length) }, () => bar),
  )
  const lines = ['Minimize', ` obj: ${slots.map((bar, s) => `${bar.price} y${s}`).join(' + ')}`, 'Subject To']
  pieces.forEach((_, p) => lines.push(` p${p}: ${slots.map((_bar, s) => `x${p}_${s}`).join(' + ')} = 1`))
  slots.forEach((bar, s) =>
    lines.push(` s${s}: ${pieces.map((length, p) => `${length} x${p}_${s}`).join(' + ')} - ${bar.length} y${s} <= 0`),
  )
  lines.push(
    'Binary',
    ` ${[...slots.map((_, s) => `y${s}`), ...pieces.flatMap((_, p) => slots.map((_bar, s) => `x${p}_${s}`))].join(' ')}`,
    'End',
  )
  return Math.round(highs.solve(lines.join('\n')).ObjectiveValue)
}

// Outside check: the registry's MILP solver on the same made-up jobs.
test('made-up jobs with several sizes, part rolls and offcuts cost what a MILP solver finds, and nearly all are proved', async () => {
  let proved = 0
  const runs = 24
  for (let seed = 1; seed <= runs; seed++) {
    const [bars, wanted] = fc
      .sample(
        fc.tuple(
          fc.tuple(
            fc.integer({ min: 40, max: 60 }),
            fc.integer({ min: 20, max: 39 }),
            fc.integer({ min: 8, max: 30 }),
            fc.integer({ min: 0, max: 2 }),
          ),
          fc.array(fc.tuple(fc.integer({ min: 5, max: 38 }), fc.integer({ min: 1, max: 2 })), {
            minLength: 2,
            maxLength: 4,
          }),
        ),
        { seed, numRuns: 1 },
      )[0]!
      .map((each, k) =>
        k === 0
          ? [
              SOLD((each as number[])[0]!, 9),
              SOLD((each as number[])[1]!, 6),
              THERE((each as number[])[2]!, (each as number[])[3]!),
            ]
          : [...new Map(each as [number, number][])].map(([length, count]) => ({ length, count })),
      ) as unknown as [Bar[], Wanted[]]
    const plan = expectRight(bars, wanted)
    expect([seed, plan.price]).toEqual([seed, await milpPrice(bars, wanted)])
    if (plan.price === plan.lowerBound) proved += 1
  }
  expect(proved).toBeGreaterThan(runs * 0.9)
}, 60_000)

// Part rolls that have a price are taken only where they pay, and nothing is called proved that is not.
test('few bars that cost something too: never over what a MILP solver finds where it is called proved, and no bound above it', async () => {
  const runs = runsOf(60, 12)
  let proved = 0
  for (let seed = 1; seed <= runs; seed++) {
    const [[long, short, part, count, dear], pieces] = fc.sample(
      fc.tuple(
        fc.tuple(
          fc.integer({ min: 40, max: 60 }),
          fc.integer({ min: 20, max: 39 }),
          fc.integer({ min: 8, max: 39 }),
          fc.integer({ min: 1, max: 3 }),
          fc.integer({ min: 1, max: 9 }),
        ),
        fc.uniqueArray(fc.tuple(fc.integer({ min: 5, max: 38 }), fc.integer({ min: 1, max: 2 })), {
          minLength: 2,
          maxLength: 4,
          selector: ([length]) => length,
        }),
      ),
      { seed: 500 + seed, numRuns: 1 },
    )[0]!
    const bars = [SOLD(long, 9), SOLD(short, 6), { id: 'part', length: part, price: dear, count }]
    const wanted = pieces.map(([length, many]) => ({ length, count: many }))
    const plan = expectRight(bars, wanted)
    const least = await milpPrice(bars, wanted)
    expect([seed, plan.lowerBound <= least]).toEqual([seed, true])
    if (plan.price !== plan.lowerBound) continue
    proved += 1
    expect([seed, plan.price]).toEqual([seed, least])
  }
  expect(proved).toBeGreaterThan(runs * 0.8)
}, 60_000)

test('made-up jobs of one size: right, never under the bound, on it or one roll over', () => {
  let proved = 0
  const runs = runsOf(60, 14)
  fc.assert(
    fc.property(
      fc.uniqueArray(fc.integer({ min: 30, max: 300 }), { minLength: 1, maxLength: 12 }),
      fc.array(fc.integer({ min: 1, max: 30 }), { minLength: 12, maxLength: 12 }),
      (lengths, counts) => {
        const plan = expectRight(
          [SOLD(600)],
          lengths.map((length, i) => ({ length, count: counts[i]! })),
        )
        expect(plan.price - plan.lowerBound).toBeLessThanOrEqual(1)
        if (plan.price === plan.lowerBound) proved += 1
      },
    ),
    { numRuns: runs, seed: 5 },
  )
  expect(proved).toBeGreaterThan(runs * 0.9)
})

// Two sizes of film, part rolls, and four hundred panels cut to the centimetre. The target is a second on this machine;
// the test leaves room for a busy one.
test('four hundred panels of a large job are cut while one waits, with a gap that is shown', () => {
  const random = (
    (state) => () =>
      (state = (state * 48271) % 2147483647) / 2147483647
  )(11)
  const lengths = [...new Set(Array.from({ length: 400 }, () => 60 + Math.floor(random() * 540)))]
  const wanted = lengths.map((length) => ({ length, count: 1 }))
  while (wanted.reduce((all, each) => all + each.count, 0) < 400) {
    const at = Math.floor(random() * wanted.length)
    wanted[at] = { ...wanted[at]!, count: wanted[at]!.count + 1 }
  }
  const bars = [SOLD(5000, 2290), SOLD(2500, 1290), THERE(1800, 2), THERE(420, 3)]
  const from = workedMs()
  const plan = expectRight(bars, wanted)
  expect(workedMs() - from).toBeLessThan(paced(6000))
  expect(plan.price).toBeLessThanOrEqual(plan.lowerBound * 1.05)
})
