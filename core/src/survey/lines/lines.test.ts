import fc from 'fast-check'
import { coursesTouched } from './laps'
import { levelLoop } from './levelLoop'
import { levelOver, lineOver, offsetAt } from './oneSided'
import { equalStripes, tapeLines } from './stripes'

describe('a straight line over a crooked edge', () => {
  // By hand: spots of 2, 5 and 3 mm at 0, 1000 and 3000: the middle is at 1500, so over 5 at 1 m and 3 at 3 m: 6 − x/1000.
  test('by hand: it lies on the hull above the middle', () => {
    const points = [
      { atMm: 0, offMm: 2 },
      { atMm: 1000, offMm: 5 },
      { atMm: 3000, offMm: 3 },
    ]
    const line = lineOver(points)
    expect([line.startMm, line.slope]).toEqual([6, -0.001])
    expect(levelOver(points)).toEqual({ startMm: 5, slope: 0 })
  })
  // By hand: ten readings within the first 10 cm of 4 m do not drag the line: over 0 at 0 and 0 at 4 m it stays level.
  test('readings that lie close together weigh no more than others', () => {
    const close = Array.from({ length: 10 }, (_, i) => ({ atMm: 10 * i, offMm: i === 9 ? 2 : 0 }))
    const line = lineOver([...close, { atMm: 4000, offMm: 0 }])
    expect(offsetAt(line, 90)).toBeCloseTo(2, 9)
    expect(offsetAt(line, 4000)).toBeCloseTo(0, 9)
  })
  // C13, common practice, no published source: 3/16 to 1/4 in are hidden by a line at the worst point.
  test('C13: wanders of 5 and 6 mm are hidden by a level line at 6', () => {
    expect(
      levelOver([
        { atMm: 0, offMm: 5 },
        { atMm: 900, offMm: 6 },
      ]).startMm,
    ).toBe(6)
  })
  const points = fc.array(
    fc.record({ atMm: fc.integer({ min: 0, max: 5000 }), offMm: fc.integer({ min: -8, max: 12 }) }),
    {
      minLength: 1,
      maxLength: 30,
    },
  )
  test('it is never under the old edge, and no line through two spots that is over all gives up less', () => {
    fc.assert(
      fc.property(points, (spots) => {
        const line = lineOver(spots)
        const at = spots.map(({ atMm }) => atMm)
        // The area below a line over the run, but for the run's length: trapezium.
        const lost = (of: typeof line) => offsetAt(of, Math.min(...at)) + offsetAt(of, Math.max(...at))
        for (const { atMm, offMm } of spots) expect(offsetAt(line, atMm)).toBeGreaterThanOrEqual(offMm - 1e-6)
        for (const a of spots)
          for (const b of spots) {
            if (a.atMm >= b.atMm) continue
            const slope = (b.offMm - a.offMm) / (b.atMm - a.atMm)
            const other = { startMm: a.offMm - slope * a.atMm, slope }
            const isOver = spots.every(({ atMm, offMm }) => offsetAt(other, atMm) >= offMm - 1e-9)
            if (isOver) expect(lost(line)).toBeLessThanOrEqual(lost(other) + 1e-6)
          }
      }),
    )
  })
})

describe('a level line carried round', () => {
  const marks = (last: number) => [
    { runMm: 0, heightMm: 1400 },
    { runMm: 4000, heightMm: 1402 },
    { runMm: 3000, heightMm: 1405 },
    { runMm: 1000, heightMm: last },
  ]
  test('by hand: 8 mm over 8 m are spread 1 mm a metre', () => {
    expect(levelLoop(marks(1408))).toEqual({ missMm: 8, redo: false, movesMm: [0, -4, -7, -8] })
  })
  // C14, common practice, no published source.
  test('C14: ends over 25 mm apart are redone, 25 mm are spread', () => {
    expect(levelLoop(marks(1426))).toMatchObject({ redo: true, movesMm: [0, 0, 0, 0] })
    expect(levelLoop(marks(1425)).redo).toBe(false)
  })
})

test('equal stripes fill the wall, differ by a millimetre at most, and no line of tape is missed', () => {
  fc.assert(
    fc.property(fc.integer({ min: 500, max: 9000 }), fc.integer({ min: 1, max: 40 }), (width, count) => {
      const stripes = equalStripes(width, count)
      const widths = stripes.map(({ fromMm, toMm }) => toMm - fromMm)
      expect(widths.reduce((sum, each) => sum + each, 0)).toBe(width)
      expect(Math.max(...widths) - Math.min(...widths)).toBeLessThanOrEqual(1)
      const lines = new Set([...tapeLines(stripes, 1), ...tapeLines(stripes, 2)])
      expect(lines.size).toBe(count - 1)
    }),
  )
  // By hand: 1000 mm in three: 333, 667, 1000; the middle waits for the tape to be moved.
  expect(equalStripes(1000, 3).map((stripe) => [stripe.toMm, stripe.turn])).toEqual([
    [333, 1],
    [667, 2],
    [1000, 1],
  ])
})

// By hand, boards showing 100 mm: an opening from 850 to 1950 above boards that begin at 0 touches courses 8 to 19: 12;
// from 900 to 1900 exactly ten; boards that begin 50 up make 850 a joint: 11.
test('courses beside an opening, by where the boards begin', () => {
  expect(coursesTouched(100, 0, 850, 1950)).toBe(12)
  expect(coursesTouched(100, 0, 900, 1900)).toBe(10)
  expect(coursesTouched(100, 50, 850, 1950)).toBe(11)
  expect(coursesTouched(100, 0, 900, 900)).toBe(0)
})
