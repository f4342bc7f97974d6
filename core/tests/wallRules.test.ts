import { runsOf } from './runsOf'
import { DEFAULT_PARAMETERS } from '../src/base/parameters/parameters'
import fc from 'fast-check'
import { gullRow, ternQuaySurvey } from '../../demo'
import { planWithProblem } from '../src/answers/chain/planJob'
import type { Job, LogEvent } from '../src/base/nouns'
import { UNSAID } from '../src/base/nouns'
import { formatInstant, parseInstant, toLocal } from '../src/base/units/time'
import { tellMisses } from '../src/answers/tell/tellMisses'
import { sayText } from '../src/edge/words'
import { checkPlan } from '../src/planning/check/checkPlan'
import type { PlacedTask } from '../src/planning/plan/placement'
import { anyRoom } from './anyRoom'

/**
 * What a plan must never do to wet paint: a wall is rolled in one go, and the roller reaches a cut-in line that would show while
 * it is open. Common practice, no published source (C30, C31).
 */
const planned = (job: Job, now = parseInstant(job.start)) => planWithProblem(job, now)

describe('a parlour in satin by one painter, planned from its beginning', () => {
  const job = gullRow()
  const { plan, problem } = planned(job)
  const at = new Map(plan.placed.map((task) => [task.taskId, task]))
  const rolls = plan.tasks.filter(({ kind }) => kind === 'roll')

  test('each of its four walls is a field of its own, rolled in one piece', () => {
    expect(rolls).toHaveLength(4)
    for (const { id, divisible } of rolls) expect([id, divisible, at.get(id)?.pieces.length]).toEqual([id, false, 1])
  })

  test('each wall is reached within the open time of what was cut in beside it', () => {
    const satin = job.shelf.coatings.find(({ id }) => id === 'quay-satin')!
    for (const roll of rolls) {
      const line = at.get(`${roll.roundId}/coat2`)!
      // At 21 °C a label time of 23 °C runs a little longer; by hand the label alone is the stricter.
      expect(at.get(roll.id)!.from - line.from).toBeLessThanOrEqual(satin.openMin)
    }
    expect(problem.bands).toHaveLength(4)
  })

  test('nobody goes home, or to eat, between a line and its field', () => {
    for (const roll of rolls) {
      const line = at.get(`${roll.roundId}/coat2`)!
      expect(toLocal(line.from, job.site.zone).day).toBe(toLocal(at.get(roll.id)!.from, job.site.zone).day)
    }
    expect(plan.misses).toEqual([])
  })

  test('the check is independent of it: a field put off, and one broken by a meal, are told with what helps', () => {
    const later = (id: string, by: number): PlacedTask[] =>
      plan.placed.map((task) =>
        task.taskId === id
          ? {
              ...task,
              from: task.from + by,
              to: task.to + by,
              pieces: task.pieces.map((p) => ({ from: p.from + by, to: p.to + by })),
            }
          : task,
      )
    const last = rolls.map(({ id }) => at.get(id)!).sort((a, b) => b.from - a.from)[0]!
    const kinds = (placed: readonly PlacedTask[]) => checkPlan(problem, { placed }).map(({ kind }) => kind)
    expect(kinds(plan.placed)).not.toContain('band-set')
    const late = checkPlan(problem, { placed: later(last.taskId, 60) }).filter(({ kind }) => kind === 'band-set')
    expect(late).toHaveLength(1)
    const told = tellMisses({
      job,
      tasks: plan.tasks,
      placed: plan.placed,
      misses: late,
      from: plan.at,
      hems: plan.hems,
      parameters: DEFAULT_PARAMETERS,
    })
    expect(told.map((said) => sayText(said)).join()).toMatch(
      /line beside it has set .*about \d+ min of rolling out.*roll before the pull/,
    )
    const halved = plan.placed.map((task) =>
      task.taskId === last.taskId
        ? {
            ...task,
            to: task.to + 30,
            pieces: [
              { from: task.from, to: task.from + 5 },
              { from: task.from + 35, to: task.to + 30 },
            ],
          }
        : task,
    )
    expect(kinds(halved)).toContain('broken-up')
  })

  test('a line that is on already comes off in its hour, whether or not there is time left to roll', () => {
    const roll = rolls[0]!
    const before = plan.tasks.filter(
      ({ roundId, kind }) => roundId === roll.roundId && ['lay', 'seal', 'coat'].includes(kind),
    )
    const log = before.flatMap((task): LogEvent[] => [
      {
        ...UNSAID,
        id: task.id,
        kind: task.kind === 'lay' ? 'laid' : task.kind === 'seal' ? 'sealed' : 'coated',
        at: formatInstant(at.get(task.id)!.to),
        subjects: [...task.subjects],
        coat: task.coat,
      },
    ])
    const now = at.get(`${roll.roundId}/coat2`)!.to
    const after = planned({ ...job, log }, now).plan
    const pull = after.placed.find(({ taskId }) => taskId === `${roll.roundId}/pull`)
    expect(pull && pull.from - now).toBeLessThan(20)
  })
})

test('random jobs, two hundred on a drill: no field is broken, none is reached when its band has set', () => {
  const base = ternQuaySurvey()
  const start = parseInstant(base.start)
  const tally = { fields: 0, banded: 0 }
  for (const room of fc.sample(anyRoom, { numRuns: runsOf(200, 15), seed: 11 })) {
    const { plan, problem } = planned({ ...base, rooms: [room] }, start)
    const fields = new Set(
      plan.tasks.filter(({ kind, divisible }) => kind === 'roll' && !divisible).map(({ id }) => id),
    )
    for (const task of plan.placed) {
      if (!fields.has(task.taskId)) continue
      tally.fields += 1
      expect([room.steps.length, task.taskId, task.pieces.length, task.to - task.from]).toEqual([
        room.steps.length,
        task.taskId,
        1,
        task.pieces[0]!.to - task.pieces[0]!.from,
      ])
    }
    tally.banded += problem.bands.length
    const told = plan.misses.filter(({ kind }) => ['band-set', 'broken-up', 'lag-too-long'].includes(kind))
    expect(told).toEqual([])
  }
  expect(tally.fields).toBeGreaterThan(runsOf(150, 8))
  expect(tally.banded).toBeGreaterThan(runsOf(40, 1))
})
