import { ternQuaySurvey } from '../../demo'
import { planJob } from '../src/answers/chain/planJob'
import { forgotten, learnedFrom, mergedRecords, showsMore, takenIn } from '../src/answers/record/learnedFrom'
import { movedMost } from '../src/answers/record/movedMost'
import { recordChanges } from '../src/answers/record/recordChanges'
import { worthLooking, worthKnowing } from '../src/answers/record/worthKnowing'
import { NO_RECORD, type Find, type Job, type LogEvent, type OwnRecord } from '../src/base/nouns'
import { formatInstant, parseInstant } from '../src/base/units/time'
import { foldLog } from '../src/planning/progress/hemStates'
import { early } from './early'
import { logEvent } from './logEvent'

const survey = early(ternQuaySurvey())
const job: Job = { ...survey, rooms: survey.rooms.filter(({ id }) => id === 'practice1' || id === 'kitchen') }
const plan = planJob(job)
const taped = plan.recipes.flatMap((recipe) => (recipe.safe && recipe.tapeId !== null ? [recipe] : []))
const metresOf = (hemId: string) => plan.hems.find(({ id }) => id === hemId)!.lengthMm / 1000
const at = formatInstant(parseInstant(job.start))
const find = (fault: Find['fault'], count: number): Find => ({ fault, size: 'small', count, lengthMm: 0 })
/** Every line looked along, so many times what was expected found, and one place torn a line. */
const looked = (times: number, from = taped): LogEvent[] =>
  from.map(({ hemId, risks }, i) => {
    const bleeds = Math.round(times * risks.bleeds.mean * metresOf(hemId))
    const finds = [...(bleeds > 0 ? [find('run-under', bleeds)] : []), find('torn', 1)]
    return logEvent(`l${i}`, 'inspected', at, [hemId], { bleeds, look: { light: 'lamp-along', awayMm: 600, finds } })
  })
const by = (own: OwnRecord, log: readonly LogEvent[] = []): Job => ({
  ...job,
  id: 'next',
  house: { ...job.house, own },
  log: [...log],
})
const sum = (counts: ReturnType<typeof learnedFrom>, fault: string, of: 'counted' | 'expected' | 'metres') =>
  counts.filter((each) => each.fault === fault).reduce((all, each) => all + each[of], 0)

describe('what a job showed', () => {
  const shown = learnedFrom({ ...job, log: looked(4) }, plan)

  test('is what was found and what was expected, line by line, each in one group', () => {
    expect(sum(shown, 'bleeds', 'metres')).toBeCloseTo(
      taped.reduce((all, { hemId }) => all + metresOf(hemId), 0),
      6,
    )
    expect(sum(shown, 'bleeds', 'expected')).toBeCloseTo(
      taped.reduce((all, { hemId, risks }) => all + risks.bleeds.mean * metresOf(hemId), 0),
      6,
    )
    expect(sum(shown, 'tear', 'counted')).toBe(taped.length)
    expect(sum(shown, 'lift', 'counted')).toBe(0)
  })

  test('only counts of bleeds say nothing of other faults; a line nobody looked along says nothing at all', () => {
    const { hemId } = taped[0]!
    const counted = learnedFrom({ ...job, log: [logEvent('c', 'inspected', at, [hemId], { bleeds: 2 })] }, plan)
    expect(counted.map(({ fault }) => fault)).toEqual(['bleeds'])
    expect(counted[0]!.metres).toBeCloseTo(metresOf(hemId), 6)
    expect(learnedFrom(job, plan)).toEqual([])
  })

  test('a second look after mending teaches nothing more: the wall was found as it was found', () => {
    const [first] = looked(4, [taped.find(({ risks, hemId }) => risks.bleeds.mean * metresOf(hemId) > 0.3)!])
    const { subjects } = first!
    const again: LogEvent[] = [
      first!,
      logEvent('m', 'mended', formatInstant(parseInstant(at) + 5), subjects, {
        mending: { how: 'touched-up', minutes: 3 },
      }),
      logEvent('s', 'inspected', formatInstant(parseInstant(at) + 60), subjects, { bleeds: 0 }),
    ]
    const [once, twice] = [[first!], again].map((log) => learnedFrom({ ...job, log }, plan))
    expect(sum(twice!, 'bleeds', 'counted')).toBe(sum(once!, 'bleeds', 'counted'))
    const state = foldLog(again).hems.get(subjects[0]!)!
    expect([state.bleeds, state.looks, state.mended?.minutes]).toEqual([0, 2, 3])
  })
})

describe('a record', () => {
  const own = takenIn(NO_RECORD, learnedFrom({ ...job, log: looked(6) }, plan))

  test('moves the risks of recipes, and they say from how much', () => {
    const after = planJob(by(own))
    const moved = after.recipes.flatMap((recipe) => (recipe.safe && recipe.own ? [recipe] : []))
    expect(moved.length).toBeGreaterThan(5)
    for (const { own: times, reasons, tapeId } of moved) {
      expect(times!.bleeds).toBeGreaterThan(1)
      if (tapeId) expect(reasons.some(({ code }) => code === 'why.own')).toBe(true)
    }
  })

  test('what is learned again from a job that goes by the record is the same: nothing is learned from itself', () => {
    // The same lines with the same tapes and counts: only the expectation is moved, and put back.
    const log = looked(6)
    const after = planJob(by(own))
    const again = learnedFrom({ ...by(own, log), id: job.id }, after)
    const first = learnedFrom({ ...job, log }, plan)
    const same = (list: typeof first) =>
      new Map(list.map((each) => [[each.fault, each.tapeId, each.texture].join('|'), each]))
    const [was, is] = [same(first), same(again)]
    let compared = 0
    for (const [key, each] of is) {
      const other = was.get(key)
      if (!other || Math.abs(other.metres - each.metres) > 1e-6) continue
      const kept = after.recipes.every(
        (answer) =>
          !answer.safe ||
          answer.tapeId !== each.tapeId ||
          plan.recipes.some(
            (b) => b.safe && b.hemId === answer.hemId && b.seal === answer.seal && b.pressing === answer.pressing,
          ),
      )
      if (!kept) continue
      expect(each.expected).toBeCloseTo(other.expected, 6)
      compared += 1
    }
    expect(compared).toBeGreaterThan(0)
  })

  test('taken in twice counts once; frozen takes nothing in; forgotten is as if it never was', () => {
    const shown = learnedFrom({ ...job, log: looked(6) }, plan)
    expect(takenIn(own, shown)).toEqual(own)
    expect(showsMore(own, shown)).toBe(false)
    expect(showsMore(NO_RECORD, shown)).toBe(true)
    expect(takenIn({ ...NO_RECORD, use: 'frozen' }, shown).counts).toEqual([])
    expect(forgotten(own, job.id).counts).toEqual([])
  })

  test('lines that bleed far more than expected get another recipe, never one over the house limit', () => {
    // Bleeds alone were counted: of lift and tears nothing is learned.
    const log = looked(30).map((event) => ({ ...event, look: null }))
    const bad = takenIn(NO_RECORD, learnedFrom({ ...job, log }, plan))
    const { changes, before, after } = recordChanges(by(NO_RECORD), NO_RECORD, bad)
    expect(changes.length).toBeGreaterThan(0)
    expect(after.totalMinor).toBeGreaterThan(before.totalMinor)
    const recipes = planJob(by(bad)).recipes.flatMap((answer) => (answer.safe ? [answer] : []))
    for (const { hemId } of changes)
      expect(recipes.find((recipe) => recipe.hemId === hemId)?.risks.bleedMm.mean ?? 0).toBeLessThanOrEqual(
        job.house.maxBleedMm + 1e-9,
      )
    expect(recordChanges(by(own), own, own).changes).toEqual([])
  })
})

test('a job under way keeps its recipes: what it showed itself moves the next ones only', () => {
  const own = takenIn(NO_RECORD, learnedFrom({ ...job, log: looked(30) }, plan))
  const same = planJob({ ...by(own), id: job.id })
  expect(same.recipes).toEqual(plan.recipes)
})

test('two records as one hold every job once, and lose none', () => {
  const [a, b] = ['a', 'b'].map((id) => takenIn(NO_RECORD, learnedFrom({ ...job, id, log: looked(2) }, plan)))
  const both = mergedRecords(a!, b!)
  expect(new Set(both.counts.map(({ jobId }) => jobId))).toEqual(new Set(['a', 'b']))
  expect(both.counts).toHaveLength(a!.counts.length + b!.counts.length)
  expect(mergedRecords(both, b!)).toEqual(both)
})

describe('what is worth looking at', () => {
  test('measuring is worth something only where knowing could change a choice, and no more than is mended there', () => {
    // Where the house has no way of its own the cheapest is laid, and knowing could change it.
    const cheapest = { ...job, house: { ...job.house, school: 'least-cost' as const } }
    const least = planJob(cheapest)
    const worth = worthKnowing(cheapest, least, foldLog([]))
    expect(worth.length).toBeGreaterThan(0)
    expect([...worth].sort((a, b) => b.worthMinor - a.worthMinor)).toEqual(worth)
    for (const { worthMinor, aheadM } of worth) {
      expect(worthMinor).toBeGreaterThan(0)
      expect(aheadM).toBeGreaterThan(0)
    }
    // With everything laid nothing is left to choose.
    const laid = plan.hems.map(({ id }, i) => logEvent(`a${i}`, 'laid', at, [id]))
    expect(worthKnowing(cheapest, least, foldLog(laid))).toEqual([])
  })

  test('of lines that are off and not looked along those come first that teach most; looked along they are gone', () => {
    const off = taped.map(({ hemId }, i) => logEvent(`p${i}`, 'pulled', at, [hemId]))
    const list = worthLooking(job, plan, foldLog(off))
    expect(list).toHaveLength(taped.length)
    for (const [i, { teaches }] of list.entries()) if (i > 0) expect(teaches).toBeLessThanOrEqual(list[i - 1]!.teaches)
    expect(worthLooking(job, plan, foldLog([...off, ...looked(1)]))).toEqual([])
  })
})

test('what a record moves most comes first, up or down; one that is off moves nothing', () => {
  const count = (tapeId: string, counted: number) => ({
    jobId: tapeId,
    job: tapeId,
    at,
    fault: 'bleeds' as const,
    tapeId,
    texture: 'smooth' as const,
    laidBy: 'practised' as const,
    metres: 100,
    counted,
    expected: 20,
  })
  const record: OwnRecord = { ...NO_RECORD, counts: [count('same', 20), count('bad', 160), count('good', 1)] }
  const moved = movedMost(record)
  expect(moved.map(({ tapeId }) => tapeId).sort()).toEqual(['bad', 'good', 'same'])
  const far = moved.map(({ factor }) => Math.abs(Math.log(factor.mean)))
  expect(far).toEqual([...far].sort((a, b) => b - a))
  expect(moved.find(({ tapeId }) => tapeId === 'bad')!.factor).toMatchObject({ ofTape: 100, onTexture: 300 })
  expect(moved.find(({ tapeId }) => tapeId === 'bad')!.factor.mean).toBeGreaterThan(4)
  expect(movedMost({ ...record, use: 'off' })).toEqual([])
})
