import { gullRow, manyHems, ternQuay, ternQuaySurvey, TERN_QUAY_NOW } from '../../../../demo'
import { planJob, problemOf } from '../../answers/chain/planJob'
import { ID_PATTERN, readActivity, readRound, type Job, type PlanGoal } from '../../base/nouns'
import { placeFirst } from '../plan/placeFirst'
import { parseInstant } from '../../base/units/time'
import { isMist } from './mist'
import type { ScheduleProblem } from './problem'
import { early } from '../../../tests/early'

const jobs: [string, Job, number][] = [
  ['the demo on its second afternoon', ternQuay(), parseInstant(TERN_QUAY_NOW)],
  ['the demo before it begins', early(ternQuaySurvey()), parseInstant(ternQuaySurvey().start)],
  ['one room', gullRow(), parseInstant(gullRow().start)],
  ['six rooms', manyHems(120, 20), parseInstant(manyHems(120, 20).start)],
]

/** Every value of some plain data, with where it stands. */
function* leaves(value: unknown, path = ''): Generator<[string, unknown]> {
  if (Array.isArray(value)) for (const [i, each] of value.entries()) yield* leaves(each, `${path}[${i}]`)
  else if (typeof value === 'object' && value !== null)
    for (const [key, each] of Object.entries(value)) yield* leaves(each, `${path}.${key}`)
  else yield [path, value]
}

describe.each(jobs)('%s', (_, job, at) => {
  const problem = problemOf(job, at)
  const done = new Set<string>(problem.done.map((activity) => activity.id))
  const left = new Set<string>(problem.activities.map((activity) => activity.id))

  test('is plain data: written and read it is the same, and no number in it is none', () => {
    expect(JSON.parse(JSON.stringify(problem))).toEqual(problem)
    for (const [path, value] of leaves(problem))
      if (typeof value === 'number') expect([path, Number.isFinite(value)]).toEqual([path, true])
      else expect([path, ['string', 'boolean'].includes(typeof value) || value === null]).toEqual([path, true])
  })

  test('every activity is done or left, never both, and its id is read as what it names', () => {
    for (const id of [...done, ...left]) {
      const ref = readActivity(id)
      expect([id, ref]).not.toEqual([id, null])
      if (ref?.of === 'round') expect(ref.round.wallIds.every((wall) => ID_PATTERN.test(wall))).toBe(true)
    }
    expect([...left].filter((id) => done.has(id))).toEqual([])
  })

  test('whatever it names is in it: lags, modes, resources, clocks, pulls, goals', () => {
    const crews = new Set(problem.crews.map((crew) => crew.id))
    const clocks = new Set(problem.clocks.map((clock) => clock.id))
    const uses = new Set(problem.resources.map((resource) => resource.id))
    const known = (id: string) => done.has(id) || left.has(id)
    for (const lag of problem.lags) {
      expect([lag.from, known(lag.from), lag.to, known(lag.to)]).toEqual([lag.from, true, lag.to, true])
      for (const delay of [lag.min, lag.max])
        if (typeof delay?.clock === 'string') expect([...clocks]).toContain(delay.clock)
    }
    for (const act of problem.activities) {
      expect(act.modes.length).toBeGreaterThan(0)
      for (const mode of act.modes)
        expect([act.id, crews.has(mode.crewId), mode.minutes >= 1]).toEqual([act.id, true, true])
      for (const use of act.uses) expect([...uses]).toContain(use)
    }
    for (const pull of problem.pulls) {
      expect([pull.activityId, left.has(pull.activityId)]).toEqual([pull.activityId, true])
      expect(readRound(pull.roundId)).not.toBeNull()
      expect(clocks.has(pull.clock) && pull.stays.every((stay) => clocks.has(stay.clock))).toBe(true)
    }
    for (const goal of problem.goals) if (goal.goal === 'hand-back') expect(goal.activityIds.every(known)).toBe(true)
  })

  test('work goes one way: no activity waits, over others, for itself', () => {
    const after = new Map<string, string[]>()
    for (const { from, to } of problem.lags) after.set(from, [...(after.get(from) ?? []), to])
    const state = new Map<string, 'open' | 'closed'>()
    const visit = (id: string): void => {
      expect([id, state.get(id)]).not.toEqual([id, 'open'])
      if (state.has(id)) return
      state.set(id, 'open')
      for (const next of after.get(id) ?? []) visit(next)
      state.set(id, 'closed')
    }
    for (const id of left) visit(id)
  })

  test('shifts are in order, apart, whole minutes, and none lies before its beginning', () => {
    for (const { shifts } of problem.crews)
      shifts.forEach(([from, to], i) => {
        expect(from).toBeGreaterThanOrEqual(problem.from)
        expect(to).toBeGreaterThan(from)
        if (i > 0) expect(from).toBeGreaterThanOrEqual(shifts[i - 1]![1])
        expect(Number.isInteger(from) && Number.isInteger(to)).toBe(true)
      })
  })

  test('the plan of the problem is the plan that is shown', () => {
    const byId = (list: ReturnType<typeof placeFirst>['placed']) =>
      new Map<string, unknown>(list.map((task) => [task.taskId, task]))
    // Of nothing that anybody was told: then it is planned anew.
    // By goals: what is planned by price is looked for behind it.
    const goals: readonly PlanGoal[] = ['end', 'hand-backs', 'moves', 'soon']
    const untold = { ...job, published: null, planning: { ...job.planning, goals } }
    const read = JSON.parse(JSON.stringify(problemOf(untold, at))) as ScheduleProblem
    expect(byId(placeFirst(read).placed)).toEqual(byId(planJob(untold, at).proposed))
  })
})

test('the longer the log, the less is left, and what is done stands before now', () => {
  const [survey, now] = [early(ternQuaySurvey()), parseInstant(TERN_QUAY_NOW)]
  const [fresh, later] = [problemOf(survey, now), problemOf(ternQuay(), now)]
  // Nights that a gun does not stand filled through are another day's.
  const lasting = [later.activities, later.done, fresh.activities].map(
    (all) => [...all].filter(({ id }) => !/gun-(up|down)\d$/.test(id)).length,
  )
  expect(lasting[0]! + lasting[1]!).toBe(lasting[2])
  expect(later.done.length).toBeGreaterThan(10)
  for (const activity of later.done) expect(activity.to).toBeLessThanOrEqual(now)
})

test('a room that is needed back is a goal of its own and goes before rooms that are not', () => {
  const job = early(ternQuaySurvey())
  const last = job.rooms.at(-1)!
  const by = '2027-05-13T12:00:00Z'
  const rooms = job.rooms.map((room) => ({ ...room, neededBy: room.id === last.id ? by : null }))
  const { goals, activities } = problemOf({ ...job, rooms }, parseInstant(job.start))
  const back = goals.filter((goal) => goal.goal === 'hand-back')
  expect(back).toMatchObject([{ roomId: last.id, by: parseInstant(by) }])
  expect([...back[0]!.activityIds].sort()).toEqual(
    activities
      .filter((act) => act.roomId === last.id)
      .map((act) => act.id)
      .sort(),
  )
  const order = goals.find((goal) => goal.goal === 'rooms-in-order')!
  expect(order.rooms[0]).toEqual([last.id])
  // The other front stands alone; rooms keep the order of the survey.
  expect(order.rooms.slice(1)).toEqual(job.rooms.slice(0, -1).map((room) => [room.id]))
})

test('without a gun on the van nothing waits for one; with one, who sprays holds it', () => {
  const job = early(ternQuaySurvey())
  const at = parseInstant(job.start)
  const tools = job.shelf.tools.map((tool) => (tool.kind === 'gun' ? { ...tool, retired: true } : tool))
  const bare = problemOf({ ...job, shelf: { ...job.shelf, tools } }, at)
  expect(bare.resources.filter(({ id }) => !isMist(id))).toEqual([])
  expect(bare.activities.flatMap((act) => act.uses).every(isMist)).toBe(true)
  const sprayed = job.rooms.map((room) => ({
    ...room,
    steps: room.steps.map((step) => ({ ...step, tool: 'spray' as const })),
  }))
  const withGun = problemOf({ ...job, rooms: sprayed }, at)
  expect(withGun.resources.filter(({ id }) => !isMist(id))).toMatchObject([{ id: 'gun' }])
  const users = withGun.activities.filter((act) => act.uses.includes('gun'))
  expect(users.length).toBeGreaterThan(5)
  expect(users.every((act) => /\/(coat\d+|gun-up\d?|gun-down\d?)$/.test(act.id))).toBe(true)
})
