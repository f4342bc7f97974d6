import fc from 'fast-check'
import {
  boundedClock,
  CLOCK_AHEAD_MS,
  clockMs,
  HYBRID_CLOCK,
  isTooFarAhead,
  laterClock,
  nextClock,
} from './hybridClock'

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

test('is readable at both ends of its scale, where a count is full or nothing is later', () => {
  for (const last of ['000000000-zzzz-d1', 'zzzzzzzzz-0000-d1', 'zzzzzzzzz-zzzz-d1'])
    expect(nextClock(last, 1000, 'd2')).toMatch(HYBRID_CLOCK)
  expect(nextClock('000000000-zzzz-d1', 0, 'd2') > '000000000-zzzz-d1').toBe(true)
  expect(nextClock(null, Number.MAX_SAFE_INTEGER, 'd2')).toMatch(HYBRID_CLOCK)
})

test('a reading from too far ahead is taken to be of now, and the next right one is later', () => {
  const now = 1_800_000_000_000
  const yearAhead = nextClock(null, now + 365 * 86_400_000, 'bad')
  const kept = boundedClock(yearAhead, null, now)
  expect(isTooFarAhead(kept, now)).toBe(false)
  expect(kept.endsWith('-bad')).toBe(true)
  expect(nextClock(null, now + 1, 'good') > kept).toBe(true)
  // What was stored before anybody looked does not rule either.
  expect(isTooFarAhead(boundedClock('zzzzzzzzz-zzzz-bad', yearAhead, now), now)).toBe(false)
  const right = nextClock(null, now + CLOCK_AHEAD_MS, 'good')
  expect(boundedClock(right, null, now)).toBe(right)
})
