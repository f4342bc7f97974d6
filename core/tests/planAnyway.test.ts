import { ternQuaySurvey } from '../../demo'
import { planAnyway } from '../src/answers/chain/planAnyway'
import { planJob } from '../src/answers/chain/planJob'
import type { JobFacts } from '../src/base/nouns'
import { sayText } from '../src/edge/words'
import { factsFaults } from '../src/edge/wire'
import { editsOf } from './anyEdit'
import { early } from './early'

const { log: _log, published: _published, ...facts } = early(ternQuaySurvey())
const whole = (of: JobFacts) => ({ ...of, log: [], published: null })

test('a cover that does not come back is cut from its rolls like any other, whatever its length', () => {
  for (const cover of facts.shelf.covers.filter((each) => each.reusable))
    for (const lengthMm of [cover.lengthMm, 3658, 3651, 4004]) {
      const covers = facts.shelf.covers.map((each) =>
        each.id === cover.id ? { ...each, reusable: false, lengthMm } : each,
      )
      const edited = { ...facts, rooms: facts.rooms.slice(0, 2), shelf: { ...facts.shelf, covers } }
      expect(factsFaults(edited)).toEqual([])
      expect(planJob(whole(edited)).tasks.length).toBeGreaterThan(0)
    }
})

// What a form lets through a plan bears: random stories of edits, each let through by the schema.
test.each([3, 24])('story %i: no edit that the schema lets through stops the plan', (seed) => {
  const only = { ...facts, rooms: facts.rooms.slice(0, 2) }
  let planned = 0
  for (const { facts: edited, told } of editsOf(only, seed)) {
    if (planned === 16) break
    expect([told, typeof planJob(whole(edited)).at]).toEqual([told, 'number'])
    planned++
  }
  expect(planned).toBe(16)
})

describe('a room that cannot be planned', () => {
  const bad = facts.rooms[1]
  const failing: typeof planJob = (job, ...rest) => {
    if (job.rooms.some((room) => room.id === bad?.id)) throw new RangeError('no bar holds a piece')
    return planJob(job, ...rest)
  }
  test('is left out and named, and the rest is planned as if it were not there', () => {
    const plan = planAnyway(whole(facts), undefined, undefined, failing)
    const rest = planJob(whole({ ...facts, rooms: facts.rooms.filter((room) => room !== bad) }))
    expect(plan.placed).toEqual(rest.placed)
    expect(plan.problems.length).toBe(rest.problems.length + 1)
    const [first] = plan.problems
    expect(first && sayText(first)).toContain(bad?.name)
  })
  test('where no room by itself is at fault, the fault is told as it is', () => {
    const never: typeof planJob = (job, ...rest) => {
      if (job.rooms.length > 1) throw new RangeError('too many')
      return planJob(job, ...rest)
    }
    expect(() => planAnyway(whole(facts), undefined, undefined, never)).toThrow('too many')
  })
})
