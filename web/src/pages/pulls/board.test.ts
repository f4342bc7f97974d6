import { foldLog, parseInstant, planJob } from '@crisp-hem/core'
import { TERN_QUAY_NOW, ternQuay } from '../../../../demo'
import { boardAt } from './board'
import { inspectTick, pullTick, taskTick } from './ticks'

const job = ternQuay()
const now = parseInstant(TERN_QUAY_NOW)
const plan = planJob(job, now)
const log = foldLog(job.log)

test('the board tells now, next and what must be looked at', () => {
  const board = boardAt(plan, log, now, { crewId: null, crews: [] })
  expect(board.pulls.map((card) => [card.pull.roomId, card.stand])).toEqual([
    ['practice2', 'now'],
    ['south', 'not yet'],
    ['harbour', 'not yet'],
    ['kitchen', 'not yet'],
    ['recital', 'not yet'],
    ['recital', 'not yet'],
    ['recital', 'not yet'],
  ])
  expect(board.toInspect).toHaveLength(3)
  expect([...board.breathers].sort()).toEqual(['fitting:practice1/f3', 'fitting:practice2/f3'])
  // A field follows its pull; the corridor’s trim has its second coat meanwhile.
  expect(
    board.todo
      .slice(0, 2)
      .map((card) => `${card.task.roomId} ${card.task.kind}`)
      .sort(),
  ).toEqual(['corridor coat', 'practice2 roll'])
  // The field of practice room 2 follows its pull at once, wall by wall.
  const field = board.todo.find((card) => card.task.kind === 'roll' && card.task.roomId === 'practice2')!
  expect([field.task.roomId, field.subjects.length]).toEqual(['practice2', 1])
  expect(board.todo.filter(({ task }) => task.kind === 'roll' && task.roomId === 'practice2')).toHaveLength(4)
})

test('a coat that the weather caught is in doubt from that minute on, its own round’s and no other', () => {
  const round = plan.pulls.find((pull) => pull.coated && pull.roomId === 'practice2')!.roundId
  const fault = { code: 'plan.rain', facts: { mm: 2 } }
  const caught = { activityId: `${round}/coat2`, roomId: 'practice2', stepId: 's3', coat: 2, at: now + 5, fault }
  const doubts = (minutes: number) =>
    boardAt({ ...plan, doubtful: [caught] }, log, now + minutes, { crewId: null, crews: [] })
      .pulls.filter((card) => card.doubt !== null)
      .map((card) => card.pull.roomId)
  expect([doubts(0), doubts(10)]).toEqual([[], ['practice2']])
})

test('later the same round is tacky, then dry, then overdue', () => {
  const standAt = (minutes: number) =>
    boardAt(plan, log, now + minutes, { crewId: null, crews: [] }).pulls.find(
      (card) => card.pull.roomId === 'practice2',
    )!.stand
  expect([standAt(30), standAt(13 * 60), standAt(40 * 1440)]).toEqual(['missed', 'dry', 'overdue'])
})

test('one crew sees its own work only', () => {
  // Wren's only coated work is the kitchen's window, which hardens.
  expect(boardAt(plan, log, now, { crewId: 'wren', crews: [] }).pulls.map((card) => card.pull.manner)).toEqual(['dry'])
  expect(
    boardAt(plan, log, now, { crewId: 'heron', crews: [] }).todo.every((card) => card.task.crewId === 'heron'),
  ).toBe(true)
})

test('ticks carry what happened and when it was expected', () => {
  const task = plan.tasks.find((each) => each.kind === 'coat' && each.coat === 2)!
  expect(taskTick({ task, subjects: ['h'], crewId: 'c', now: now + 0.9, expected: now })).toMatchObject({
    kind: 'coated',
    coat: 2,
    at: TERN_QUAY_NOW,
    expectedAt: TERN_QUAY_NOW,
  })
  expect(pullTick(['h'], 'c', now, null)).toMatchObject({ kind: 'pulled', expectedAt: null })
  expect(
    inspectTick(
      'h',
      { light: 'daylight', awayMm: null, finds: [{ fault: 'run-under', size: 'large', count: 3, lengthMm: 0 }] },
      now,
    ),
  ).toMatchObject({ kind: 'inspected', bleeds: 3 })
})
