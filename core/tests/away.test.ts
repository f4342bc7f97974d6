import { ternQuay, ternQuaySurvey } from '../../demo'
import { evening } from '../src/answers/why/evening'
import type { Job } from '../src/base/nouns'
import { foldLog } from '../src/planning/progress/hemStates'
import { missingOn, staffedOn } from '../src/nature/calendar/whoIsThere'
import { planJob } from '../src/answers/chain/planJob'
import { formatInstant, fromLocal, parseInstant, toLocal } from '../src/base/units/time'
import { sayText } from '../src/edge/words'
import { factsFaults } from '../src/edge/wire'
import { early } from './early'

/** One painter is away for a day: the others go on, slower, and the plan says so. */
const survey = early(ternQuaySurvey())
const start = parseInstant(survey.start)
const { day } = toLocal(start, survey.site.zone)
const at = (n: number) => formatInstant(fromLocal(day + n, 0, survey.site.zone))
const pair = survey.crews.find(({ people }) => people.length === 2)!
const [first, second] = pair.people
const ill = (names: readonly string[], from: number, to: number) => ({
  ...survey,
  planning: {
    ...survey.planning,
    away: names.map((person) => ({ crewId: pair.id, person, from: at(from), to: at(to), why: 'ill' })),
  },
})

test('a pair of whom one is ill is one painter that day, and both again on the next', () => {
  const job = ill([first!.name], 0, 1)
  const { log: _log, published: _published, ...facts } = job
  expect(factsFaults(facts)).toEqual([])
  const of = (when: number) => staffedOn(job, when).crews.find(({ id }) => id === pair.id)!.people
  expect(of(start)).toEqual([second])
  expect(of(start + 1440)).toEqual(pair.people)
  expect(missingOn(job, start)).toMatchObject([{ person: first!.name, why: 'ill' }])
  expect(missingOn(job, start + 1440)).toEqual([])
})

test('the work of that day takes the one who is there longer, nobody else is touched, and it is told', () => {
  const [whole, short] = [planJob(survey), planJob(ill([first!.name], 0, 1))]
  const minutes = (plan: typeof whole, crewId: string) =>
    plan.tasks.filter((task) => task.crewId === crewId).reduce((sum, task) => sum + task.minutes, 0)
  expect(minutes(short, pair.id)).toBeGreaterThan(1.5 * minutes(whole, pair.id))
  for (const { id } of survey.crews.filter((crew) => crew.id !== pair.id))
    expect(minutes(short, id)).toBe(minutes(whole, id))
  expect(short.problems.map(sayText).join(' ')).toContain(`${first!.name} is away`)
  // Somebody of the crew is at work that morning.
  expect(short.placed.some((task) => task.crewId === pair.id && toLocal(task.from, survey.site.zone).day === day)).toBe(
    true,
  )
})

test('where nobody of a crew is left it does nothing until the first is back', () => {
  const plan = planJob(ill([first!.name, second!.name], 0, 2))
  const tasks = plan.placed.filter((task) => task.crewId === pair.id)
  expect(tasks.length).toBeGreaterThan(0)
  expect(Math.min(...tasks.map((task) => toLocal(task.from, survey.site.zone).day))).toBeGreaterThanOrEqual(day + 2)
})

test('tape that is on comes off in the rounds it was laid in, whoever is ill, and the close of the day names it', () => {
  const job = ternQuay()
  const now = parseInstant('2027-05-12T14:30:00Z')
  const away = [{ crewId: pair.id, person: first!.name, from: formatInstant(now), to: at(3), why: 'ill' }]
  const short: Job = { ...job, planning: { ...job.planning, away } }
  const log = foldLog(job.log)
  const taped = (of: Job) =>
    planJob(of, now)
      .rounds.filter(({ hemIds }) => hemIds.some((id) => log.hems.get(id)?.laidAt && !log.hems.get(id)?.pulledAt))
      .map(({ id }) => id)
  expect(taped(job).length).toBeGreaterThan(5)
  expect(taped(short)).toEqual(taped(job))
  const [whole, ofShort] = [evening(job, now), evening(short, now)]
  expect(whole.mustBeOff.length).toBeGreaterThan(0)
  expect(ofShort.mustBeOff.length).toBe(whole.mustBeOff.length)
  expect(ofShort.stays.length).toBe(whole.stays.length)
})
