import { gullRow } from '../../demo'
import { planJob, type Plan } from '../src/answers/chain/planJob'
import type { Miss } from '../src/planning/check/miss'
import type { Job } from '../src/base/nouns'
import type { PlacedTask } from '../src/planning/plan/placement'
import { publishedTasks } from '../src/planning/published/planChanges'
import { parseInstant, toLocal } from '../src/base/units/time'
import { sayText } from '../src/edge/words'
import { ticksOf, told } from './asTold'

/** A whole job with a plan that people were told of, followed as its day goes well or ill. */
const survey: Job = { ...gullRow(), air: { tempC: 20, rh: 50, windows: 'shut', outside: null }, log: [] }
const start = parseInstant(survey.start)
const day = told(survey)
const { job: published, first, inOrder } = day

/** The lines that say of the first tasks that they were done, each so many minutes later than planned. */
const ticked = (count: number, lateMin?: (task: PlacedTask) => number) => ticksOf(day, inOrder.slice(0, count), lateMin)

const undone = (plan: Plan) => plan.placed.filter((task) => !task.done)
const kindsOf = (plan: Plan) => [...new Set(plan.misses.map((miss) => miss.kind))]

test('a day that goes as told: nothing is proposed, nothing is missed that was not missed when it was made', () => {
  for (let count = 0; count < inOrder.length; count += 2) {
    const now = count === 0 ? start : inOrder[count - 1]!.to
    const plan = planJob({ ...published, log: ticked(count) }, now)
    expect(plan.standing).toMatchObject({ number: 1, proposal: [] })
    expect(undone(plan).map((task) => [task.taskId, task.from])).toEqual(
      expect.arrayContaining(inOrder.slice(count).map((task) => [task.taskId, task.from])),
    )
    const isOld = (each: Miss) =>
      first.misses.some((old) => old.kind === each.kind && old.activityId === each.activityId)
    expect(plan.misses.filter((miss) => !isOld(miss))).toEqual([])
  }
})

test('late all day: the plan stays what people were told, its windows move, and what to move is proposed', () => {
  const upTo = inOrder.findIndex((each) => first.tasks.find((task) => task.id === each.taskId)?.kind === 'pull')
  const log = ticked(upTo, () => 75)
  const now = inOrder[upTo - 1]!.to + 75
  const plan = planJob({ ...published, log }, now)
  const told = new Map(published.published!.tasks.map((task) => [task.taskId, parseInstant(task.from)]))
  for (const task of undone(plan)) expect(task.from).toBe(told.get(task.taskId))
  expect(plan.standing!.proposal.length).toBeGreaterThan(0)
  for (const change of plan.standing!.proposal) expect(parseInstant(change.after!)).toBeGreaterThanOrEqual(now)
  const [pull, before] = [plan, first].map((of) => of.pulls.find((each) => each.taskId === inOrder[upTo]!.taskId)!)
  expect(pull!.coatedTo - before!.coatedTo).toBe(75)
})

test('a room that came later is in no published plan, and that is said with what would help', () => {
  const [room] = survey.rooms
  const more = { ...room!, id: 'later', name: 'Later room' }
  const plan = planJob({ ...published, rooms: [...survey.rooms, more] })
  const fresh = plan.tasks.filter((task) => task.roomId === 'later').map((task) => task.id)
  expect(fresh.length).toBeGreaterThan(3)
  const said = plan.misses.filter((miss) => miss.kind === 'not-published').map((miss) => miss.activityId)
  expect([...said].sort()).toEqual([...fresh].sort())
  expect(plan.placed.some((task) => fresh.includes(task.taskId))).toBe(false)
  expect(plan.proposed.filter((task) => fresh.includes(task.taskId)).length).toBe(fresh.length)
  expect(plan.problems.map(sayText).some((text) => text.includes('Later room'))).toBe(true)
})

test('a room that is gone: its tasks are told as work nobody knows, once for each', () => {
  const two = planJob({ ...survey, rooms: [...survey.rooms, { ...survey.rooms[0]!, id: 'second', name: 'Second' }] })
  const was = { ...published, published: { ...published.published!, tasks: publishedTasks(two.placed) } }
  const plan = planJob(was)
  expect(kindsOf(plan)).toContain('lost')
  const lost = plan.misses.filter((miss) => miss.kind === 'lost').map((miss) => miss.activityId)
  expect(new Set(lost).size).toBe(lost.length)
  expect(lost.every((id) => id.startsWith('second/'))).toBe(true)
})

test('a shift that falls away does not move the plan; what lies outside is not told as if it were news twice', () => {
  const crews = survey.crews.map((crew) => ({
    ...crew,
    shifts: crew.shifts.map((shift) => ({ ...shift, from: '10:00' })),
  }))
  const plan = planJob({ ...published, crews })
  expect(undone(plan).map((task) => task.from)).toEqual(first.placed.map((task) => task.from))
  expect(plan.standing!.proposal.length).toBeGreaterThan(0)
})

test('ticks in any order, and sent twice, make the same board', () => {
  const log = ticked(6, (task) => (task.crewId === 'c' ? 3 : 9))
  const now = inOrder[5]!.to + 20
  const mixed = [...log.slice(3), ...log.slice(0, 3).reverse(), ...log]
  const plain = (plan: Plan) => JSON.stringify([plan.placed, plan.pulls, plan.misses, plan.standing])
  expect(plain(planJob({ ...published, log: mixed }, now))).toBe(plain(planJob({ ...published, log }, now)))
})

test.each([0, 1, 2, 3, 5, 8])(
  'a coat ticked %i min after it was planned: its pull is proposed within its wet span, not tomorrow',
  (late) => {
    const kindOf = (task: PlacedTask) => first.tasks.find((each) => each.id === task.taskId)!.kind
    const wet = first.pulls.filter((pull) => pull.manner === 'wet').map((pull) => pull.taskId)
    expect(wet.length).toBeGreaterThan(0)
    inOrder.forEach((pull, count) => {
      if (kindOf(pull) !== 'pull' || !wet.includes(pull.taskId)) return
      const log = ticked(count, (task) => (task === inOrder[count - 1] ? late : 0))
      const now = inOrder[count - 1]!.to + late
      const plan = planJob({ ...published, log }, now)
      const span = plan.pulls.find((each) => each.taskId === pull.taskId)!.spans.find((each) => each.kind === 'wet')
      // A coat that took too long leaves no wet span; then it is told, and pulled dry.
      if (!span || now >= span.to!) return
      const proposed = plan.proposed.find((task) => task.taskId === pull.taskId)!
      expect([pull.taskId, proposed.from >= span.from - 1, proposed.from < span.to!]).toEqual([pull.taskId, true, true])
    })
  },
)

test('paint that is on waits for no shift: its pull is made at once, and told as outside it', () => {
  const kindOf = (task: PlacedTask) => first.tasks.find((each) => each.id === task.taskId)!.kind
  const wet = first.pulls.filter((pull) => pull.manner === 'wet').map((pull) => pull.taskId)
  const count = inOrder.findIndex((task) => kindOf(task) === 'pull' && wet.includes(task.taskId))
  const coat = inOrder[count - 1]!
  // The crew's day ends with the last stroke.
  const crews = survey.crews.map((crew) => ({
    ...crew,
    shifts: crew.shifts.map((shift) => ({ ...shift, to: formatClock(coat.to), breaks: [] })),
  }))
  const plan = planJob({ ...published, crews, log: ticked(count) }, coat.to)
  const pull = plan.proposed.find((task) => task.taskId === inOrder[count]!.taskId)!
  const span = plan.pulls.find((each) => each.taskId === pull.taskId)!.spans.find((each) => each.kind === 'wet')!
  expect(pull.from).toBeGreaterThanOrEqual(coat.to)
  expect(pull.from).toBeLessThan(span.to!)
})
/** A clock time at the site of the made-up job. */
const formatClock = (at: number): string => {
  const { minute } = toLocal(at, survey.site.zone)
  return `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`
}
