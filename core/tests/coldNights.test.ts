import { ternQuaySurvey } from '../../demo'
import { planWithProblem } from '../src/answers/chain/planJob'
import type { Job } from '../src/base/nouns'
import { MIN_PER_HOUR, formatInstant, parseInstant } from '../src/base/units/time'
import { sayText } from '../src/edge/words'
import { jobClocks } from '../src/nature/cure/areaClocks'
import { instantOfGain } from '../src/nature/cure/rateClock'
import { coatingOf } from '../src/survey/shelf/find'

/**
 * Cold counts for the air and the face, from the first stroke until the film has formed, at night too. Common practice, no published
 * source; limits are the labels'.
 */
const survey = ternQuaySurvey()
const start = parseInstant(survey.start)
const front = survey.rooms.find((room) => room.kind === 'elevation' && room.facingDeg !== null)!

/** Three weeks of clear days: warm at two in the afternoon, cold at two in the morning, dry and still. */
function days(warmC: number, coldC: number): Job {
  const first = start - 24 * MIN_PER_HOUR
  const hours = Array.from({ length: 24 * 21 }, (_, i) => {
    const turn = Math.cos((2 * Math.PI * (((first / MIN_PER_HOUR + i) % 24) - 14)) / 24)
    return { tempC: (warmC + coldC) / 2 + (turn * (warmC - coldC)) / 2, rh: 45, windMs: 1, cloud: 0, rainMm: 0 }
  })
  const outside = { source: 'file' as const, from: formatInstant(first), hours }
  return { ...survey, rooms: [front], log: [], published: null, air: { ...survey.air, outside } }
}

test('sun that warms a face does not make a warm day of a frosty one: nothing goes on, and it is said', () => {
  const job = days(4, -5)
  const { plan } = planWithProblem(job, start)
  const { air } = jobClocks(job)(front.id)
  // The face does get warm enough: it is the air that is not.
  expect(Math.max(...air.hours.map(({ faceC }) => faceC ?? 0))).toBeGreaterThan(10)
  const coats = plan.tasks.filter(({ kind }) => kind === 'coat').map(({ id }) => id)
  expect(coats.length).toBeGreaterThan(0)
  expect(plan.placed.filter(({ taskId }) => coats.includes(taskId))).toEqual([])
  expect(plan.problems.map(sayText).join()).toMatch(/°C/)
})

test('mild days with cold nights: each coat has formed its film before the evening is too cold for it', () => {
  const job = days(17, 4)
  const { plan } = planWithProblem(job, start)
  const { air, paint } = jobClocks(job)(front.id)
  const tempAt = (at: number) => air.hours[Math.floor((at - air.startMin) / MIN_PER_HOUR)]!.tempC
  const tasks = plan.tasks.filter(({ kind }) => kind === 'coat' || kind === 'roll')
  let count = 0
  for (const task of tasks) {
    const at = plan.placed.find(({ taskId }) => taskId === task.id)
    if (!at) continue
    const coating = coatingOf(job.shelf, front.steps.find(({ id }) => id === task.stepId)!.coatingId)
    const formed = instantOfGain(paint('hardening'), at.to, coating.recoatMin)!
    for (let minute = at.from; minute < formed; minute += MIN_PER_HOUR)
      expect([task.id, formatInstant(minute), tempAt(minute) >= coating.filmFormingC]).toEqual([
        task.id,
        formatInstant(minute),
        true,
      ])
    count += 1
  }
  expect(count).toBeGreaterThan(0)
  expect(plan.misses.filter(({ kind }) => kind === 'in-bad-air')).toEqual([])
})
