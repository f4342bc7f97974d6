import { ternQuaySurvey } from '../../demo'
import { betterPlan } from '../src/answers/try/betterPlan'
import { planJob, problemOf } from '../src/answers/chain/planJob'
import type { Job } from '../src/base/nouns'
import { MIN_PER_DAY, parseInstant, toLocal } from '../src/base/units/time'

/** What a foreman would laugh at. */
const survey = ternQuaySurvey()
const start = parseInstant(survey.start)
const only = (...ids: string[]): Job => ({
  ...survey,
  rooms: survey.rooms.filter((room) => ids.includes(room.id)).map((room) => ({ ...room, neededBy: null })),
})
const act = (id: string) => id.split('/').at(-1) ?? ''

test('the gun is cleaned the day it was used, even a few minutes past the shift', () => {
  for (const job of [survey, only('kitchen'), only('kitchen', 'harbour', 'south')]) {
    const plan = planJob(job)
    const day = (at: number) => toLocal(at, job.site.zone).day
    const downs = plan.placed.filter((task) => act(task.taskId) === 'gun-down')
    expect(downs.length).toBeGreaterThan(0)
    for (const down of downs) {
      const coats = plan.placed.filter(
        (task) => task.crewId === down.crewId && /^coat/.test(act(task.taskId)) && task.to <= down.from,
      )
      const gunned = coats.filter((coat) => {
        const task = plan.tasks.find((one) => one.id === coat.taskId)
        const room = job.rooms.find((one) => one.id === task?.roomId)
        return room?.steps.find((step) => step.id === task?.stepId)?.tool === 'spray'
      })
      expect(day(down.from)).toBe(day(Math.max(...gunned.map((task) => task.to))))
    }
  }
})

test('nobody begins to lay or roll for a minute before going home', () => {
  const plan = planJob(only('kitchen', 'practice1', 'corridor'))
  for (const { pieces } of plan.placed) {
    const [first] = pieces
    if (pieces.length > 1 && first) expect(first.to - first.from).toBeGreaterThanOrEqual(10)
  }
})

test('a hot week: tape goes on the day before its coat at the soonest, not the week before, and stays no longer than it may', () => {
  const job = only('south', 'harbour')
  const outside = job.air.outside!
  const hours = outside.hours.map((hour) => ({ ...hour, tempC: hour.tempC + 2, cloud: 0 }))
  const plan = planJob({ ...job, air: { ...job.air, outside: { ...outside, hours } } })
  const times = new Map(plan.placed.map((task) => [task.taskId, task]))
  expect(plan.misses.filter((miss) => miss.kind === 'past-stay')).toEqual([])
  for (const lay of plan.placed.filter((task) => act(task.taskId) === 'lay')) {
    const coat = times.get(lay.taskId.replace(/lay$/, 'coat1'))
    if (coat) expect(coat.from - lay.to).toBeLessThan(3 * MIN_PER_DAY)
  }
})

test('a room too cold to coat: nothing is taped and no gun is made ready for it', () => {
  const job = only('kitchen')
  const plan = planJob({ ...job, air: { ...job.air, tempC: 4, rh: 85, outside: null } }, start)
  expect(plan.placed.map((task) => act(task.taskId)).sort()).toEqual(['cover', 'prep', 'smooth'])
  expect(plan.misses.some((miss) => miss.kind === 'no-air')).toBe(true)
})

test('no gun stands filled for an hour while its crew does nothing', () => {
  const jobs = [
    only('kitchen'),
    only('south', 'harbour'),
    // One gun and one tower for two crews: each waits for the other.
    { ...only('south', 'harbour'), crews: survey.crews.slice(0, 2) },
  ].map((job): Job => ({
    ...job,
    rooms: job.rooms.map((room, i) => ({ ...room, crewId: job.crews[i % job.crews.length]?.id ?? null })),
  }))
  for (const job of jobs) {
    const problem = problemOf(job)
    const first = { placed: planJob(job).placed, unplaced: [] }
    const better = betterPlan(problem, first, { seed: 1, isOver: () => false, rounds: 4 }).placement
    for (const { placed } of [first, better])
      for (const up of placed.filter((task) => act(task.taskId) === 'gun-up')) {
        const coats = problem.lags.filter((lag) => lag.from === up.taskId).map((lag) => lag.to)
        const coat = Math.min(...placed.flatMap((task) => (coats.includes(task.taskId) ? task.from : [])))
        const shifts = problem.crews.find((crew) => crew.id === up.crewId)?.shifts ?? []
        const within = (from: number, to: number) => Math.max(0, Math.min(to, coat) - Math.max(from, up.to))
        const there = shifts.reduce((sum, [from, to]) => sum + within(from, to), 0)
        const busy = placed
          .filter((task) => task.crewId === up.crewId && task !== up)
          .flatMap((task) => task.pieces)
          .reduce((sum, piece) => sum + within(piece.from, piece.to), 0)
        expect([up.taskId, there - busy < 60]).toEqual([up.taskId, true])
      }
  }
})
