import fc from 'fast-check'
import { clockMs, HYBRID_CLOCK, laterClock, nextClock } from './hybridClock'

test('never runs backwards, whatever the wall clock does, and is later than all it has seen', () =>
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 0, max: 4_000_000_000_000 }), { minLength: 1, maxLength: 30 }), (walls) => {
      let last: string | null = null
      for (const wall of walls) {
        const next = nextClock(last, wall, 'd1')
        expect(next).toMatch(HYBRID_CLOCK)
        if (last !== null) expect(next > last).toBe(true)
        expect(clockMs(next)).toBeGreaterThanOrEqual(wall)
        last = next
      }
    }),
    { seed: 7, numRuns: 200 },
  ))

test('is written in base 36, so that text sorts as it counts', () => {
  const one = nextClock(null, 1_000_000_000_000, 'phone')
  expect(one).toBe(`${(1_000_000_000_000).toString(36).padStart(9, '0')}-0000-phone`)
  expect(nextClock(one, 5, 'phone').slice(0, 14)).toBe(`${one.slice(0, 9)}-0001`)
  expect(laterClock(one, null)).toBe(one)
  expect(laterClock(null, one)).toBe(one)
  expect(laterClock(one, nextClock(one, 0, 'other'))).not.toBe(one)
})
