import { maskCoated } from './maskCoated'
import { ternQuay, ternQuaySurvey, TERN_QUAY_NOW } from '../../demo'
import { planJob } from '../src/answers/chain/planJob'
import { tickDoubts } from '../src/answers/why/tickDoubts'
import { UNSAID, type Job, type LogEvent } from '../src/base/nouns'
import { TICK_OF } from '../src/planning/progress/activityProgress'
import { foldLog } from '../src/planning/progress/hemStates'
import { formatInstant, parseInstant } from '../src/base/units/time'
import { early } from './early'

/** Ticks that do not fit what was ticked before: asked once, with what they would mean. */
const job = ternQuay()
const now = parseInstant(TERN_QUAY_NOW)
const log = foldLog(job.log)
const doubts = (kind: 'pull' | 'coat' | 'seal' | 'lay', coat: number | null, subjects: readonly string[], at = now) =>
  tickDoubts({ job, plan: planJob(job, at), log, asked: { kind, coat, subjects }, now: at }).map(({ code }) => code)

const plan = planJob(job, now)
const wet = plan.pulls.find(({ coated, manner }) => coated && manner === 'wet')!
const open = wet.spans.find(({ kind }) => kind === 'wet')!

test('a pull in its wet window is as it should be; too wet and half dry are asked, with when it may come off', () => {
  expect(doubts('pull', null, wet.hemIds, open.from + 2)).toEqual([])
  expect(doubts('pull', null, wet.hemIds, open.from - 3)).toEqual(['doubt.too_wet', 'doubt.next'])
  expect(doubts('pull', null, wet.hemIds, (open.to ?? 0) + 20)).toEqual(['doubt.tacky', 'doubt.next'])
})

test('a liquid mask that is not ready to be cut is asked', () => {
  const masked = maskCoated(job, now)
  const made = planJob(masked, now)
  const { hemIds } = made.pulls.find(({ coated, manner }) => coated && manner === 'peel')!
  const asked = { kind: 'pull', coat: null, subjects: hemIds } as const
  const doubts = tickDoubts({ job: masked, plan: made, log: foldLog(masked.log), asked, now })
  expect(doubts.map(({ code }) => code)).toEqual(['doubt.mask', 'doubt.next'])
})

test('coat two before coat one, a coat, a seal and a pull before their tape: each is asked', () => {
  const bare = plan.tasks.find(
    ({ kind, subjects }) => kind === 'lay' && subjects.every((id) => !log.hems.has(id)) && subjects.length > 1,
  )!
  expect(doubts('coat', 2, bare.subjects)).toEqual(['doubt.not_laid', 'doubt.coat_missing'])
  expect(doubts('seal', null, bare.subjects)).toEqual(['doubt.not_laid'])
  expect(doubts('pull', null, bare.subjects)).toEqual(['doubt.not_laid', 'doubt.not_coated'])
  expect(doubts('lay', null, bare.subjects)).toEqual([])
})

test('a room ticked as it was planned is never asked', () => {
  const { rooms, ...survey } = early(ternQuaySurvey())
  let ticked: Job = { ...survey, rooms: rooms.filter(({ id }) => id === 'practice2') }
  const first = planJob(ticked)
  const order = [...first.placed].sort((a, b) => a.to - b.to)
  expect(order.length).toBeGreaterThan(8)
  for (const each of order) {
    const task = first.tasks.find(({ id }) => id === each.taskId)!
    const asked = { kind: task.kind, coat: task.coat, subjects: task.subjects }
    // A pull is ticked when its tape is off; what counts is that its window was open by then.
    const told = tickDoubts({
      job: ticked,
      plan: planJob(ticked, each.to),
      log: foldLog(ticked.log),
      asked,
      now: each.to,
    })
    expect([task.id, told.map(({ code }) => code)]).toEqual([task.id, []])
    const tick: LogEvent = {
      ...UNSAID,
      id: task.id,
      kind: TICK_OF[task.kind],
      at: formatInstant(each.to),
      subjects: [...task.subjects],
      coat: task.coat,
    }
    ticked = { ...ticked, log: [...ticked.log, tick] }
  }
})
