import fc from 'fast-check'
import { act, problem, tied } from '../../../tests/smallProblem'
import { checkPlan } from '../check/checkPlan'
import type { AirBan, AirRule } from '../problem/problem'
import { placeFirst } from './placeFirst'

const CLOCK = { id: 'hardening', startMin: 0, rates: [1] }
const rule = (during: readonly AirBan[], until: readonly AirBan[], cold: readonly AirBan[] = []): AirRule => ({
  id: 'rain',
  during,
  until,
  clock: 'hardening',
  safeMin: 120,
  cold,
  formedMin: 240,
  isOutdoors: true,
})
const ban = (from: number, to: number): AirBan => ({ from, to, why: 'plan.rain' })
const coats = (air: AirRule, more: { tie?: boolean; minutes?: number; divisible?: boolean } = {}) =>
  problem(
    [
      act('bead', 10),
      act('coat', more.minutes ?? 60, { air: 'rain', divisible: more.divisible ?? false }),
      act('else', 30),
    ],
    {
      crews: [
        {
          id: 'a',
          shifts: [
            [480, 720],
            [750, 960],
          ],
        },
      ],
      clocks: [CLOCK],
      airs: [air],
      lags: more.tie ? [tied('bead', 'coat')] : [],
    },
  )
const startOf = (of: ReturnType<typeof coats>, id: string) =>
  placeFirst(of).placed.find((task) => task.taskId === id)?.from

test('a coat waits until it is rain-safe before the shower, or goes on behind it', () => {
  // On at 490 to 550 it is safe at 670: rain from 640 is too soon, rain from 800 is not.
  expect(startOf(coats(rule([], [ban(640, 651)])), 'coat')).toBe(651)
  expect(startOf(coats(rule([], [ban(800, 860)])), 'coat')).toBe(490)
  // Wind stops the gun, not a coat that is on.
  expect(startOf(coats(rule([ban(555, 600)], [])), 'coat')).toBe(490)
  expect(startOf(coats(rule([ban(500, 600)], [])), 'coat')).toBe(600)
})

test('what is tied to the coat waits with it, other work does not', () => {
  const of = coats(rule([ban(400, 600)], []), { tie: true })
  expect(startOf(of, 'bead')).toBe(590)
  expect(startOf(of, 'coat')).toBe(600)
  expect(startOf(of, 'else')).toBe(480)
})

test('air that is bad all the time leaves the coat out, and the check says it is the air', () => {
  const of = coats(rule([ban(0, 2880)], []))
  const { placed, unplaced } = placeFirst(of)
  expect(unplaced).toEqual(['coat'])
  expect(checkPlan(of, { placed })).toMatchObject([{ kind: 'no-air', activityId: 'coat', other: 'plan.rain' }])
})

test('the check finds a coat that somebody put into bad air', () => {
  const of = coats(rule([], [ban(640, 690)]))
  const { placed } = placeFirst(coats(rule([], [])))
  expect(checkPlan(of, { placed })).toMatchObject([{ kind: 'in-bad-air', activityId: 'coat', at: 640 }])
})

const anyBans = fc
  .array(fc.tuple(fc.integer({ min: 400, max: 1100 }), fc.integer({ min: 1, max: 120 })), { maxLength: 5 })
  .map((list) => list.map(([from, long]) => ban(from, from + long)).sort((a, b) => a.from - b.from))
  .map((list) => list.filter((each, i) => i === 0 || each.from >= (list[i - 1]?.to ?? 0)))

test('whatever the air, the plan keeps out of it, and no sooner start would', () => {
  fc.assert(
    fc.property(
      anyBans,
      anyBans,
      anyBans,
      fc.integer({ min: 1, max: 150 }),
      fc.boolean(),
      (...[during, until, cold, minutes, broken]) => {
        const of = coats(rule(during, until, cold), { minutes, divisible: broken })
        const { placed } = placeFirst(of)
        const kinds = checkPlan(of, { placed }).map((each) => each.kind)
        expect(kinds.filter((kind) => kind === 'in-bad-air')).toEqual([])
        const coat = placed.find((task) => task.taskId === 'coat')
        const alone = { ...of, activities: of.activities.filter((activity) => activity.id === 'coat') }
        const own = placeFirst(alone).placed[0]
        if (!own || broken) return
        for (let from = 480; from < own.from; from++) {
          const moved = { ...own, from, to: from + minutes, pieces: [{ from, to: from + minutes }] }
          expect(checkPlan(alone, { placed: [moved] }).length).toBeGreaterThan(0)
        }
        expect(coat === undefined || coat.from >= own.from).toBe(true)
      },
    ),
    { numRuns: 80 },
  )
})
