import { planJob, type Plan } from '../src/answers/chain/planJob'
import type { Job, LogEvent } from '../src/base/nouns'
import { USUAL_PLANNING } from '../src/base/nouns/planning'
import { nth } from '../src/base/units/sure'
import { formatInstant, parseInstant } from '../src/base/units/time'
import { STARTER_HOUSE } from '../src/survey/rooms/houseDefaults'
import { ticksOf } from './asTold'
import { doorOf, jobOf, WALLS } from './oneHem'

/** One painter alone in a room whose walls get one coat; nobody has been told a plan. */
const base = jobOf({ room: { steps: [{ ...WALLS, coats: 1 }], openings: [doorOf()] }, house: STARTER_HOUSE })
const job: Job = {
  ...base,
  crews: [{ ...nth(base.crews, 0), people: [{ name: 'Painter 1', skill: 'practised' }] }],
  planning: USUAL_PLANNING,
  published: null,
  log: [],
}
const byStart = ({ placed }: Plan) => [...placed].sort((a, b) => a.from - b.from)
const leftOf = (plan: Plan) => byStart(plan).flatMap(({ taskId, done }) => (done ? [] : [taskId]))
const soonerBy = (tick: LogEvent, min: number): LogEvent => ({
  ...tick,
  at: formatInstant(parseInstant(tick.at) - min),
})

test('a wall that is taped is painted before the next is taped, whenever the plan is made anew', () => {
  const first = planJob(job)
  const inOrder = byStart(first)
  const walls = new Set(inOrder.flatMap(({ taskId }) => /w\d/.exec(taskId)?.[0] ?? []))
  // Not vacuous: one wall after another is taped, painted and bared.
  expect(walls.size).toBe(4)
  expect(inOrder.map(({ taskId }) => taskId.split('/').at(-1)).slice(0, 6)).toEqual([
    'cover',
    'lay',
    'coat1',
    'pull',
    'roll1',
    'lay',
  ])
  for (const [i, task] of inOrder.entries()) {
    if (!task.taskId.endsWith('/lay')) continue
    const log = ticksOf({ first }, inOrder.slice(0, i + 1))
    // On time, and sooner than planned.
    for (const early of [0, 7]) {
      const again = planJob({ ...job, log: log.map((tick) => soonerBy(tick, early)) }, task.to - early)
      expect(leftOf(again)).toEqual(inOrder.slice(i + 1).map(({ taskId }) => taskId))
    }
  }
})
