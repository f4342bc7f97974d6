import { ternQuaySurvey } from '../../demo'
import { planJob } from '../src/answers/chain/planJob'
import { proveFaces, provenBy } from '../src/answers/record/proveFaces'
import { recordCharts } from '../src/answers/record/recordCharts'
import type { Job, LogEvent, OwnCount, Room } from '../src/base/nouns'
import { formatInstant, parseInstant } from '../src/base/units/time'
import { jobRecipes } from '../src/masking/recipes/jobRecipes'
import { early } from './early'
import { logEvent } from './logEvent'

const survey = early(ternQuaySurvey())
const job: Job = { ...survey, rooms: survey.rooms.filter(({ id }) => id === 'practice1' || id === 'kitchen') }
const unsafeIn = (of: Job) => jobRecipes(of).flatMap((answer) => (answer.safe ? [] : [answer.hemId]))
const withRoom = (change: (room: Room) => Room): Job => ({
  ...job,
  rooms: job.rooms.map((room) => (room.id === 'practice1' ? change(room) : room)),
})

describe('a face nobody trusts', () => {
  const doubtful = withRoom((room) => ({ ...room, ceiling: { ...room.ceiling, soundness: 'chalky' } }))
  const [first, ...others] = proveFaces(doubtful)

  test('is proposed for a test: its lines have nothing safe, and would have if it proved sound', () => {
    expect(first).toMatchObject({ roomId: 'practice1', face: 'ceiling' })
    expect(others).toEqual([])
    const unsafe = unsafeIn(doubtful)
    expect(first!.hemIds.every((id) => unsafe.includes(id))).toBe(true)
    expect(first!.metres).toBeGreaterThan(5)
    expect(first!.tapeId).not.toBeNull()
    expect(first!.hours).toBeGreaterThan(0)
  })

  test('a good outcome gives them recipes, paint that comes off none', () => {
    const after = (outcome: Parameters<typeof provenBy>[2]) =>
      unsafeIn({ ...doubtful, rooms: doubtful.rooms.map((room) => provenBy(room, 'ceiling', outcome)) })
        // The other room's own lines are not asked about.
        .filter((id) => first!.hemIds.includes(id))
    expect(after({ iso: 0 })).toEqual([])
    expect(after('clean')).toEqual([])
    expect(after('came-off').length).toBe(first!.hemIds.length)
    expect(provenBy(doubtful.rooms[0]!, 'ceiling', 'clean').ceiling.crossCut).toBe(1)
  })

  test('where everything has a recipe nothing is proposed', () => {
    expect(unsafeIn(job)).toEqual([])
    expect(proveFaces(job)).toEqual([])
  })
})

describe('charts of a house', () => {
  const plan = planJob(job)
  const own = (i: number, counted: number): OwnCount => ({
    jobId: `j${i}`,
    job: `Job ${i}`,
    at: `2025-${String(i + 1).padStart(2, '0')}-01T10:00:00Z`,
    fault: 'bleeds',
    tapeId: i % 2 ? 'odd' : 'even',
    texture: 'smooth',
    laidBy: 'practised',
    metres: 20,
    counted,
    expected: 4,
  })
  const counts = [4, 3, 5, 4, 4, 16, 3, 5].map((n, i) => own(i, n))
  const house = { ...job.house, own: { ...job.house.own, counts } }

  test('a point for each job of the record, in the order of time; the job where something went wrong is told', () => {
    const [all] = recordCharts({ ...job, house }, plan)
    expect(all).toMatchObject({ of: 'all', key: '' })
    expect(all!.points.map(({ name }) => name)).toEqual(counts.map((each) => each.job))
    expect(all!.middle).toBeCloseTo(44 / 32, 9)
    expect(all!.points.flatMap(({ name, signals }) => (signals.length > 0 ? [name] : []))).toEqual(['Job 5'])
    expect(all!.falseAlarm).toBeGreaterThan(0)
    expect(all!.falseAlarm).toBeLessThan(0.3)
  })

  test('by tape only where there are points enough; the record does not know crews', () => {
    const charts = recordCharts({ ...job, house }, plan)
    expect(charts.map(({ of, key }) => `${of} ${key}`)).toEqual(['all ', 'tape even', 'tape odd', 'texture smooth'])
    expect(recordCharts(job, plan)).toEqual([])
  })

  test('rooms of the job at hand are points of their own, and what the record holds of it is not told twice', () => {
    const at = formatInstant(parseInstant(job.start))
    const log: LogEvent[] = plan.recipes.flatMap((recipe, i) =>
      recipe.safe && recipe.tapeId !== null ? [logEvent(`l${i}`, 'inspected', at, [recipe.hemId], { bleeds: 1 })] : [],
    )
    const more = { ...house, own: { ...house.own, counts: [...counts, { ...own(9, 40), jobId: job.id }] } }
    const [all] = recordCharts({ ...job, house: more, log }, plan)
    expect(all!.points.map(({ name }) => name).slice(-2)).toEqual(job.rooms.map(({ name }) => name))
    expect(all!.points).toHaveLength(counts.length + job.rooms.length)
  })
})
