import { gullRow } from '../../demo'
import { readRound, type Job } from '../src/base/nouns'
import { planJob } from '../src/answers/chain/planJob'
import { early } from './early'

/** The made-up row house with one wall read by a meter. */
const withReading = (moisturePct: number | null): Job => {
  const job = early(gullRow())
  return {
    ...job,
    rooms: job.rooms.map((room) => ({
      ...room,
      walls: room.walls.map((wall, i) => (i === 0 ? { ...wall, face: { ...wall.face, moisturePct } } : wall)),
    })),
  }
}

// Common practice, no published source: damp plaster and timber are left to dry before tape or paint.
test('a wall that reads too damp gets no coat and no tape, the ceiling over it does, and the reading is told', () => {
  const job = withReading(19)
  const [room] = job.rooms
  const [damp] = room!.walls
  const plan = planJob(job)
  const onWalls = room!.steps.filter(({ targets }) => targets.includes('walls')).map(({ id }) => id)
  const onIt = plan.tasks.filter(
    ({ kind, roundId }) =>
      kind === 'coat' &&
      roundId &&
      onWalls.includes(readRound(roundId)!.stepId) &&
      readRound(roundId)!.wallIds.includes(damp!.id),
  )
  expect(onIt.length).toBeGreaterThan(0)
  const placed = new Set<string>(plan.placed.map(({ taskId }) => taskId))
  expect(onIt.filter(({ id }) => placed.has(id))).toEqual([])
  expect(plan.placed.some(({ taskId }) => taskId.includes('/coat'))).toBe(true)
  const told = plan.problems.filter(({ code }) => code === 'plan.damp_ground')
  expect(told).toHaveLength(1)
  expect(told[0]?.facts).toMatchObject({ reading: 19, limit: 12 })
  for (const answer of plan.recipes)
    if (answer.safe && answer.tapeId !== null)
      expect(plan.hems.find(({ id }) => id === answer.hemId)?.keep).not.toBe(`wall:${damp!.id}`)
})

test('read again and dry, it is planned as if nobody had read it', () => {
  const [dry, unread] = [planJob(withReading(9)), planJob(withReading(null))]
  expect(dry.placed).toEqual(unread.placed)
  expect(dry.problems).toEqual(unread.problems)
})
