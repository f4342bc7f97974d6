import { ternQuaySurvey } from '../../demo'
import { planWithProblem } from '../src/answers/chain/planJob'
import { isGunDown, type Job } from '../src/base/nouns'
import { checkPlan } from '../src/planning/check/checkPlan'
import { freeTime } from '../src/planning/plan/freeTime'
import { CRUMB_MIN, stayOnOf } from '../src/planning/problem/stayOn'
import { early } from './early'

const DAY = [
  { from: 0, to: 100 },
  { from: 130, to: 300 },
]

describe('nobody leaves a wall half rolled for a meal, nor begins it just before', () => {
  const free = () => freeTime(DAY, [20, 20])
  test('a few minutes of it go past the break', () => {
    expect(free().firstSlot(60, 45)).toEqual({ from: 60, to: 105 })
    expect(free().firstSlot(60, 60)).toEqual({ from: 60, to: 120 })
  })
  test('what takes longer waits until behind it, and so does what would mostly be done in it', () => {
    expect(free().firstSlot(60, 61)).toEqual({ from: 130, to: 191 })
    expect(free().firstSlot(90, 20)).toEqual({ from: 90, to: 110 })
    expect(free().firstSlot(91, 20)).toEqual({ from: 130, to: 150 })
  })
  test('what may be broken off stops for it, but for a few minutes that nobody would come back for', () => {
    expect(free().firstPieces(60, 46)).toEqual([
      { from: 60, to: 100 },
      { from: 130, to: 136 },
    ])
    expect(free().firstPieces(60, 45)).toEqual([{ from: 60, to: 105 }])
    // Nor where somebody is at something else past the end, or nobody stays on at all.
    const busy = free()
    busy.take({ from: 100, to: 115 })
    expect(busy.firstPieces(60, 45)).toHaveLength(2)
    expect(freeTime(DAY).firstPieces(60, 45)).toHaveLength(2)
  })
  test('a break shorter than that is not run over into the next stretch', () => {
    expect(
      stayOnOf({
        id: 'a',
        shifts: [
          [0, 100],
          [110, 200],
        ],
        stayOnMin: 20,
      }),
    ).toEqual([10, 20])
  })
  test('two do not stay for different work at once', () => {
    const busy = free()
    busy.take({ from: 100, to: 115 })
    expect(busy.firstSlot(60, 45)).toEqual({ from: 130, to: 175 })
  })
})

test('a whole job: nothing is told as outside of shifts, and what stays on is unbroken and ends within the minutes', () => {
  const base = early(ternQuaySurvey())
  const job: Job = { ...base, log: [], published: null }
  const { plan, problem } = planWithProblem(job)
  const crews = new Map(problem.crews.map((crew) => [crew.id, crew]))
  const acts = new Map(problem.activities.map((act) => [act.id, act]))
  const past = plan.placed.filter(({ taskId, crewId, pieces: [first, more] }) => {
    const crew = crews.get(crewId)!
    return !more && !isGunDown(taskId) && !crew.shifts.some(([from, to]) => first!.from >= from && first!.to <= to)
  })
  expect(past.length).toBeGreaterThan(0)
  for (const { taskId, crewId, from, to } of past)
    expect([
      taskId,
      crews
        .get(crewId)!
        .shifts.some((shift) => from >= shift[0] && to <= shift[1] + (acts.get(taskId)?.divisible ? CRUMB_MIN : 20)),
    ]).toEqual([taskId, true])
  expect(checkPlan(problem, plan).filter(({ kind }) => kind === 'outside-shift')).toEqual(
    plan.misses.filter(({ kind }) => kind === 'outside-shift'),
  )
  const home = planWithProblem({ ...job, house: { ...job.house, stayOnMin: 0 } })
  expect(
    home.plan.placed.every(({ taskId, crewId, pieces }) => {
      const { shifts } = home.problem.crews.find(({ id }) => id === crewId)!
      return isGunDown(taskId) || pieces.every((piece) => shifts.some(([a, b]) => piece.from >= a && piece.to <= b))
    }) || home.plan.misses.some(({ kind }) => kind === 'outside-shift'),
  ).toBe(true)
})

// Common practice, no published source: nobody drives to a site for the last minute of a look.
test('random jobs: no piece of work is left over for five minutes or less behind a break or a night', () => {
  for (const rooms of [['south', 'harbour'], ['kitchen', 'practice1'], ['corridor'], ['store', 'practice2']]) {
    const base = early(ternQuaySurvey())
    const { plan } = planWithProblem({ ...base, rooms: base.rooms.filter(({ id }) => rooms.includes(id)) })
    const crumbs = plan.placed.filter(({ pieces }) => {
      const last = pieces.at(-1)
      return pieces.length > 1 && last !== undefined && last.to - last.from <= CRUMB_MIN
    })
    expect([rooms, crumbs.map(({ taskId }) => taskId)]).toEqual([rooms, []])
  }
})
