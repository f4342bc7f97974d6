import { ternQuaySurvey } from '../../demo'
import { planJob } from '../src/chain/planJob'
import type { Job } from '../src/ground'
import { MIN_PER_DAY, parseInstant, toLocal } from '../src/units/time'

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
    const downs = plan.placed.filter((each) => act(each.taskId) === 'gun-down')
    expect(downs.length).toBeGreaterThan(0)
    for (const down of downs) {
      const coats = plan.placed.filter(
        (each) => each.crewId === down.crewId && /^coat/.test(act(each.taskId)) && each.to <= down.from,
      )
      const gunned = coats.filter((each) => {
        const task = plan.tasks.find((one) => one.id === each.taskId)
        const room = job.rooms.find((one) => one.id === task?.roomId)
        return room?.steps.find((step) => step.id === task?.stepId)?.tool === 'spray'
      })
      expect(day(down.from)).toBe(day(Math.max(...gunned.map((each) => each.to))))
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
  const hours = outside.hours.map((hour) => ({ ...hour, tempC: hour.tempC + 8, cloud: 0 }))
  const plan = planJob({ ...job, air: { ...job.air, outside: { ...outside, hours } } })
  const times = new Map(plan.placed.map((each) => [each.taskId, each]))
  expect(plan.misses.filter((each) => each.kind === 'past-stay')).toEqual([])
  for (const lay of plan.placed.filter((each) => act(each.taskId) === 'lay')) {
    const coat = times.get(lay.taskId.replace(/lay$/, 'coat1'))
    if (coat) expect(coat.from - lay.to).toBeLessThan(3 * MIN_PER_DAY)
  }
})

test('a room too cold to coat: nothing is taped and no gun is made ready for it', () => {
  const job = only('kitchen')
  const plan = planJob({ ...job, air: { ...job.air, tempC: 4, rh: 85, outside: null } }, start)
  expect(plan.placed.map((each) => act(each.taskId)).sort()).toEqual(['cover', 'prep'])
  expect(plan.misses.some((each) => each.kind === 'no-air')).toBe(true)
})
