import { ternQuay, ternQuaySurvey, TERN_QUAY_NOW } from '../../demo'
import { planJob, type Plan } from '../src/answers/chain/planJob'
import type { Job, Shift } from '../src/base/nouns'
import { parseInstant } from '../src/base/units/time'
import { sayText } from '../src/edge/words'

/** Whole jobs read as a foreman would: what the plan cannot keep is said, with what would help. */
const survey = ternQuaySurvey()
// What is told of a plan hangs on no price: none that is cheaper is looked for.
const base: Job = { ...survey, planning: { ...survey.planning, goals: [...survey.planning.goals].reverse() } }
const told = (plan: Plan): string[] => plan.problems.map(sayText)
const missesOf = (plan: Plan, kind: string) => plan.misses.filter((miss) => miss.kind === kind)
const withShifts = (shifts: readonly Shift[]): Job => ({
  ...base,
  crews: base.crews.map((crew) => ({ ...crew, shifts })),
})
const steady = (tempC: number, rh: number): Job => ({ ...base, air: { tempC, rh, windows: 'shut', outside: null } })

/** Pulls whose planned minutes lie in no single span of their window, as somebody reading the plan file sees it. */
const outside = (plan: Plan) =>
  plan.pulls.filter((pull) => {
    const placed = plan.placed.find((task) => task.taskId === pull.taskId)
    return placed && !pull.spans.some((span) => span.from <= placed.from && (span.to === null || placed.to <= span.to))
  })

test('crews that work Mondays only: every tape that stays too long is told, and what would help', () => {
  const job = withShifts([{ days: [0], from: '07:30', to: '16:30', breaks: [{ from: '12:00', to: '12:30' }] }])
  // Nothing on the shelf stays a week: else the recipes would take that.
  const tapes = job.shelf.tapes.map((tape) => ({ ...tape, stayDays: Math.min(3, tape.stayDays) }))
  const shelf = { ...job.shelf, tapes }
  const plan = planJob({ ...job, shelf, house: { ...job.house, pull: 'dry', school: 'own-colour-seal' } })
  const late = missesOf(plan, 'past-stay')
  expect(late.length).toBeGreaterThan(5)
  for (const each of late) expect(plan.pulls.some((pull) => pull.taskId === each.activityId)).toBe(true)
  const words = told(plan).filter((text) => text.includes('the tape had to be off by'))
  expect(words).toHaveLength(late.length)
  for (const text of words) expect(text).toMatch(/A tape that may stay longer, or a shift before then\.$/)
})

test('hot dry air: wet pulls that end after the edge has skinned, or have no wet span, are told', () => {
  const plan = planJob(steady(30, 12))
  const wet = new Set(plan.pulls.filter((pull) => pull.manner === 'wet').map((pull) => pull.taskId))
  const missed = new Set(
    plan.misses
      .filter((miss) => ['wet-overrun', 'no-wet-span', 'wet-missed', 'pull-tacky'].includes(miss.kind))
      .map((miss) => miss.activityId),
  )
  expect(missed.size).toBeGreaterThan(1)
  for (const pull of outside(plan)) if (wet.has(pull.taskId)) expect([...missed]).toContain(pull.taskId)
  expect(told(plan).filter((text) => /a corner, an opening or a mark\.$/.test(text)).length).toBeGreaterThanOrEqual(
    missed.size,
  )
})

test('saturated air: what never dries is told as that, not as a want of people', () => {
  const plan = planJob(steady(12, 100))
  expect(missesOf(plan, 'no-air').length).toBeGreaterThan(1)
  expect(missesOf(plan, 'no-stretch')).toEqual([])
  expect(told(plan).some((text) => text.includes('never fit for this coat'))).toBe(true)
  expect(told(plan).every((text) => !text.startsWith('Nobody is on shift'))).toBe(true)
})

test('a crew an hour a week: what lies past the days laid out is told as that', () => {
  const plan = planJob(withShifts([{ days: [2], from: '10:00', to: '10:55', breaks: [] }]))
  const kinds = new Set(plan.misses.map((miss) => miss.kind))
  expect(kinds.has('past-horizon') || kinds.has('no-stretch')).toBe(true)
  const unplaced = plan.tasks.filter((task) => !plan.placed.some((each) => each.taskId === task.id))
  const said = new Set(plan.misses.map((miss) => miss.activityId))
  for (const task of unplaced) expect([...said]).toContain(task.id)
})

test('crews without a shift: told once for a room, not as a plan', () => {
  const plan = planJob(withShifts([]))
  expect(plan.placed).toEqual([])
  expect(missesOf(plan, 'no-crew').length).toBe(base.rooms.length)
  expect(told(plan).filter((text) => text.startsWith('Nobody works on'))).toHaveLength(base.rooms.length)
})

test('every pull of the demo that lies in no single span is among the misses', () => {
  for (const job of [base, steady(30, 30), steady(14, 70)]) {
    const plan = planJob(job)
    const said = new Set(plan.misses.map((miss) => miss.activityId))
    for (const pull of outside(plan)) expect([...said]).toContain(pull.taskId)
  }
})

test('a published pull that was due and waits on a late coat is not told to move back: its time has gone by', () => {
  const [job, now] = [ternQuay(), parseInstant(TERN_QUAY_NOW)]
  const isEarly = (plan: Plan) =>
    plan.misses.filter((miss) => miss.kind === 'pull-too-soon' || miss.kind === 'lag-too-short')
  const overdue = planJob(job, now).placed.filter((task) => !task.done && task.from < now)
  expect(overdue.length).toBeGreaterThan(0)
  expect(isEarly(planJob(job, now))).toEqual([])
  // While it still lies ahead it is told.
  const before = Math.min(...overdue.map((task) => task.from))
  expect(isEarly(planJob(job, before)).length).toBeGreaterThan(0)
})
