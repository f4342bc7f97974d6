import { gullRow, ternQuay, ternQuaySurvey, TERN_QUAY_NOW } from '../../demo'
import { betterPlan } from '../src/answers/try/betterPlan'
import { problemOf } from '../src/answers/chain/planJob'
import { checkPlan } from '../src/planning/check/checkPlan'
import type { Job } from '../src/base/nouns'
import { placeFirst } from '../src/planning/plan/placeFirst'
import { translate } from '../src/planning/plan/problemModel'
import type { ScheduleProblem } from '../src/planning/problem/problem'
import { parseInstant } from '../src/base/units/time'
import { act, lag, problem as small, tied } from './smallProblem'

const WAYS = { seed: 1, isOver: () => false, rounds: 6 }
/** One room, few enough colours that its end is proved. */
function trimAndWalls(): Job {
  const job = gullRow()
  // In few rounds, each within its stretch, so that a proof takes no long search.
  const house = { ...job.house, fieldOrder: 'after-pull' as const, stayOnMin: 0 }
  return { ...job, house, rooms: job.rooms.map((each) => ({ ...each, steps: each.steps.slice(1) })) }
}
const jobs: [string, Job, number][] = [
  ['the demo on its second afternoon', ternQuay(), parseInstant(TERN_QUAY_NOW)],
  ['the demo before it begins', ternQuaySurvey(), parseInstant(ternQuaySurvey().start)],
  ['one room', trimAndWalls(), parseInstant(gullRow().start)],
]

describe.each(jobs)('%s', (_, job, at) => {
  const problem = problemOf(job, at)
  const first = placeFirst(problem)
  const better = betterPlan(problem, first, WAYS)
  const kinds = (plan: typeof first) => checkPlan(problem, plan).map((each) => `${each.kind} ${each.activityId}`)

  test('no worse by any goal: no new miss, nobody later, everything placed that was', () => {
    expect(kinds(first)).toEqual(expect.arrayContaining(kinds(better.placement)))
    expect(better.endsAt).toBeLessThanOrEqual(Math.max(...first.placed.map((task) => task.to)))
    expect(better.boundAt ?? 0).toBeGreaterThan(at)
    expect(better.boundAt ?? 0).toBeLessThanOrEqual(better.endsAt)
    expect(better.placement.placed.map((task) => task.taskId).sort()).toEqual(
      first.placed.map((task) => task.taskId).sort(),
    )
    // What is done stands as it was done.
    const done = (plan: typeof first) => plan.placed.filter((task) => task.done)
    expect(done(better.placement)).toEqual(done(first))
  })

  test('as tasks and lags it is as large as the work that is left, and no start lies before now', () => {
    const { model, hint } = translate(problem, first)
    expect(model.tasks.length).toBeGreaterThan(10)
    expect(model.tasks.length).toBeLessThanOrEqual(problem.activities.length)
    for (const start of hint) expect(start).toBeGreaterThanOrEqual(0)
  })
})

test('the same for the same seed and rounds', () => {
  const problem = problemOf(trimAndWalls(), parseInstant(gullRow().start))
  const run = () => betterPlan(problem, placeFirst(problem), WAYS)
  expect(run()).toEqual(run())
})

test('one room ends sooner than the first plan has it, and that is proved to be all', () => {
  const job = trimAndWalls()
  const problem = problemOf(job, parseInstant(job.start))
  const first = placeFirst(problem)
  const better = betterPlan(problem, first, { ...WAYS, rounds: 60 })
  expect(better.isProved).toBe(true)
  expect(better.endsAt).toBeLessThan(Math.max(...first.placed.map((task) => task.to)))
})

/** One crew, a day from 480 to 960 with a meal, two days. */
const DAYS = [0, 1440].flatMap((day): [number, number][] => [
  [day + 480, day + 720],
  [day + 750, day + 960],
])
const room = (more: Partial<ScheduleProblem>) =>
  small([act('long', 120), act('wait', 20), act('after', 30)], {
    crews: [{ id: 'a', shifts: DAYS }],
    clocks: [{ id: 'drying', startMin: 0, rates: [1] }],
    lags: [lag('wait', 'after', 0, { min: { clock: 'drying', amount: 120 } })],
    ...more,
  })

describe('by hand', () => {
  test('what has to dry goes first, so that nobody stands about', () => {
    const problem = room({})
    const first = placeFirst(problem)
    // Serial generation takes the long one first: 480–600, 600–620, and the last waits until 750.
    expect(Math.max(...first.placed.map((task) => task.to))).toBe(780)
    const better = betterPlan(problem, first, WAYS)
    expect(better).toMatchObject({ endsAt: 650, boundAt: 650, isProved: true })
  })
  test('a room that is due is kept in time, one that is late is made less so before anything else', () => {
    const goals = [{ goal: 'hand-back' as const, roomId: 'r', activityIds: ['after'], by: 660 }]
    const better = betterPlan(room({ goals }), placeFirst(room({ goals })), WAYS)
    expect(better).toMatchObject({ lateMin: 0, endsAt: 650 })
    // Another room’s short work is due at 510: the long work that blocks it gives way, whatever that costs the end.
    const two = room({
      activities: [act('long', 230, { roomId: 'big' }), act('short', 30)],
      lags: [],
      goals: [
        { goal: 'hand-back', roomId: 'r', activityIds: ['short'], by: 510 },
        { goal: 'rooms-in-order', rooms: [['big'], ['r']] },
      ],
    })
    const first = placeFirst(two)
    expect(checkPlan(two, first)).toMatchObject([{ kind: 'late-hand-back', minutes: 270 }])
    const found = betterPlan(two, first, WAYS)
    expect(found.lateMin).toBe(0)
    expect(found.placement.placed.find((task) => task.taskId === 'short')?.from).toBe(480)
  })
  test('a tied pair stays tied and does not go over the meal', () => {
    const problem = room({
      activities: [act('long', 200), act('coat', 100), act('pull', 60)],
      lags: [tied('coat', 'pull')],
    })
    const { placement, isProved } = betterPlan(problem, placeFirst(problem), WAYS)
    expect(isProved).toBe(true)
    expect(checkPlan(problem, placement)).toEqual([])
  })
  test('work that may be broken goes over the meal, and air that spoils a coat is kept out of', () => {
    const problem = room({
      activities: [act('lay', 260, { divisible: true }), act('coat', 60, { air: 'rain' })],
      lags: [lag('lay', 'coat')],
      airs: [
        {
          id: 'rain',
          during: [],
          until: [{ from: 900, to: 1000, why: 'plan.rain' }],
          clock: 'drying',
          safeMin: 100,
          cold: [],
          formedMin: 100,
          isOutdoors: true,
        },
      ],
    })
    const { placement } = betterPlan(problem, placeFirst(problem), WAYS)
    expect(checkPlan(problem, placement)).toEqual([])
    // Laid by 770 and coated by 830 it would be safe at 930: rain comes at 900, so it waits for the next day.
    expect(placement.placed.find((task) => task.taskId === 'coat')?.from).toBe(1920)
  })
})
