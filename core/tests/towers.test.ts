import { ternQuaySurvey } from '../../demo'
import { planJob } from '../src/chain/planJob'
import { problemOf } from '../src'
import type { HandTool, Job } from '../src/ground'

/** A tower stands in one place at a time. Common practice, no published source. */
const survey = ternQuaySurvey()
const [one, other] = survey.crews
const tower: HandTool = {
  id: 'tower',
  name: 'Aluminium tower',
  kind: 'tower',
  widthMm: 1350,
  airMs: 0,
  reachMm: 0,
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
    .placed.filter((each) => up.has(each.taskId))
    .flatMap((each) => each.pieces.map((piece) => ({ ...piece, crewId: each.crewId })))
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
  expect(planJob(withTowers(2)).endsAt!).toBeLessThanOrEqual(planJob(withTowers(1)).endsAt!)
  expect(problemOf(withTowers(0)).activities.some((act) => act.uses.includes('tower'))).toBe(false)
})
