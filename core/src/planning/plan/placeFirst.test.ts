import { wetRule } from '../../../tests/pullRule'
import { act, lag, problem as small, tied } from '../../../tests/smallProblem'
import fc from 'fast-check'
import { ternQuay, TERN_QUAY_NOW } from '../../../../demo'
import { problemOf } from '../../answers/chain/planJob'
import { checkPlan } from '../check/checkPlan'
import type { ProblemActivity, PullRule, ScheduleProblem } from '../problem/problem'
import { parseInstant } from '../../base/units/time'
import { placeFirst } from './placeFirst'

/** Two days of 08:00–12:00 and 12:30–16:00, in minutes from midnight of the first. */
const DAYS = [0, 1440].flatMap((day): [number, number][] => [
  [day + 480, day + 720],
  [day + 750, day + 960],
])
/** A clock that runs as labels have it. */
const LABEL = { id: 'drying', startMin: 0, rates: [1] }

const problem = (activities: readonly ProblemActivity[], more: Partial<ScheduleProblem> = {}): ScheduleProblem =>
  small(activities, { crews: ['a', 'b'].map((id) => ({ id, shifts: DAYS })), clocks: [LABEL], ...more })
/** A wet pull after a coat that is hard 170 min later. */
const PULL = wetRule({ openMin: 5, hardDryMin: 170 })
const spans = (of: ScheduleProblem) =>
  Object.fromEntries(placeFirst(of).placed.map((task) => [task.taskId, [task.from, task.to]]))

describe('by hand', () => {
  test('work follows work; drying waits; a second crew works beside', () => {
    const acts = [act('one', 60), act('two', 30), act('other', 100, { crewId: 'b' })]
    const lags = [lag('one', 'two', 0, { min: { clock: 'drying', amount: 90 } })]
    expect(spans(problem(acts, { lags }))).toEqual({ one: [480, 540], two: [630, 660], other: [480, 580] })
  })
  test('what is tied is not broken by the meal; divisible work is', () => {
    const acts = [act('coat', 200), act('pull', 60)]
    const lags = [tied('coat', 'pull')]
    // 260 minutes fit into no half day of 240 and 210: told, not squeezed.
    expect(placeFirst(problem(acts, { lags })).unplaced).toEqual(['coat', 'pull'])
    const shorter = [act('coat', 150), act('pull', 60)]
    expect(spans(problem(shorter, { lags }))).toEqual({ coat: [480, 630], pull: [630, 690] })
    const [lay] = placeFirst(problem([act('lay', 300, { divisible: true })])).placed
    expect(lay?.pieces).toEqual([
      { from: 480, to: 720 },
      { from: 750, to: 810 },
    ])
  })
  test('of two that can begin at once the more urgent room goes first', () => {
    const acts = [act('calm', 60, { roomId: 'calm' }), act('urgent', 60, { roomId: 'urgent' })]
    const goals = [{ goal: 'rooms-in-order', rooms: [['urgent'], ['calm']] }] as const
    expect(spans(problem(acts, { goals }))).toEqual({ urgent: [480, 540], calm: [540, 600] })
  })
  test('a release holds work back, and nothing undone lies before now', () => {
    expect(spans(problem([act('late', 30, { release: 600 })]))).toEqual({ late: [600, 630] })
    const shifts = DAYS.map(([from, to]) => [Math.max(from, 730), to] as const).filter(([from, to]) => to > from)
    expect(spans(problem([act('now', 30)], { from: 730, crews: [{ id: 'a', shifts }] }))).toEqual({ now: [750, 780] })
  })
  test('a start set by hand stays', () => {
    expect(spans(problem([act('one', 30)], { fixed: [{ id: 'one', at: 555 }] }))).toEqual({ one: [555, 585] })
  })
  test('the crew that can begin first takes what several can do', () => {
    const both = [
      { crewId: 'a', minutes: 60 },
      { crewId: 'b', minutes: 90 },
    ]
    const acts = [act('first', 60), act('second', 0, { modes: both })]
    const { placed } = placeFirst(problem(acts, { lags: [] }))
    expect(placed.find((task) => task.taskId === 'second')).toMatchObject({ crewId: 'b', from: 480, to: 570 })
  })
  test('a coated pull waits out the tacky hours for its dry span', () => {
    const rule: PullRule = { ...PULL, coated: { from: 470, to: 470 }, settleMin: 2, openMin: 5 }
    // Coated at 470 it skins at 475, before anybody is there, and is hard at 640.
    expect(spans(problem([act('pull', 20)], { pulls: [rule] }))).toEqual({ pull: [640, 660] })
  })
  test('a coated pull that is too wet for two minutes yet goes before work that would run into its window', () => {
    const rule: PullRule = { ...PULL, coated: { from: 490, to: 500 }, settleMin: 12, openMin: 30 }
    // Fresh edges run until 502 and skin at 520; an hour of other work is at hand from 500 on.
    const of = problem([act('other', 60), act('pull', 10)], { from: 500, pulls: [rule] })
    expect(spans(of)).toEqual({ pull: [502, 512], other: [512, 572] })
    // Once it has skinned it waits until it is hard, and holds nobody up.
    const late = problem([act('other', 60), act('pull', 10)], { from: 530, pulls: [rule] })
    expect(spans(late)).toEqual({ other: [530, 590], pull: [670, 680] })
  })
  test('what is done stands where it was done and moves what follows', () => {
    const done = [{ id: 'one', roomId: 'r', crewId: 'b', uses: [], from: 640, to: 700 }]
    const { placed } = placeFirst(problem([act('two', 30)], { done, from: 700, lags: [lag('one', 'two', 60)] }))
    expect(placed).toMatchObject([
      { taskId: 'one', crewId: 'b', from: 640, to: 700, done: true },
      { taskId: 'two', from: 760, to: 790, done: false },
    ])
  })
})

/** Chains of work over two crews, some tied to what comes before. */
const anyProblem = fc
  .array(
    fc.record({
      minutes: fc.integer({ min: 1, max: 200 }),
      crew: fc.constantFrom('a', 'b'),
      wait: fc.integer({ min: 0, max: 600 }),
      before: fc.integer({ min: 0, max: 30 }),
      divisible: fc.boolean(),
    }),
    { minLength: 1, maxLength: 14 },
  )
  .map((list) =>
    problem(
      list.map((each, i) => act(`t${i}`, each.minutes, { crewId: each.crew, divisible: each.divisible })),
      {
        lags: list.flatMap((each, i) =>
          i === 0
            ? []
            : [
                lag(`t${each.before % i}`, `t${i}`, each.wait, {
                  min: { clock: i % 2 ? 'drying' : null, amount: each.wait },
                }),
              ],
        ),
      },
    ),
  )

test('any plan passes the check, which shares no code with it; what has no place is told by the check', () => {
  fc.assert(
    fc.property(anyProblem, (of) => {
      const { placed, unplaced } = placeFirst(of)
      expect(placed.length + unplaced.length).toBe(of.activities.length)
      const misses = checkPlan(of, { placed })
      expect(misses.map((miss) => miss.activityId).sort()).toEqual([...unplaced].sort())
      for (const miss of misses) expect(['no-stretch', 'past-horizon', 'waits-for-unplaced']).toContain(miss.kind)
    }),
    { numRuns: 120 },
  )
})

test('a problem written to a file and read again gives the same plan', () => {
  const demo = problemOf(ternQuay(), parseInstant(TERN_QUAY_NOW))
  const read = JSON.parse(JSON.stringify(demo)) as ScheduleProblem
  expect(read).toEqual(demo)
  expect(placeFirst(read)).toEqual(placeFirst(demo))
  expect(placeFirst(demo).placed.length).toBeGreaterThan(80)
})
