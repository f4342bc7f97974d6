import { gullRow, ternQuaySurvey } from '../../demo'
import { planJob, planWithProblem, type Plan } from '../src/answers/chain/planJob'
import type { Job, PaintStep, Room } from '../src/base/nouns'
import type { PlacedTask } from '../src/planning/plan/placement'
import { asBegun } from '../src/planning/published/asBegun'
import { publishedTasks } from '../src/planning/published/planChanges'
import { formatInstant, parseInstant } from '../src/base/units/time'
import { ticksOf, told, type Told } from './asTold'

/**
 * What goes on as it was told is under way, whether or not anything of it is ticked yet: nobody is told of a change because a
 * gun is still being filled. Common practice, no published source.
 */
const survey = ternQuaySurvey()
const kitchen = survey.rooms.find(({ id }) => id === 'kitchen')!
const sprayed = (room: Room): Room => ({
  ...room,
  neededBy: null,
  steps: room.steps.map((step): PaintStep => ({ ...step, tool: 'spray', coats: 2 })),
})
/** The parlour in matt, whose rounds are large: satin is rolled wall by wall. */
function mattRoom(): Job {
  const job = gullRow()
  const rooms = job.rooms.map((room) => ({
    ...room,
    steps: room.steps.map((step) => (step.targets.includes('walls') ? { ...step, coatingId: 'quay-matt' } : step)),
  }))
  return { ...job, rooms, log: [] }
}
const JOBS: readonly (readonly [string, Job])[] = [
  ['one room', mattRoom()],
  ['the demo as surveyed', survey],
  ['two kitchens alike by one gun', { ...survey, rooms: [kitchen, { ...kitchen, id: 'b', name: 'B' }].map(sprayed) }],
]

/** The plan at an instant by which everything told to have ended has been ticked, but for what is said. */
const planAt = (of: Told, now: number, but: readonly string[] = []): Plan =>
  planJob(
    {
      ...of.job,
      log: ticksOf(
        of,
        of.inOrder.filter(({ to, taskId }) => to <= now && !but.includes(taskId)),
      ),
    },
    now,
  )

const middle = ({ pieces: [first] }: PlacedTask): number => Math.floor((first!.from + first!.to) / 2)

describe.each(JOBS)('%s', (_, job) => {
  const of = told(job)

  it('in the middle of everything that goes as told, nothing is proposed', () => {
    // Some twelve of them: the days are long, and neighbours alike.
    const step = Math.ceil(of.inOrder.length / 12)
    const tasks = of.inOrder.filter((_task, i) => i % step === 0)
    const proposed = tasks.flatMap((task) => {
      const { proposal } = planAt(of, middle(task)).standing!
      return proposal.length > 0 ? [[task.taskId, formatInstant(middle(task)), proposal]] : []
    })
    expect(proposed).toEqual([])
    expect(tasks.length).toBeGreaterThan(9)
  })
})

describe('one room, a tick that does not come', () => {
  const of = told(JOBS[0]![1])
  const lay = of.inOrder.find(({ taskId, from, to }) => taskId.endsWith('/lay') && to - from >= 20)!
  const byCrew = of.inOrder.filter(({ crewId }) => crewId === lay.crewId)
  const next = byCrew[byCrew.indexOf(lay) + 1]!
  const of1 = (plan: Plan, { taskId }: PlacedTask) => plan.proposed.find((task) => task.taskId === taskId)!

  it('a few minutes late: it is nearly done, and what follows comes as much later', () => {
    const plan = planAt(of, lay.to + 10, [lay.taskId])
    expect([of1(plan, lay).from, of1(plan, lay).to]).toEqual([lay.to + 10, lay.to + 11])
    // What follows comes as much later, or elsewhere if line, pull and field of another wall stand in its way now.
    expect(of1(plan, next).from).toBeGreaterThanOrEqual(of1(plan, lay).to)
    expect(plan.standing!.proposal.every(({ kind }) => kind === 'moved')).toBe(true)
  })

  it('long after its end: it was never begun, and takes its whole time from now', () => {
    // Nor has anything behind it, or its coat would say that the tape is on.
    const behind = byCrew.filter(({ from }) => from >= lay.from).map(({ taskId }) => taskId)
    const plan = planAt(of, lay.to + 60, behind)
    expect(of1(plan, lay).from).toBeGreaterThanOrEqual(lay.to + 60)
    expect(of1(plan, lay).to - of1(plan, lay).from).toBeGreaterThanOrEqual(lay.to - lay.from)
  })

  it('a crew that is twenty minutes late: in the middle of its next task that ends as much later', () => {
    const task = byCrew.find(({ from, to }, i) => i > 0 && byCrew[i - 1]!.to === from && to - from >= 20)!
    const now = middle(task) + 20
    const through = of.inOrder.filter(({ to }) => to <= task.from)
    const plan = planJob({ ...of.job, log: ticksOf(of, through, () => 20) }, now)
    expect([of1(plan, task).from, of1(plan, task).to - task.to]).toEqual([now, 20])
  })

  it('what it waits for not ticked: it cannot have begun', () => {
    const waitsFor = planWithProblem(of.job, parseInstant(of.job.start)).problem.lags
    const ids = new Set(waitsFor.flatMap((lag) => (lag.to === lay.taskId ? [lag.from] : [])))
    const before = byCrew.filter(({ taskId }) => ids.has(taskId)).at(-1)!
    const now = Math.max(middle(lay), before.to + 20)
    const plan = planAt(of, now, [before.taskId])
    const behind = of1(plan, lay)
    expect(behind.to - behind.from).toBe(lay.to - lay.from)
    expect(behind.from).toBeGreaterThan(now)
  })

  it('keeps in the record when it began, and is told of only if it ends at another time', () => {
    const now = middle(lay)
    const plan = planAt(of, now)
    const kept = asBegun(plan.placed, plan.proposed, now).find((task) => task.taskId === lay.taskId)!
    expect([of1(plan, lay).from, plan.underWay.includes(lay.taskId)]).toEqual([now, true])
    expect([kept.from, kept.to, kept.pieces]).toEqual([lay.from, lay.to, lay.pieces])
    // Told anew, people are still at it.
    const tasks = publishedTasks(asBegun(plan.placed, plan.proposed, now))
    const again: Told = { ...of, job: { ...of.job, published: { ...of.job.published!, number: 2, tasks } } }
    expect(planAt(again, now + 2).standing!.proposal).toEqual([])
  })

  it('set for later by hand while it is going on: the hand is believed', () => {
    const now = middle(lay)
    const at = formatInstant(lay.to + 45)
    const holds = [{ taskId: lay.taskId, at, crewId: null, why: 'the floor is wet' }]
    const held: Told = { ...of, job: { ...of.job, planning: { ...of.job.planning, holds } } }
    expect(of1(planAt(held, now), lay).from).toBe(lay.to + 45)
  })

  it('something that comes later, put elsewhere by hand on a day that goes as told: it is proposed there', () => {
    const later = byCrew.find(({ from, taskId }) => from > lay.to + 120 && taskId.endsWith('/lay')) ?? byCrew.at(-1)!
    for (const min of [-30, 45]) {
      const at = later.from + min
      const holds = [{ taskId: later.taskId, at: formatInstant(at), crewId: null, why: 'the plumber is in there' }]
      const held: Told = { ...of, job: { ...of.job, planning: { ...of.job.planning, holds } } }
      const plan = planAt(held, middle(lay))
      expect(of1(plan, later).from).toBe(at)
      expect(plan.standing!.proposal.map(({ taskId }) => taskId)).toContain(later.taskId)
    }
  })

  it('the room given to another crew on a day that goes as told: all that is left is theirs', () => {
    const other = { ...of.job.crews[0]!, id: 'other', name: 'Other' }
    const now = lay.from
    const rooms = of.job.rooms.map((room) => ({ ...room, crewId: other.id }))
    const { proposed, standing } = planAt({ ...of, job: { ...of.job, rooms, crews: [...of.job.crews, other] } }, now)
    const left = proposed.filter(({ done }) => !done)
    expect(left.length).toBeGreaterThan(10)
    for (const task of left)
      expect([task.taskId, task.crewId, task.to > task.from]).toEqual([task.taskId, other.id, true])
    expect(standing!.proposal.filter(({ kind }) => kind === 'other-crew')).toHaveLength(left.length)
  })
})
