import { gullRow, ternQuaySurvey } from '../../demo'
import { betterPlan } from '../src/answers/try/betterPlan'
import { planJob, planWithProblem, problemOf } from '../src/answers/chain/planJob'
import { whatWouldHelp } from '../src/answers/try/whatWouldHelp'
import { whyLate } from '../src/answers/why/whyLate'
import { tellEnd, tellLink, whyThen } from '../src/answers/tell/whyThen'
import type { Job } from '../src/base/nouns'
import { placeFirst } from '../src/planning/plan/placeFirst'
import { formatInstant, parseInstant } from '../src/base/units/time'
import { sayText } from '../src/edge/words'
import { act, lag, problem as small } from './smallProblem'
import { early } from './early'

const survey = early(ternQuaySurvey())
const start = parseInstant(survey.start)
const due = (job: Job, roomId: string, at: number): Job => ({
  ...job,
  rooms: job.rooms.map((room) => ({ ...room, neededBy: room.id === roomId ? formatInstant(at) : null })),
})

/** Asked so many times it is over: tests hang on no clock. */
const counted = () => {
  let asked = 0
  return () => ++asked > 200
}

describe('why an activity starts when it does', () => {
  const { plan, problem } = planWithProblem(ternQuaySurvey(), start)

  test('every start of the demo has a cause, and each chain ends at what nothing holds', () => {
    const roots = new Set<string>()
    for (const task of plan.placed) {
      const chain = whyThen(problem, plan.placed, task.taskId)
      expect(chain[0]?.activityId).toBe(task.taskId)
      expect(chain.length).toBeLessThan(plan.placed.length)
      for (let i = 1; i < chain.length; i++) {
        expect(chain[i]?.activityId).toBe(chain[i - 1]?.other)
        expect(chain[i]?.from).toBeLessThanOrEqual(chain[i - 1]?.from ?? 0)
      }
      const root = chain.at(-1)
      expect(root?.other).toBeNull()
      roots.add(root?.hold ?? '')
    }
    // Nothing stands about without a cause.
    expect([...roots].sort()).not.toContain('free')
    expect(roots).toContain('shift')
  })

  test('the end is told in words, from the last thing back to its root', () => {
    const told = tellEnd({ job: survey, problem, placed: plan.placed, now: start }).map(sayText)
    expect(told.length).toBeGreaterThan(1)
    for (const text of told) expect(text).toMatch(/^\S.+\.$/)
    expect(told.join(' ')).not.toMatch(/\{|undefined/)
  })

  test('by hand: drying, crew, shift', () => {
    const of = small([act('first', 30), act('second', 20), act('dry', 10)], {
      crews: [
        {
          id: 'a',
          shifts: [
            [480, 520],
            [600, 960],
          ],
        },
      ],
      lags: [lag('first', 'second'), lag('first', 'dry', 200)],
    })
    const placed = [
      ['first', 480, 510],
      ['second', 600, 620],
      ['dry', 710, 720],
    ].map(([taskId, from, to]) => ({
      taskId: String(taskId),
      crewId: 'a',
      from: Number(from),
      to: Number(to),
      pieces: [{ from: Number(from), to: Number(to) }],
      done: false,
    }))
    expect(whyThen(of, placed, 'second').map((link) => link.hold)).toEqual(['shift'])
    expect(whyThen(of, placed, 'dry').map((link) => [link.hold, link.other])).toEqual([
      ['dries', 'first'],
      ['shift', null],
    ])
    expect(sayText(tellLink(gullRow(), whyThen(of, placed, 'dry')[0]!, 0))).toContain('dry')
  })
})

describe('a room that cannot be back in time', () => {
  const roomId = survey.rooms.find((room) => room.kind === 'room')!.id
  const through = (job: Job) => {
    const plan = planJob(job, start)
    return Math.max(...plan.placed.filter((task) => task.taskId.startsWith(`${roomId}/`)).map((task) => task.to))
  }

  test('due in the morning of the first day: its own drying is why, and no change helps that', () => {
    const job = due(survey, roomId, start + 120)
    const why = whyLate(problemOf(job, start), roomId, counted)
    expect(why).not.toBeNull()
    expect(why).not.toContain('other-rooms')
  })

  test('due a little before it is through: not proved impossible, or proved with a reason; what helps is planned anew', () => {
    const soon = through(due(survey, roomId, start + 600))
    const job = due(survey, roomId, soon - 30)
    const helps = whatWouldHelp(job, roomId, start)
    for (const help of helps) {
      expect(help.wonMin).toBeGreaterThan(0)
      expect(help.isInTime).toBe(help.endsAt <= soon - 30)
    }
    expect(helps.some((help) => help.isInTime)).toBe(true)
    // In time before late.
    const order = helps.map((help) => help.isInTime)
    expect(order).toEqual([...order].sort((a, b) => Number(b) - Number(a)))
  })

  test('what another order of the same work reaches is never called impossible', () => {
    // Trim and walls: few enough that the end is proved.
    const whole = gullRow()
    const house = { ...whole.house, fieldOrder: 'after-pull' as const, stayOnMin: 0 }
    const job = { ...whole, house, rooms: whole.rooms.map((each) => ({ ...each, steps: each.steps.slice(1) })) }
    const [room] = job.rooms
    const problem = problemOf(job, parseInstant(job.start))
    const first = placeFirst(problem)
    const better = betterPlan(problem, first, { seed: 1, isOver: () => false, rounds: 60 })
    expect(better.won.endMin).toBeGreaterThan(0)
    const soon = problemOf(due(job, room!.id, better.endsAt), parseInstant(job.start))
    expect(whyLate(soon, room!.id, counted)).toBeNull()
    // A day and a half sooner it is, and the reason is its own.
    const never = problemOf(due(job, room!.id, better.endsAt - 1.5 * 1440), parseInstant(job.start))
    expect(whyLate(never, room!.id, counted)).not.toContain('other-rooms')
  })

  test('a room that is due when it can be is not called impossible', () => {
    const job = due(survey, roomId, start + 20 * 1440)
    expect(whyLate(problemOf(job, start), roomId, counted)).toBeNull()
  })
})
