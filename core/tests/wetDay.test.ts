import { ternQuaySurvey } from '../../demo'
import { planJob, problemOf } from '../src/answers/chain/planJob'
import { TICK_OF } from '../src/planning/progress/activityProgress'
import { formatInstant, parseInstant } from '../src/base/units/time'
import type { Job, LogEvent } from '../src/base/nouns'
import { logEvent } from './logEvent'
import { sayText } from '../src/edge/words'
import { early } from './early'

const survey = early(ternQuaySurvey())
const start = parseInstant(survey.start)
const fronts = new Set(survey.rooms.filter((room) => room.kind === 'elevation').map((room) => room.id))

/** The demo's weather with something else between two instants. */
function withHours(from: number, to: number, more: Partial<{ rainMm: number; tempC: number; windMs: number }>): Job {
  const outside = survey.air.outside!
  const first = parseInstant(outside.from)
  const hours = outside.hours.map((hour, i) => {
    const at = first + 60 * i
    return at >= from && at < to ? { ...hour, ...more } : hour
  })
  return { ...survey, air: { ...survey.air, outside: { ...outside, hours } } }
}

/** Ticks of all that a plan has done by an instant. */
function worked(job: Job, by: number): Job {
  const plan = planJob(job)
  const times = new Map(plan.placed.map((task) => [task.taskId, task]))
  const log = plan.tasks.flatMap((task, i): LogEvent[] => {
    const at = times.get(task.id)
    return !at || at.to > by
      ? []
      : [logEvent(`t${i}`, TICK_OF[task.kind], formatInstant(at.to), task.subjects, { crewId: at.crewId })]
  })
  return { ...job, log }
}

const coatsOf = (plan: ReturnType<typeof planJob>) =>
  plan.tasks.flatMap((task) => {
    const at = plan.placed.find((each) => each.taskId === task.id)
    return at && task.kind === 'coat' && fronts.has(task.roomId) ? [{ task, at }] : []
  })
const noon = start + 5 * 60

test('a wet afternoon: no front is coated that the rain would still find open, rooms go on', () => {
  const wet = planJob(withHours(noon, noon + 4 * 60, { rainMm: 2 }))
  expect(coatsOf(wet).length).toBeGreaterThan(3)
  const rules = problemOf(withHours(noon, noon + 4 * 60, { rainMm: 2 })).airs
  expect(rules.some((rule) => rule.until.some((ban) => ban.why === 'plan.rain'))).toBe(true)
  for (const { at } of coatsOf(wet)) expect(at.to < noon - 60 || at.from >= noon + 4 * 60).toBe(true)
  expect(wet.misses.filter((miss) => miss.kind === 'in-bad-air')).toEqual([])
  const inside = wet.placed.filter((task) => !fronts.has(task.taskId.split('/')[0] ?? ''))
  expect(inside.some((task) => task.from >= noon && task.to <= noon + 4 * 60)).toBe(true)
})

test('wind stops the gun on fronts, and only there', () => {
  const job = withHours(start, start + 24 * 60, { windMs: 12 })
  const plan = planJob(job)
  const sprayed = coatsOf(plan).filter(({ task }) => {
    const room = job.rooms.find((each) => each.id === task.roomId)
    return room?.steps.find((step) => step.id === task.stepId)?.tool === 'spray'
  })
  expect(sprayed.length).toBeGreaterThan(0)
  for (const { at } of sprayed) expect(at.from).toBeGreaterThanOrEqual(start + 24 * 60)
  const brushed = coatsOf(plan).filter((each) => !sprayed.includes(each))
  expect(Math.min(...brushed.map(({ at }) => at.from))).toBeLessThan(start + 24 * 60)
})

test('a shower nobody foresaw: the coats it met are told, by room, coat and hour, and are doubtful; others are not', () => {
  const dry = worked(survey, noon)
  const coated = coatsOf(planJob(dry, noon)).filter(({ at }) => at.done)
  expect(coated.length).toBeGreaterThan(0)
  const last = Math.max(...coated.map(({ at }) => at.to))
  const rain = withHours(last, last + 120, { rainMm: 3 })
  const plan = planJob({ ...rain, log: dry.log }, last + 120)
  expect(plan.doubtful.map((coat) => coat.activityId)).toContain(coated.find(({ at }) => at.to === last)?.task.id)
  expect(plan.doubtful.every((coat) => fronts.has(coat.roomId) && coat.at <= last + 120)).toBe(true)
  const told = plan.problems.map(sayText).filter((text) => text.includes('doubtful'))
  expect(told).toHaveLength(plan.doubtful.length)
  expect(told[0]).toMatch(/coat 1: caught at .*rain of 3 mm/)
  expect(planJob(dry, last + 120).doubtful).toEqual([])
})

test('air that is too cold for two weeks: what is made ready by hand is, no coat is placed, and the reason is the air', () => {
  const cold = planJob({ ...survey, air: { ...survey.air, tempC: 3, rh: 50, outside: null } })
  expect(cold.placed.filter((task) => /\/coat\d/.test(task.taskId))).toEqual([])
  expect(new Set(cold.placed.map((task) => task.taskId.split('/').at(-1)))).toEqual(
    new Set(['cover', 'prep', 'smooth']),
  )
  const told = cold.problems.map(sayText)
  expect(told.some((text) => /never fit for this coat.*needs 8 to 32 °C; the face is at 3 °C/.test(text))).toBe(true)
})

test('tape that finds no air is told as tape, with what it is too cold or too wet for', () => {
  const freezing = { ...survey, air: { ...survey.air, tempC: 1, rh: 50, outside: null } }
  const told = planJob(freezing)
    .problems.filter(({ code }) => code === 'plan.no_air_tape')
    .map(sayText)
  expect(told.length).toBeGreaterThan(0)
  for (const text of told) expect(text).toMatch(/no tape can go on.*Tape grips from 5 °C; it is 1 °C there/)
})
