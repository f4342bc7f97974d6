import { clocksOf } from '../cure/areaClocks'
import type { LogEvent } from '../ground'
import fc from 'fast-check'
import { steadyAir } from '../air/airSeries'
import { foldLog } from '../progress/hemStates'
import type { Task } from '../rounds/round'
import { formatInstant } from '../units/time'
import { makeSchedule, type ScheduleSetup } from './schedule'

/** At label air a reference minute is a minute, so gaps can be read off by hand. */
const LABEL_AIR = clocksOf(steadyAir(23, 50))
const DAYS = [0, 1, 2, 3].map((day) => [
  { from: day * 1440 + 480, to: day * 1440 + 720 },
  { from: day * 1440 + 750, to: day * 1440 + 960 },
])

const task = (id: string, minutes: number, more: Partial<Task> = {}): Task => ({
  id,
  kind: 'coat',
  roomId: 'r',
  stepId: 's',
  roundId: null,
  crewId: 'a',
  coat: 1,
  subjects: [`hem-${id}`],
  minutes,
  block: id,
  divisible: false,
  after: [],
  release: null,
  ...more,
})
const after = (taskId: string, amount = 0, clock: 'plain' | 'drying' = 'plain') => ({ taskId, gap: { clock, amount } })

function plan(tasks: readonly Task[], more: Partial<ScheduleSetup> = {}) {
  return makeSchedule({
    tasks,
    log: foldLog([]),
    stretches: new Map([
      ['a', DAYS.flat()],
      ['b', DAYS.flat()],
    ]),
    from: 0,
    clocks: () => LABEL_AIR,
    roomRank: new Map(),
    pullReady: () => null,
    ...more,
  })
}
const spans = (schedule: ReturnType<typeof plan>) =>
  Object.fromEntries([...schedule.placed].map(([id, each]) => [id, [each.from, each.to]]))

describe('by hand', () => {
  test('tasks follow one another; drying waits; a second crew works beside', () => {
    const tasks = [
      task('one', 60),
      task('two', 30, { after: [after('one', 90, 'drying')] }),
      task('other', 100, { crewId: 'b' }),
    ]
    expect(spans(plan(tasks))).toEqual({ one: [480, 540], two: [630, 660], other: [480, 580] })
  })
  test('a block is not broken by the meal; divisible work is', () => {
    const wet = [task('coat', 200), task('pull', 60, { kind: 'pull', block: 'coat', after: [after('coat')] })]
    // 260 minutes fit into no half day of 240 and 210: told, not squeezed.
    expect(plan(wet).unplaced).toMatchObject([{ block: 'coat', minutes: 260 }])
    const shorter = [{ ...wet[0]!, minutes: 150 }, wet[1]!]
    expect(spans(plan(shorter))).toEqual({ coat: [480, 630], pull: [630, 690] })
    const lay = plan([task('lay', 300, { kind: 'lay', divisible: true })]).placed.get('lay')!
    expect(lay.pieces).toEqual([
      { from: 480, to: 720 },
      { from: 750, to: 810 },
    ])
  })
  test('of two that can begin at once the more urgent room goes first', () => {
    const tasks = [task('calm', 60, { roomId: 'calm' }), task('urgent', 60, { roomId: 'urgent' })]
    const ranked = plan(tasks, {
      roomRank: new Map([
        ['urgent', 0],
        ['calm', 1],
      ]),
    })
    expect(spans(ranked)).toEqual({ urgent: [480, 540], calm: [540, 600] })
  })
  test('a release holds a task back, and nothing undone lies before now', () => {
    expect(spans(plan([task('late', 30, { release: 600 })]))).toEqual({ late: [600, 630] })
    expect(spans(plan([task('now', 30)], { from: 700 }))).toEqual({ now: [750, 780] })
  })
  test('a pull waits for its window: out of the tacky hours into the dry one', () => {
    const pull = task('pull', 20, { kind: 'pull', block: 'pull' })
    const ready = plan([pull], { pullReady: (_task, at) => Math.max(at, 640) })
    expect(spans(ready)).toEqual({ pull: [640, 660] })
  })
  test('what was ticked stands where it was ticked and moves what follows', () => {
    const event: LogEvent = {
      id: 'e1',
      kind: 'coated',
      at: formatInstant(700),
      crewId: 'b',
      subjects: ['hem-one'],
      coat: 1,
      bleeds: null,
      expectedAt: null,
      undoes: null,
      note: '',
    }
    const tasks = [task('one', 60), task('two', 30, { after: [after('one', 60)] })]
    const schedule = plan(tasks, { log: foldLog([event]), from: 700 })
    expect(schedule.placed.get('one')).toMatchObject({ from: 640, to: 700, done: true, crewId: 'b' })
    expect(schedule.placed.get('two')).toMatchObject({ from: 760, to: 790, done: false })
  })
})

test('any plan keeps shifts, order and gaps, and no crew is in two places', () => {
  const chains = fc.array(
    fc.record({
      minutes: fc.integer({ min: 1, max: 200 }),
      crew: fc.constantFrom('a', 'b'),
      wait: fc.integer({ min: 0, max: 600 }),
      before: fc.integer({ min: 0, max: 30 }),
    }),
    { minLength: 1, maxLength: 14 },
  )
  fc.assert(
    fc.property(chains, (list) => {
      const tasks = list.map((each, i) =>
        task(`t${i}`, each.minutes, {
          crewId: each.crew,
          after: i === 0 ? [] : [after(`t${each.before % i}`, each.wait, i % 2 ? 'drying' : 'plain')],
        }),
      )
      const { placed, unplaced } = plan(tasks)
      expect(placed.size + unplaced.flatMap((each) => each.tasks).length).toBe(tasks.length)
      for (const each of tasks) {
        const own = placed.get(each.id)
        if (!own) continue
        expect(DAYS.flat().some((stretch) => own.from >= stretch.from && own.to <= stretch.to)).toBe(true)
        for (const { taskId, gap } of each.after)
          expect(own.from).toBeGreaterThanOrEqual(placed.get(taskId)!.to + gap.amount)
        for (const other of placed.values()) {
          if (other.taskId === each.id || other.crewId !== own.crewId) continue
          expect(other.to <= own.from || other.from >= own.to).toBe(true)
        }
      }
    }),
    { numRuns: 80 },
  )
})
