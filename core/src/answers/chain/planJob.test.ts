import { logEvent } from '../../../tests/logEvent'
import { type Job, type LogEvent, actOf, coatOf, isGunDown } from '../../base/nouns'
import { jobClocks } from '../../nature/cure/areaClocks'
import { TERN_QUAY_NOW, ternQuay, ternQuaySurvey } from '../../../../demo'
import { instantOfGain } from '../../nature/cure/rateClock'
import { planJob, type Plan } from './planJob'
import { crewCalendars } from '../../nature/calendar/calendar'
import { formatInstant, parseInstant } from '../../base/units/time'
import { sayText } from '../../edge/words'
import { early } from '../../../tests/early'

const job = early(ternQuaySurvey())
/** The demo in air that does not change, where times can be worked out by hand. */
const steady = { ...job, air: { ...job.air, outside: null } }
const plan = planJob(job)
const placedById = (of: Plan) => new Map(of.placed.map((task) => [task.taskId, task]))

describe('the demo plan is feasible', () => {
  const placed = placedById(plan)
  const calendars = crewCalendars(job, parseInstant(job.start), parseInstant(job.start) + 60 * 1440)

  test('every task is placed, within its crew’s shifts, and no crew is in two places', () => {
    expect(plan.tasks.filter((task) => !placed.has(task.id))).toEqual([])
    for (const crew of job.crews) {
      const washOut = job.house.rates.washOutEach
      const pieces = plan.placed
        .filter((task) => task.crewId === crew.id)
        // A gun is cleaned as brushes and rollers are washed out.
        // What is not broken off may go a little past a break.
        .flatMap((task) =>
          task.pieces.map((piece) => ({
            ...piece,
            later: isGunDown(task.taskId) ? washOut : task.pieces.length === 1 ? job.house.stayOnMin : 0,
          })),
        )
      pieces.sort((a, b) => a.from - b.from)
      pieces.forEach((piece, i) => {
        expect(
          calendars.get(crew.id)!.some((stretch) => piece.from >= stretch.from && piece.to <= stretch.to + piece.later),
        ).toBe(true)
        if (i > 0) expect(piece.from).toBeGreaterThanOrEqual(pieces[i - 1]!.to)
      })
    }
  })

  test('a wet block is never broken by a meal or the end of a shift', () => {
    for (const round of plan.rounds.filter((each) => each.wet)) {
      const last =
        round.stepId &&
        job.rooms.find((room) => room.id === round.roomId)!.steps.find((step) => step.id === round.stepId)!.coats
      const pull = round.pulls.find((each) => each.manner === 'wet')!
      const block = [actOf(round, 'bead'), coatOf(round, Number(last)), pull.taskId].flatMap(
        (id) => placed.get(id) ?? [],
      )
      block.forEach((task, i) => i > 0 && expect(task.from).toBe(block[i - 1]!.to))
      const [from, to] = [block[0]!.from, block.at(-1)!.to]
      expect(
        calendars.get(round.crewId)!.some((stretch) => from >= stretch.from && to <= stretch.to + job.house.stayOnMin),
      ).toBe(true)
    }
  })

  test('every gap is kept: drying, cure, and the night before masking', () => {
    const clocksOf = jobClocks(job)
    for (const task of plan.tasks) {
      const clocks = clocksOf(task.roomId)
      for (const { taskId, gap } of task.after) {
        const end = placed.get(taskId)!.to
        const clock =
          gap.clock === 'plain'
            ? null
            : gap.clock === 'cure'
              ? clocks.cureAt(gap.filmFormingC)
              : clocks.paint(gap.clock)
        const ready = clock ? instantOfGain(clock, end, gap.amount)! : end + gap.amount
        expect(placed.get(task.id)!.from).toBeGreaterThanOrEqual(ready - 1e-6)
      }
    }
  })

  test('wet pulls lie inside their windows', () => {
    const wetRounds = new Set(plan.rounds.filter((round) => round.wet).map((round) => round.id))
    for (const pull of plan.pulls.filter((each) => wetRounds.has(each.roundId) && each.manner === 'wet')) {
      const wet = pull.spans.find((span) => span.kind === 'wet')!
      expect(pull.plannedAt).toBeGreaterThanOrEqual(wet.from)
      // Pulling goes on in the order of coating, so each hem's own time counts from its own stroke.
      expect(pull.plannedAt).toBeLessThanOrEqual(wet.to!)
      const round = plan.rounds.find((each) => each.id === pull.roundId)!
      expect(round.wetNeedMin).toBeLessThanOrEqual(round.wetWindowMin!)
    }
  })

  test('elevations are pulled dry, once the film is hard in their own sun and wind', () => {
    const fronts = plan.pulls.filter((pull) => job.rooms.find((room) => room.id === pull.roomId)!.kind === 'elevation')
    expect(fronts.length).toBeGreaterThan(0)
    for (const pull of fronts)
      expect(pull.plannedAt).toBeGreaterThanOrEqual(pull.spans.find((span) => span.kind === 'dry')!.from)
  })
})

describe('the plan shifts when reality does', () => {
  const steadyPlan = planJob(steady)
  const round = steadyPlan.rounds.find((each) => each.roomId === 'practice2')!
  const times = placedById(steadyPlan)
  const event = (kind: LogEvent['kind'], at: number, more: Partial<LogEvent> = {}) =>
    logEvent(`${kind}-${at}-${more.coat ?? 0}`, kind, formatInstant(at), round.hemIds, { crewId: 'heron', ...more })
  const coat2 = times.get(`${round.id}/coat2`)!
  const uptoCoat = (lateMin: number): Job => ({
    ...steady,
    log: [
      event('laid', times.get(`${round.id}/lay`)!.to),
      event('coated', times.get(`${round.id}/coat1`)!.to, { coat: 1 }),
      event('sealed', times.get(`${round.id}/bead`)!.to + lateMin),
      event('coated', coat2.to + lateMin, { coat: 2, expectedAt: formatInstant(coat2.to) }),
    ],
  })
  const pullOf = (of: Job, now: number) => planJob(of, now).pulls.find((pull) => pull.roundId === round.id)!

  test('coated 40 minutes late: the window moves by 40 minutes, and it says so', () => {
    const [onTime, late] = [pullOf(uptoCoat(0), coat2.to), pullOf(uptoCoat(40), coat2.to + 40)]
    expect(late).toMatchObject({ coated: true, lateMin: 40 })
    expect(onTime.lateMin).toBe(0)
    late.spans.forEach(
      (span, i) => span.kind !== 'past' && expect(span.from - onTime.spans[i]!.from).toBeCloseTo(40, 0),
    )
  })

  test('a wet window that was missed is planned dry, once the film is hard', () => {
    const late = pullOf(uptoCoat(0), coat2.to + 120)
    const dry = late.spans.find((span) => span.kind === 'dry')!
    expect(late.plannedAt).toBeGreaterThanOrEqual(dry.from)
  })

  test('undoing a tick is as if it had not been', () => {
    const ticked = uptoCoat(0)
    const undone: Job = {
      ...ticked,
      log: [...ticked.log, { ...event('undone', coat2.to + 1), subjects: [], undoes: ticked.log[3]!.id }],
    }
    const before: Job = { ...ticked, log: ticked.log.slice(0, 3) }
    expect(planJob(undone, coat2.to + 2).pulls).toEqual(planJob(before, coat2.to + 2).pulls)
  })
})

test('the demo stands on its second afternoon with one room to pull, a pair of doors left to be cut and peeled, and fronts that dry', () => {
  const demo = planJob(ternQuay(), parseInstant(TERN_QUAY_NOW))
  const coated = demo.pulls.filter((pull) => pull.coated)
  expect(coated.map((pull) => [pull.roomId, pull.lateMin])).toEqual([
    ['practice2', 6],
    // Its trim is dry; the strips along the floor stay until its walls are done.
    ['recital', 0],
    ['recital', 0],
    ['recital', 0],
    ['kitchen', 0],
    ['harbour', 0],
    ['south', 0],
  ])
  expect(demo.recipes.filter((answer) => !answer.safe)).toHaveLength(3)
})

test('no crew, and no shift long enough, are answers with reasons', () => {
  expect(
    planJob({ ...job, crews: [], rooms: job.rooms.map((room) => ({ ...room, crewId: null })) }).problems.map(sayText),
  ).toContain('No crew: add one under Site.')
  const short = job.crews.map((crew) => ({ ...crew, shifts: [{ days: [0], from: '08:00', to: '08:40', breaks: [] }] }))
  const problems = planJob({ ...job, crews: short }).problems.filter((problem) => problem.code === 'plan.no_shift')
  expect(problems.length).toBeGreaterThan(0)
  expect(problems[0]!.facts.have).toBe(10)
})
