import { placeFirst } from '../src/planning/plan/placeFirst'
import { ternQuaySurvey } from '../../demo'
import { betterPlan } from '../src/answers/try/betterPlan'
import { chancesOf } from '../src/planning/chance/chances'
import { planJob, planWithProblem } from '../src/answers/chain/planJob'
import { checkPlan } from '../src/planning/check/checkPlan'
import { problemOf } from '../src'
import type { HandTool, Job } from '../src/base/nouns'
import { byPrice, early } from './early'

/** A tower stands in one place at a time. Common practice, no published source. */
const survey = early(ternQuaySurvey())
const [one, other] = survey.crews
const tower: HandTool = {
  id: 'tower',
  name: 'Aluminium tower',
  kind: 'tower',
  widthMm: 1350,
  airMs: 0,
  reachMm: 0,
  offMmPerM: 0,
  hardness: 'none',
  count: 1,
  retired: false,
  defaults: [],
  mark: 'label',
}
/** Two high rooms, a crew each, with so many towers on the shelf. */
const withTowers = (count: number): Job => ({
  ...survey,
  log: [],
  published: null,
  rooms: survey.rooms
    .filter((room) => room.id === 'practice1' || room.id === 'practice2')
    .map((room, i) => ({ ...room, heightMm: 4200, crewId: (i === 0 ? one : other)!.id, neededBy: null })),
  shelf: { ...survey.shelf, tools: count > 0 ? [...survey.shelf.tools, { ...tower, count }] : survey.shelf.tools },
})

/** Pairs of tasks that stand on a tower at once. */
function clashes(job: Job): number {
  const up = new Set(problemOf(job).activities.flatMap((act) => (act.uses.includes('tower') ? [act.id] : [])))
  const pieces = planJob(job)
    .placed.filter((task) => up.has(task.taskId))
    .flatMap((task) => task.pieces.map((piece) => ({ ...piece, crewId: task.crewId })))
  return pieces.filter((a, i) =>
    pieces.slice(i + 1).some((b) => a.crewId !== b.crewId && a.from < b.to && b.from < a.to),
  ).length
}

test('one tower: no two crews stand on it at once, and nothing is told as missed', () => {
  const job = withTowers(1)
  expect(problemOf(job).resources.map(({ id }) => id)).toContain('tower')
  expect(clashes(job)).toBe(0)
  expect(planJob(job).misses.filter(({ kind }) => kind === 'resource-twice')).toEqual([])
})

test('two towers let both work, and it is done sooner; without any on the shelf nothing waits for one', () => {
  const soonest = (count: number) => Math.max(...placeFirst(problemOf(withTowers(count))).placed.map(({ to }) => to))
  expect(soonest(2)).toBeLessThan(soonest(1))
  expect(planJob(byPrice(withTowers(2))).price.totalMinor).toBeLessThanOrEqual(
    planJob(byPrice(withTowers(1))).price.totalMinor,
  )
  expect(problemOf(withTowers(0)).activities.some((act) => act.uses.includes('tower'))).toBe(false)
})

test('a tower is carried and put up by people: minutes of the crew that uses it next, each time it changes rooms', () => {
  const job = withTowers(1)
  const { problem, plan } = planWithProblem(job)
  const uses = new Set<string>(problem.activities.flatMap((act) => (act.uses.includes('tower') ? [act.id] : [])))
  const rooms = [...plan.placed]
    .filter(({ taskId }) => uses.has(taskId))
    .sort((a, b) => a.from - b.from)
    .map(({ taskId }) => taskId.split('/')[0])
  const moves = rooms.filter((room, i) => i > 0 && room !== rooms[i - 1]).length
  expect(moves).toBeGreaterThan(0)
  const way = plan.price.parts.find(({ part }) => part === 'way')!
  // Both crews are a pair.
  expect(way.amount).toBeCloseTo((moves * 2 * Math.ceil(job.house.rates.towerEach)) / 60, 6)
  // With one for each room nobody carries any.
  expect(planJob(withTowers(2)).price.parts.find(({ part }) => part === 'way')!.amount).toBe(0)
})

describe('addresses and fronts, read as a foreman would', () => {
  const [wren] = survey.crews
  const flats: Job = {
    ...withTowers(0),
    crews: [wren!],
    site: {
      ...survey.site,
      places: [{ id: 'p2', name: 'The other flat' }],
      drives: [{ from: null, to: 'p2', minutes: 25 }],
    },
    rooms: withTowers(0).rooms.map((room, i) => ({
      ...room,
      heightMm: 2600,
      crewId: null,
      placeId: i > 0 ? 'p2' : null,
    })),
  }

  /** Minutes between the end of each task of one crew and the next in another room. */
  const gaps = (job: Job): number[] => {
    const plan = planJob(job)
    const room = new Map(plan.tasks.map((task) => [task.id, task.roomId]))
    const placed = [...plan.placed].sort((a, b) => a.from - b.from)
    return placed.slice(1).flatMap((task, i) => {
      const before = placed[i]!
      return room.get(before.taskId) === room.get(task.taskId) ? [] : [task.from - before.to]
    })
  }

  test('one crew in two flats is on its way whenever it changes, and the plan is kept by the check', () => {
    expect(gaps(flats).length).toBeGreaterThan(2)
    expect(Math.min(...gaps(flats))).toBeGreaterThanOrEqual(25)
    expect(planJob(flats).misses).toEqual([])
    // At one address it goes from door to door.
    const here = { ...flats, rooms: flats.rooms.map((room) => ({ ...room, placeId: null })) }
    expect(Math.min(...gaps(here))).toBe(0)
  })

  test('a better plan keeps the ways too', () => {
    const problem = problemOf(flats)
    const first = { placed: planJob(flats).placed, unplaced: [] }
    const better = betterPlan(problem, first, { seed: 1, isOver: () => false, rounds: 6 })
    expect(
      checkPlan(problem, better.placement).filter(({ kind }) => kind === 'on-the-way' || kind === 'not-brought-yet'),
    ).toEqual([])
    // More ways only where all ends sooner for it: the end goes before the ways.
    expect(better.won.endMin > 0 || better.won.moves >= 0).toBe(true)
  })

  test('one tower for two fronts of one crew is carried for half an hour between them', () => {
    const job: Job = { ...withTowers(1), crews: [wren!] }
    const rooms = withTowers(1).rooms.map((room) => ({ ...room, crewId: null }))
    const up = new Map(problemOf({ ...job, rooms }).activities.map((act) => [act.id, act]))
    const uses = planJob({ ...job, rooms })
      .placed.filter((task) => up.get(task.taskId)?.uses.includes('tower'))
      .sort((a, b) => a.from - b.from)
    const moved = uses.slice(1).flatMap((use, i) => {
      const before = uses[i]!
      return up.get(before.taskId)?.roomId === up.get(use.taskId)?.roomId ? [] : [use.from - before.to]
    })
    expect(moved.length).toBeGreaterThan(0)
    expect(Math.min(...moved)).toBeGreaterThanOrEqual(survey.house.rates.towerEach)
  })

  test('the days ahead are gone through with the ways: later than without', () => {
    const problem = problemOf(flats)
    const { placed, endsAt } = planJob(flats)
    const runs = { runs: 300, seed: 1 }
    const half = (each: typeof problem) => chancesOf(each, { placed }, runs).end!.half
    expect(half(problem)).toBeGreaterThan(half({ ...problem, places: [] }))
    expect(half(problem)).toBeGreaterThan(endsAt! - 360)
    // The same of a tower: it has to be carried in every run.
    const one: Job = {
      ...withTowers(1),
      crews: [wren!],
      rooms: withTowers(1).rooms.map((room) => ({ ...room, crewId: null })),
    }
    const high = problemOf(one)
    const first = { placed: planJob(one).placed }
    const light = { ...high, resources: high.resources.map((resource) => ({ ...resource, carryMin: 0 })) }
    const ends = (each: typeof high) => chancesOf(each, first, runs).end!.half
    expect(ends(high)).toBeGreaterThanOrEqual(ends(light))
  })
})
