import { ternQuaySurvey } from '../../demo'
import { holdsOf, moveTrial, withHolds, withoutHolds } from '../src/answers/try/moveWork'
import { planJob, planWithProblem } from '../src/answers/chain/planJob'
import { roomToSlip } from '../src/answers/why/roomToSlip'
import { whyThen } from '../src/answers/tell/whyThen'
import type { Job } from '../src/base/nouns'
import { placeFirst } from '../src/planning/plan/placeFirst'
import { formatInstant, parseInstant } from '../src/base/units/time'
import { act, lag, problem } from './smallProblem'
import { early } from './early'

/** Three whole jobs in which somebody puts work where he wants it. */
const survey = early(ternQuaySurvey())
const start = parseInstant(survey.start)
const kitchen: Job = { ...survey, rooms: survey.rooms.filter((room) => room.id === 'kitchen') }
const fronts: Job = { ...survey, rooms: survey.rooms.filter((room) => ['south', 'harbour'].includes(room.id)) }
const times = (job: Job) => new Map(planJob(job).placed.map((task) => [task.taskId, task]))
const idOf = (job: Job, end: string) => planJob(job).placed.find((task) => task.taskId.endsWith(end))?.taskId ?? ''

describe('work put somewhere by hand', () => {
  const lay = idOf(kitchen, '/lay')
  const before = times(kitchen).get(lay)!

  test('stays there, the rest goes around it, and why says so', () => {
    const later = { ...before, from: before.from + 180, to: before.to + 180 }
    const job = { ...kitchen, planning: withHolds(kitchen.planning, holdsOf([later], 'the plumber is in')) }
    const { plan, problem: own } = planWithProblem(job)
    const task = plan.placed.find((each) => each.taskId === lay)
    expect(task?.from).toBe(later.from)
    expect(whyThen(own, plan.placed, lay).map((link) => link.hold)).toEqual(['hand'])
    for (const one of plan.placed)
      for (const other of plan.placed)
        if (one !== other && one.crewId === other.crewId)
          expect(one.pieces.some((a) => other.pieces.some((b) => a.from < b.to && b.from < a.to))).toBe(false)
    expect(planJob({ ...job, planning: withoutHolds(job.planning, [lay]) }).placed).toEqual(planJob(kitchen).placed)
  })

  test('by another crew takes that crew’s minutes and hours', () => {
    const other = kitchen.crews.find((crew) => crew.id !== before.crewId && crew.people.length !== 2)!
    const trial = moveTrial({ job: kitchen, now: start, taskId: lay })
    const { placed } = trial.try(before.from + 60, other.id)
    expect(placed.map((task) => [task.taskId, task.crewId])).toEqual([[lay, other.id]])
    const job = { ...kitchen, planning: withHolds(kitchen.planning, holdsOf(placed, '')) }
    const time = times(job).get(lay)!
    expect([time.crewId, time.from]).toEqual([other.id, before.from + 60])
    const work = (task: typeof time) => task.pieces.reduce((sum, piece) => sum + piece.to - piece.from, 0)
    expect(work(time)).not.toBe(work(before))
  })

  test('whose start has passed is work like any other again', () => {
    const job = { ...kitchen, planning: withHolds(kitchen.planning, holdsOf([before], '')) }
    const now = before.from + 600
    expect(planWithProblem(job, now).problem.fixed).toEqual([])
  })
})

describe('while it moves', () => {
  test('a wet pull says when the edge has skinned, and where it was it breaks nothing', () => {
    const pull = idOf(kitchen, '/pull')
    const time = times(kitchen).get(pull)!
    const trial = moveTrial({ job: kitchen, now: start, taskId: pull })
    const head = times(kitchen).get(trial.taskIds[0] ?? '')!
    expect(trial.try(head.from, time.crewId).breaks).toEqual([])
    // Bead, coat and pull go together: the coat cannot be left behind.
    expect(trial.taskIds.at(-1)).toBe(pull)
    // Straight after the coat before, which has not dried.
    const first = times(kitchen).get(pull.replace(/pull$/, 'coat1'))!
    const codes = trial.try(first.to + 1, time.crewId).breaks.map((breach) => breach.code)
    expect(codes).toContain('miss.lag_short')
  })

  test('a sprayed coat says that the gun is in use on the other front', () => {
    const coats = [...times(fronts).values()].filter((time) => /coat1$/.test(time.taskId))
    const [one, other] = [
      coats.find((coat) => coat.taskId.startsWith('south/s2')),
      coats.find((coat) => coat.taskId.startsWith('harbour/s2')),
    ]
    const tools = fronts.shelf.tools.map((tool) => (tool.kind === 'gun' ? { ...tool, count: 1 } : tool))
    const job = { ...fronts, shelf: { ...fronts.shelf, tools } }
    const crew = job.crews.find((each) => each.id !== other!.crewId)!
    const { breaks } = moveTrial({ job, now: start, taskId: one!.taskId }).try(other!.from, crew.id)
    expect(breaks.map((breach) => breach.code)).toContain('miss.resource_twice')
  })

  test('a whole round goes from tape to pull, and inside one day breaks nothing that its pieces would', () => {
    const lay = idOf(kitchen, '/lay')
    const before = times(kitchen)
    const task = before.get(lay)!
    const round = moveTrial({ job: kitchen, now: start, taskId: lay, reach: 'round' })
    const piece = moveTrial({ job: kitchen, now: start, taskId: lay })
    expect(round.taskIds.length).toBeGreaterThan(piece.taskIds.length)
    expect(round.taskIds.every((id) => id.startsWith(lay.slice(0, lay.lastIndexOf('/'))))).toBe(true)
    const { placed } = round.try(task.from + 1440, task.crewId)
    expect(placed.map((each) => each.taskId).sort()).toEqual([...round.taskIds].sort())
    for (const each of placed) expect(each.from).toBeGreaterThan(before.get(each.taskId)!.from)
    // The first stands where it was put; what follows keeps its order and stays within shifts.
    expect(placed.find((each) => each.taskId === lay)?.from).toBe(task.from + 1440)
    const { problem: given } = planWithProblem(kitchen)
    const shifts = given.crews.find((crew) => crew.id === task.crewId)!.shifts
    for (const { pieces } of placed.slice(1))
      for (const piece of pieces) expect(shifts.some(([from, to]) => piece.from >= from && piece.to <= to)).toBe(true)
  })

  test('done work is not to be moved', () => {
    expect(moveTrial({ job: kitchen, now: start, taskId: 'kitchen/nothing' }).taskIds).toEqual([])
  })
})

test('a crew that is away does nothing then', () => {
  const from = parseInstant(survey.start)
  const away = survey.crews.map((crew) => ({
    crewId: crew.id,
    person: null,
    from: formatInstant(from),
    to: formatInstant(from + 3 * 1440),
    why: 'ill',
  }))
  const plan = planJob({ ...kitchen, planning: { ...kitchen.planning, away } })
  expect(Math.min(...plan.placed.map((task) => task.from))).toBeGreaterThanOrEqual(from + 3 * 1440)
})

describe('the room a piece of work has', () => {
  const three = problem([act('one', 30), act('two', 20), act('last', 40)], {
    lags: [lag('one', 'two', 100), lag('one', 'last')],
    goals: [],
  })

  test('is what it can slip before the end moves, order kept', () => {
    // one 0–30, last 30–70, two 130–150: the end is 150; last may end when two begins.
    expect([...roomToSlip(three, placeFirst(three).placed)]).toEqual([
      ['one', 0],
      ['two', 0],
      ['last', 60],
    ])
  })

  test('ends at a hand-back', () => {
    const due = { ...three, goals: [{ goal: 'hand-back' as const, roomId: 'r', by: 160, activityIds: ['last'] }] }
    expect(roomToSlip(due, placeFirst(due).placed).get('last')).toBe(60)
  })

  test('moved by all of it, the demo ends no later; nothing slips below nothing', () => {
    const { plan, problem: own } = planWithProblem(kitchen)
    const slips = roomToSlip(own, plan.placed)
    expect(slips.size).toBe(own.activities.length)
    const end = Math.max(...plan.placed.map((task) => task.to))
    for (const [id, slip] of slips) {
      const at = plan.placed.find((task) => task.taskId === id)!
      expect(slip).toBeGreaterThanOrEqual(0)
      expect(at.to + slip).toBeLessThanOrEqual(end)
    }
  })
})
