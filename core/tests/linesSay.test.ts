import { ternQuaySurvey } from '../../demo'
import { linesSay } from '../src/answers/record/linesSay'
import { planJob } from '../src/answers/chain/planJob'
import type { Job, LogEvent } from '../src/base/nouns'
import { formatInstant, parseInstant } from '../src/base/units/time'
import { foldLog } from '../src/planning/progress/hemStates'
import { early } from './early'
import { logEvent } from './logEvent'

const survey = early(ternQuaySurvey())
const job: Job = { ...survey, rooms: survey.rooms.filter(({ id }) => id === 'practice1' || id === 'kitchen') }
const plan = planJob(job)
const safe = plan.recipes.flatMap((recipe) => (recipe.safe ? [recipe] : []))
const expectedOn = (hemId: string) => {
  const { risks } = safe.find((recipe) => recipe.hemId === hemId)!
  return (risks.bleeds.mean * plan.hems.find(({ id }) => id === hemId)!.lengthMm) / 1000
}
const looked = (count: (expected: number) => number): LogEvent[] =>
  safe.map(({ hemId }, i) =>
    logEvent(`l${i}`, 'inspected', formatInstant(parseInstant(job.start)), [hemId], {
      bleeds: count(expectedOn(hemId)),
    }),
  )

test('nobody looked: nothing to say', () => {
  expect(linesSay(foldLog([]), job.shelf, plan)).toBeNull()
})

test('three times what was expected, everywhere: it says more, by about as much; each line is in one tape', () => {
  const log = looked((expected) => Math.ceil(3 * expected))
  const { all, byTape } = linesSay(foldLog(log), job.shelf, plan)!
  expect(all.lines).toBe(safe.length)
  expect(all.counted).toBe(log.reduce((sum, { bleeds }) => sum + bleeds!, 0))
  expect(all.expected).toBeCloseTo(
    safe.reduce((sum, { hemId }) => sum + expectedOn(hemId), 0),
    9,
  )
  expect(all.standing).toBe('more')
  const taped = safe.filter(({ tapeId }) => tapeId !== null)
  expect(byTape.reduce((sum, { lines }) => sum + lines, 0)).toBe(taped.length)
  for (const { factor } of byTape) {
    expect(factor.low).toBeLessThan(factor.mean)
    expect(factor.mean).toBeLessThan(factor.high)
  }
})

test('one clean line leaves it open, and says how many metres more would settle it', () => {
  const [first] = looked(() => 0)
  const { all } = linesSay(foldLog([first!]), job.shelf, plan)!
  expect(all.lines).toBe(1)
  expect(all.standing).toBe('open')
  expect(all.metresMore).toBeGreaterThan(all.metres)
})
