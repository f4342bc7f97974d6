import { planWithProblem } from '../src/answers/chain/planJob'
import { formatInstant } from '../src/base/units/time'
import { foldLog } from '../src/planning/progress/hemStates'
import { planChanges, publishedTasks } from '../src/planning/published/planChanges'
import { told, ticksOf, type Told } from './asTold'
import { logEvent } from './logEvent'
import { CEILING, jobOf, TRIM, WALLS } from './oneHem'

/** A strip that tore is laid anew in minutes, and the work goes on. Common practice, no published source. */
const day = told(jobOf({ room: { steps: [CEILING, TRIM, WALLS] } }))
const coatOf = ({ first }: Told, coat: number) =>
  first.tasks.filter((task) => task.kind === 'coat' && task.coat === coat)
/** A round of two coats with the first one on, all before it ticked. */
const round = day.first.rounds.find(
  ({ id, stepId }) => stepId === WALLS.id && coatOf(day, 1).some((task) => task.roundId === id),
)!
const coat1 = day.inOrder.find(({ taskId }) => taskId === `${round.id}/coat1`)!
const before = day.inOrder.filter((task) => task.to <= coat1.to)
const lay = day.first.tasks.find(({ id }) => id === `${round.id}/lay`)!
const torn = lay.subjects[0]!
const log = ticksOf(day, before)
const after = coat1.to + 5

test('laid anew before the next coat, in the minutes of one strip, and nobody else is told anything', () => {
  const quiet = planWithProblem({ ...day.job, log }, after).plan
  const { plan, problem } = planWithProblem(
    { ...day.job, log: [...log, logEvent('t', 'torn', formatInstant(after), [torn])] },
    after,
  )
  const at = new Map(plan.proposed.map((task) => [task.taskId, task]))
  const again = at.get(lay.id)!
  expect(again.done).toBe(false)
  const all = day.first.placed.find(({ taskId }) => taskId === lay.id)!
  const minutes = (task: typeof all) => task.pieces.reduce((sum, piece) => sum + piece.to - piece.from, 0)
  expect(minutes(again)).toBeLessThanOrEqual(Math.ceil(minutes(all) / lay.subjects.length) + 1)
  expect(again.to).toBeLessThanOrEqual(at.get(`${round.id}/coat2`)!.from)
  expect(problem.lags).toContainEqual(expect.objectContaining({ from: lay.id, to: `${round.id}/coat2` }))
  expect(plan.misses.map(({ kind }) => kind)).toEqual(quiet.misses.map(({ kind }) => kind))
  const moved = planChanges(publishedTasks(quiet.proposed), publishedTasks(plan.proposed)).filter(
    ({ taskId }) => taskId !== lay.id,
  )
  expect(moved.length).toBeLessThanOrEqual(2)
})

test('laid again it holds; torn behind the last coat it is off, and nobody lays it', () => {
  const relaid = [
    ...log,
    logEvent('t', 'torn', formatInstant(after), [torn]),
    logEvent('u', 'laid', formatInstant(after + 4), [torn]),
  ]
  expect(foldLog(relaid).hems.get(torn)).toMatchObject({ tornAt: null, coatedAt: [expect.any(Number)] })
  const { problem } = planWithProblem({ ...day.job, log: relaid }, after + 5)
  expect(problem.activities.map(({ id }) => id)).not.toContain(lay.id)
  const last = day.inOrder.find(({ taskId }) => taskId === `${round.id}/coat2`)!
  const through = ticksOf(
    day,
    day.inOrder.filter((task) => task.to <= last.to),
  )
  const late = [...through, logEvent('t', 'torn', formatInstant(last.to + 1), [torn])]
  const ids = planWithProblem({ ...day.job, log: late }, last.to + 2).problem.activities.map(({ id }) => id)
  expect(ids).not.toContain(lay.id)
})
