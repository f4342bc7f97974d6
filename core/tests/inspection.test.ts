import { ternQuaySurvey } from '../../demo'
import { planJob } from '../src/answers/chain/planJob'
import type { Job, LogEvent } from '../src/base/nouns'
import { formatInstant, parseInstant } from '../src/base/units/time'
import { logEvent } from './logEvent'
import { early } from './early'

/** Three whole jobs in which somebody finds more bleeds than anybody expected, or none. */
const survey = early(ternQuaySurvey())
const start = parseInstant(survey.start)
const jobOf = (roomId: string): Job => ({ ...survey, rooms: survey.rooms.filter((room) => room.id === roomId) })
const lookOf = (job: Job, now = start) => planJob(job, now).placed.find((task) => task.taskId.endsWith('/look'))!
const touchUp = (job: Job, now = start) =>
  planJob(job, now)
    .tasks.find((task) => task.kind === 'look')!
    .work.find((part) => part.part === 'touch-up')?.minutes ?? 0
const hemsIn = (job: Job) => planJob(job).recipes.flatMap((recipe) => (recipe.safe ? [recipe.hemId] : []))
const looked = (hemIds: readonly string[], bleeds: number, at: number): LogEvent[] =>
  hemIds.map((hemId, i) => logEvent(`look-${at}-${i}`, 'inspected', formatInstant(at), [hemId], { bleeds }))
/** What the house says one bleed takes to mend, min. */
const eachMin = (60 * survey.house.mendBleedMinor) / survey.house.wagePerHourMinor

test('lines found clean leave nothing to touch up', () => {
  const job = jobOf('kitchen')
  expect(touchUp(job)).toBeGreaterThan(0)
  expect(touchUp({ ...job, log: looked(hemsIn(job), 0, start) })).toBe(0)
})

test('forty bleeds on one line take forty times what one takes, and the room is through later', () => {
  const job = jobOf('practice1')
  const [first] = hemsIn(job)
  const found = { ...job, log: looked([first!], 40, start) }
  const rest = { ...job, log: looked([first!], 0, start) }
  expect(touchUp(found) - touchUp(rest)).toBeCloseTo(40 * eachMin, 6)
  expect(planJob(found).endsAt!).toBeGreaterThan(planJob(rest).endsAt!)
})

test('a bleed found behind the last look opens it again; looked at once more it is done', () => {
  const job = jobOf('kitchen')
  const at = start + 4 * 1440
  const tick = (id: string, when: number): LogEvent => logEvent(id, 'done', formatInstant(when), ['work:kitchen/look'])
  const isDone = (log: readonly LogEvent[]) => lookOf({ ...job, log }, at + 120).done
  const found = [tick('once', at), ...looked(hemsIn(job).slice(0, 1), 2, at + 30)]
  expect(isDone([tick('once', at)])).toBe(true)
  expect(isDone([tick('once', at), ...looked(hemsIn(job), 0, at + 30)])).toBe(true)
  expect(isDone(found)).toBe(false)
  expect(isDone([...found, tick('again', at + 90)])).toBe(true)
})
