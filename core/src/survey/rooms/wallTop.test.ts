import type { TopPoint, Wall } from '../../base/nouns'
import fc from 'fast-check'
import { newRoom, OUTLINE_TEMPLATES } from './roomTemplate'
import { highestMm, topAtMm, topLine, wallAreaMm2 } from './wallTop'

const room = newRoom('r', 'Room', OUTLINE_TEMPLATES.rectangle)
const level: Wall = { ...room.walls[0]!, lengthMm: 4000, top: [] }
const wall = (lengthMm: number, top: TopPoint[]): Wall => ({ ...level, lengthMm, top })
/** A gable of 8 m: 2.5 m at the eaves, 5.5 m at the ridge in the middle. */
const gable = wall(8000, [
  { atMm: 0, heightMm: 2500 },
  { atMm: 4000, heightMm: 5500 },
  { atMm: 8000, heightMm: 2500 },
])

describe('a level wall', () => {
  test('is as high as its room, from end to end', () => {
    expect(topLine(room, level).map((point) => point.heightMm)).toEqual([room.heightMm, room.heightMm])
    expect([0, 1, 3999, 4000].map((at) => topAtMm(room, level, at))).toEqual(Array(4).fill(room.heightMm))
  })
  test('has length times height', () => expect(wallAreaMm2(room, level, 0)).toBe(4000 * room.heightMm))
})

describe('a gable, by hand', () => {
  test('rises 750 mm for each metre up to the ridge and falls the same way', () => {
    expect([0, 1000, 4000, 5000, 8000].map((at) => topAtMm(room, gable, at))).toEqual([2500, 3250, 5500, 4750, 2500])
  })
  test('8 m by 2.5 m and a triangle of 3 m: 20 + 12 m²', () => {
    expect(wallAreaMm2(room, gable, 0)).toBe(32e6)
    expect(wallAreaMm2(room, gable, 2500)).toBe(12e6)
  })
  test('above 4 m a triangle half as wide and high as the one from the eaves: 3 m²', () => {
    expect(wallAreaMm2(room, gable, 4000)).toBeCloseTo(3e6, 3)
    expect(wallAreaMm2(room, gable, 2500, 4000)).toBeCloseTo(9e6, 3)
  })
  test('nothing lies above the ridge', () => expect(wallAreaMm2(room, gable, 5500)).toBe(0))
  test('it is the highest of its room', () => {
    expect(highestMm({ ...room, walls: [level, gable] })).toBe(5500)
    expect(highestMm(room)).toBe(room.heightMm)
  })
})

test('a step in the top has one height at its place, not a division by nothing', () => {
  const stepped = wall(3000, [
    { atMm: 0, heightMm: 2000 },
    { atMm: 1000, heightMm: 2000 },
    { atMm: 1000, heightMm: 2600 },
    { atMm: 3000, heightMm: 2600 },
  ])
  expect([500, 2000].map((at) => topAtMm(room, stepped, at))).toEqual([2000, 2600])
  expect(Number.isFinite(topAtMm(room, stepped, 1000))).toBe(true)
  expect(wallAreaMm2(room, stepped, 0)).toBe(1000 * 2000 + 2000 * 2600)
})

const tops = fc
  .array(fc.record({ run: fc.integer({ min: 1, max: 4000 }), heightMm: fc.integer({ min: 1, max: 6000 }) }), {
    minLength: 2,
    maxLength: 6,
  })
  .map((points) => {
    let at = -points[0]!.run
    const top = points.map(({ run, heightMm }) => ({ atMm: (at += run), heightMm }))
    return wall(at, top)
  })

test('whatever its top: bands from floor to ridge make the whole, and no band is negative', () => {
  fc.assert(
    fc.property(tops, fc.array(fc.integer({ min: 1, max: 6000 }), { maxLength: 5 }), (any, cuts) => {
      const levels = [0, ...new Set([...cuts].sort((a, b) => a - b)), Infinity]
      const bands = levels.slice(1).map((to, i) => wallAreaMm2(room, any, levels[i]!, to))
      const whole = wallAreaMm2(room, any, 0)
      for (const band of bands) expect(band).toBeGreaterThanOrEqual(-1e-3)
      expect(Math.abs(bands.reduce((sum, each) => sum + each, 0) - whole)).toBeLessThan(1e-6 * whole + 1)
    }),
  )
})

test('whatever its top: the area above a level equals what a thousand thin strips add up to', () => {
  fc.assert(
    fc.property(tops, fc.integer({ min: 0, max: 6000 }), (any, from) => {
      const strips = 1000
      const wide = any.lengthMm / strips
      let sum = 0
      for (let i = 0; i < strips; i++) sum += wide * Math.max(0, topAtMm(room, any, (i + 0.5) * wide) - from)
      // A strip that a kink or the level cuts is off by at most its width times the rise across it.
      const rise = any.top.slice(1).reduce((all, point, i) => all + Math.abs(point.heightMm - any.top[i]!.heightMm), 0)
      expect(Math.abs(wallAreaMm2(room, any, from) - sum)).toBeLessThanOrEqual(wide * rise + 1)
    }),
    { numRuns: 60 },
  )
})
