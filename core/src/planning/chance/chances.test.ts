import { ternQuaySurvey } from '../../../../demo'
import { act, lag, problem as small, tied } from '../../../tests/smallProblem'
import { wetRule } from '../../../tests/pullRule'
import { problemOf } from '../../answers/chain/planJob'
import { placeFirst } from '../plan/placeFirst'
import type { ScheduleProblem } from '../problem/problem'
import { normalCdf } from '../../nature/risk/normal'
import { seededNumbers } from '../../base/units/seeded'
import { parseInstant } from '../../base/units/time'
import { chancesOf } from './chances'
import { emptyRun, rehearse } from './run'
import { scriptOf } from './script'
import { forecastOf, SPREADS } from './spreads'

const survey = ternQuaySurvey()
const demo = problemOf(survey, parseInstant(survey.start))
const plan = placeFirst(demo)
const even = (count: number) => ({
  work: new Float64Array(count).fill(1),
  drying: new Float64Array(count).fill(1),
  airShift: new Float64Array(count),
  shower: new Float64Array(count).fill(Number.POSITIVE_INFINITY),
})

test('where all goes as planned the day is the plan: nothing later, no pull missed', () => {
  const script = scriptOf(demo, plan)
  const run = emptyRun(script)
  rehearse(script, even(script.acts.length), run)
  const placed = new Map<string, number>(plan.placed.map((task) => [task.taskId, task.to]))
  const late = script.acts.filter(({ id }, i) => (run.to[i] ?? 0) > (placed.get(id) ?? 0) + 1)
  expect(late.map((each) => each.id)).toEqual([])
  expect([...run.missed].filter((each) => each > 0)).toEqual([])
})

/** A coat of an hour and a wet pull of ten minutes that must be off 90 minutes after the first stroke. */
const WET: ScheduleProblem = small([act('r/s/w/coat1', 60), act('r/s/w/pull', 10)], {
  horizon: 10_000,
  crews: [{ id: 'a', shifts: [[0, 10_000]] }],
  clocks: [{ id: 'drying', startMin: 0, rates: [1] }],
  lags: [tied('r/s/w/coat1', 'r/s/w/pull')],
  pulls: [wetRule({ activityId: 'r/s/w/pull', coatId: 'r/s/w/coat1', openMin: 90, hardDryMin: 600 })],
})

test('one wet pull: how often it is missed is what the normal distribution says', () => {
  const { pulls, rooms, end } = chancesOf(WET, placeFirst(WET), { runs: 20_000, seed: 1 })
  // ln(work) and ln(drying) are normal: it is missed where 60·c·w + 10·c·p is more than 90·d. About: one normal of their sum.
  const spread = Math.hypot(
    SPREADS.crew.value,
    (60 / 70) * SPREADS.work.coat.value,
    (10 / 70) * SPREADS.work.pull.value,
    SPREADS.clocks.value,
    SPREADS.coat.value,
  )
  const expected = normalCdf(Math.log(70 / 90) / spread)
  expect(pulls).toHaveLength(1)
  expect(pulls[0]?.missShare).toBeGreaterThan(expected - 0.02)
  expect(pulls[0]?.missShare).toBeLessThan(expected + 0.02)
  // Mostly through after the pull, sometimes only when the film is hard.
  expect(end?.half).toBeLessThan(90)
  expect(rooms[0]?.nineOfTen).toBeGreaterThan(70)
})

// The same day gone through by hand, with numbers of its own: half of them go home at 75, and the coat is in the rain a week ahead.
test('a pull behind the end of the shift, or after a shower nobody forecast, is missed as often as in a simulation of its own', () => {
  const start = 7 * 1440
  const shift = [start, start + 75] as const
  const told: ScheduleProblem = {
    ...WET,
    horizon: 3 * start,
    crews: [{ id: 'a', shifts: [shift, [start + 1440, start + 1900]] }],
    activities: WET.activities.map((each) => ({
      ...each,
      release: start,
      air: each.id.includes('coat') ? 'rain' : null,
    })),
    airs: [
      { id: 'rain', during: [], until: [], cold: [], clock: 'drying', safeMin: 240, formedMin: 0, isOutdoors: true },
    ],
  }
  const plan = { placed: placeFirst(told).placed }
  const { pulls } = chancesOf(told, plan, { runs: 20_000, seed: 3 })
  const random = seededNumbers(4711)
  // The sum of twelve even numbers, less six, is nearly normal.
  const drawn = () => Array.from({ length: 12 }, random).reduce((sum, each) => sum + each, -6)
  const { clocks, showerPerHour } = forecastOf(start)
  const count = 40_000
  let missed = 0
  for (let i = 0; i < count; i++) {
    const crew = Math.exp(SPREADS.crew.value * drawn())
    const coat = 60 * crew * Math.exp(SPREADS.work.coat.value * drawn())
    const pull = 10 * crew * Math.exp(SPREADS.work.pull.value * drawn())
    const slow = Math.exp(clocks * drawn() + SPREADS.coat.value * drawn())
    const isRained = random() < 1 - Math.exp((-showerPerHour * 240 * slow) / 60)
    missed += Number(coat + pull > Math.min(75, 90 * slow) || isRained)
  }
  expect(missed / count).toBeGreaterThan(0.2)
  expect(Math.abs((pulls[0]?.missShare ?? 0) - missed / count)).toBeLessThan(0.015)
})

test('a forecast is surer the nearer its day is', () => {
  const [now, week] = [forecastOf(0), forecastOf(7 * 1440)]
  for (const what of ['clocks', 'airShiftMin', 'showerPerHour'] as const) expect(week[what]).toBeGreaterThan(now[what])
  expect(forecastOf(100 * 1440)).toEqual(forecastOf(10 * 1440))
})

test('the same seed gives the same; another plan of the same work has the same luck', () => {
  const ways = { runs: 300, seed: 7 }
  expect(chancesOf(WET, placeFirst(WET), ways)).toEqual(chancesOf(WET, placeFirst(WET), ways))
  const both = { ...WET, activities: [...WET.activities, act('q/s/w/lay', 30, { roomId: 'q', crewId: 'b' })] }
  const two = { ...both, crews: [...WET.crews, { id: 'b', shifts: [[0, 10_000]] as const }] }
  expect(chancesOf(two, placeFirst(two), ways).pulls).toEqual(chancesOf(WET, placeFirst(WET), ways).pulls)
})

test('what decides: the long chain always, the short one never; a room due at the middle is late in half of all runs', () => {
  const of = small(
    [act('r/s/w/lay', 100), act('r/s/w/coat1', 100), act('q/s/w/lay', 10, { roomId: 'q', crewId: 'b' })],
    {
      horizon: 10_000,
      crews: ['a', 'b'].map((id) => ({ id, shifts: [[0, 10_000]] as const })),
      lags: [lag('r/s/w/lay', 'r/s/w/coat1')],
      goals: [{ goal: 'hand-back', roomId: 'r', activityIds: ['r/s/w/coat1'], by: 202 }],
    },
  )
  const { decides, rooms } = chancesOf(of, placeFirst(of), { runs: 4000, seed: 2 })
  expect(decides.map((decide) => [decide.activityId, decide.share])).toEqual([
    ['r/s/w/lay', 1],
    ['r/s/w/coat1', 1],
  ])
  expect(rooms.find((room) => room.roomId === 'r')?.lateShare).toBeGreaterThan(0.45)
  expect(rooms.find((room) => room.roomId === 'r')?.lateShare).toBeLessThan(0.55)
})

test('the demo: what is called so likely happens so often in other runs', () => {
  const said = chancesOf(demo, plan, { runs: 1500, seed: 1 })
  const seen = new Map(
    chancesOf(demo, plan, { runs: 1500, seed: 99 }).pulls.map((pull) => [pull.activityId, pull.missShare]),
  )
  expect(said.pulls.length).toBeGreaterThan(20)
  for (const { activityId, missShare } of said.pulls) {
    // Within four standard errors of two samples.
    const slack = 4 * Math.sqrt((2 * Math.max(missShare * (1 - missShare), 0.002)) / 1500)
    expect(Math.abs((seen.get(activityId) ?? 0) - missShare)).toBeLessThan(slack)
  }
  const called = said.pulls.filter((pull) => pull.missShare > 0.02)
  expect(called.length).toBeGreaterThan(0)
})
