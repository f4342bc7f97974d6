import { runsOf } from './runsOf'
import fc from 'fast-check'
import { ternQuaySurvey } from '../../demo'
import { planWithProblem } from '../src/answers/chain/planJob'
import type { Job, PaintStep, Room } from '../src/base/nouns'
import { parseInstant } from '../src/base/units/time'
import { checkPlan } from '../src/planning/check/checkPlan'
import { anyRoom } from './anyRoom'
import { jobOf, PLAIN_ROOM, WALLS } from './oneHem'
import { putAt, toldOf } from './tried'

/**
 * A gun goes from end to end of a room before anything in it comes off: the mist of the next wall would lie on what was freed.
 * Common practice, no published source (C28).
 */
const sprayedWalls: PaintStep = { ...WALLS, tool: 'spray' }
const planned = (job: Job) => planWithProblem(job, parseInstant(job.start))

describe.each(['wet', 'dry', 'soonest', 'either'] as const)('walls sprayed twice, the house pulls %s', (pull) => {
  const { plan, problem } = planned(jobOf({ room: { steps: [sprayedWalls] }, house: { pull } }))
  const at = new Map(plan.placed.map((task) => [task.taskId, task]))
  const tasks = (kind: string) => plan.tasks.filter((task) => task.kind === kind).map(({ id }) => at.get(id)!)

  test('a wall is one pass: no round is a part of one', () => {
    expect(plan.rounds.length).toBeGreaterThan(0)
    expect(plan.rounds.map(({ part }) => part)).toEqual(plan.rounds.map(() => null))
  })

  test('nothing comes off before the last stroke in the room', () => {
    const sprayed = Math.max(...tasks('coat').map((task) => task.to))
    const strips = [...tasks('pull'), ...tasks('uncover').filter(({ taskId }) => taskId.startsWith('r/s'))]
    expect(strips.length).toBeGreaterThan(0)
    for (const strip of strips) expect(strip.from).toBeGreaterThanOrEqual(sprayed)
    expect(plan.misses).toEqual([])
  })

  test('a strip that somebody pulls in the middle of it is told, and what helps', () => {
    const pulled = tasks('pull')[0]!
    const coat = tasks('coat').sort((a, b) => b.to - a.to)[0]!
    const early = coat.to - 5
    const placed = putAt(plan, pulled.taskId, early, 3)
    const misses = checkPlan(problem, { placed }).filter(({ kind }) => kind === 'off-in-spray')
    expect(misses.map(({ activityId, minutes }) => [activityId, minutes])).toEqual([[pulled.taskId, 5]])
    expect(toldOf(plan, placed, misses)).toMatch(/mist would land .* Spray to the end/)
  })
})

test('a small room whose pass ends while its first edge is wet is pulled wet behind the gun where the house pulls wet', () => {
  const small: Partial<Room> = {
    walls: PLAIN_ROOM.walls.map((wall) => ({ ...wall, lengthMm: 1200 })),
    heightMm: 2300,
    steps: [{ ...sprayedWalls, coats: 1 }],
  }
  const { plan } = planned(jobOf({ room: small, house: { pull: 'wet' } }))
  const [coat, pull] = ['coat', 'pull'].map((kind) => {
    const id = plan.tasks.find((task) => task.kind === kind)!.id
    return plan.placed.find(({ taskId }) => taskId === id)!
  })
  expect(plan.rounds.map(({ wet }) => wet)).toEqual([true])
  expect(pull!.from).toBe(coat!.to)
})

test('random jobs, two hundred on a drill, half of their colours sprayed: nothing comes off in the spray, nothing is sprayed on what is open', () => {
  const base = ternQuaySurvey()
  const tally = { passes: 0, strips: 0, shields: 0 }
  for (const room of fc.sample(anyRoom, { numRuns: runsOf(200, 12), seed: 23 })) {
    const steps = room.steps.map((step, i): PaintStep => (i % 2 === 0 ? { ...step, tool: 'spray' } : step))
    const { plan } = planned({ ...base, rooms: [{ ...room, steps }] })
    const at = new Map(plan.placed.map((task) => [task.taskId, task]))
    for (const step of steps.filter(({ tool }) => tool === 'spray')) {
      const tasks = plan.tasks.filter(({ stepId }) => stepId === step.id)
      const placed = (kind: string) => tasks.filter((task) => task.kind === kind).flatMap(({ id }) => at.get(id) ?? [])
      const last = Math.max(...placed('coat').map(({ to }) => to))
      const strips = [...placed('pull'), ...placed('uncover')]
      tally.passes += Number.isFinite(last) ? 1 : 0
      tally.strips += strips.length
      for (const strip of strips) expect([strip.taskId, strip.from >= last]).toEqual([strip.taskId, true])
      // What lies in the room, what its mist reaches and its lines are covered before the first stroke.
      const first = Math.min(...placed('coat').map(({ from }) => from))
      const laid = plan.tasks
        .filter(({ kind, stepId }) => kind === 'cover' && stepId === null)
        .flatMap(({ id }) => at.get(id) ?? [])
      const shields = [...placed('cover'), ...placed('lay'), ...laid]
      tally.shields += shields.length
      for (const shield of shields) expect([shield.taskId, shield.to <= first]).toEqual([shield.taskId, true])
    }
    expect(plan.misses.filter(({ kind }) => ['off-in-spray', 'sprayed-open'].includes(kind))).toEqual([])
  }
  expect(tally.passes).toBeGreaterThan(runsOf(200, 12))
  expect(tally.strips).toBeGreaterThan(runsOf(200, 12))
  expect(tally.shields).toBeGreaterThan(runsOf(200, 12))
})

test('a coat put before the covers by hand is told, with what has to be on first', () => {
  const base = ternQuaySurvey()
  const { plan, problem } = planned({ ...base, rooms: base.rooms.filter(({ id }) => id === 'kitchen') })
  const [pass] = problem.passes
  const coat = plan.placed.find(({ taskId }) => pass!.sprayIds.some((id) => id === taskId))!
  const shields = plan.placed.filter(({ taskId }) => pass!.shieldIds.some((id) => id === taskId))
  expect(shields.length).toBeGreaterThan(0)
  const last = shields.reduce((a, b) => (b.to > a.to ? b : a))
  const early = { ...coat, from: last.to - 5, to: last.to - 5 + coat.to - coat.from }
  const moved = plan.placed.map((task) =>
    task === coat ? { ...early, pieces: [{ from: early.from, to: early.to }] } : task,
  )
  const told = checkPlan(problem, { placed: moved }).filter(({ kind }) => kind === 'sprayed-open')
  expect(told).toMatchObject([{ activityId: coat.taskId, minutes: 5, other: last.taskId }])
})
