import { ternQuay, ternQuaySurvey } from '../../demo'
import { planJob } from '../src/answers/chain/planJob'
import { vanPlanOf } from '../src/answers/chain/vanPlanOf'
import { UNSAID, type Job, type LogEvent } from '../src/base/nouns'
import { cutsDone, panelsCut } from '../src/planning/progress/cuts'
import { parseInstant } from '../src/base/units/time'
import { sharedShortages } from '../src/answers/van/sharedVan'
import { lotsOf, takenFirst } from '../src/answers/van/lots'
import { compareWays } from '../src/answers/ways/compareWays'
import { amountEvent } from './logEvent'
import { early } from './early'

/** What several jobs, several ages and several devices make of one van. Trade facts: common practice, no published source. */
const demo = ternQuay()
// Nothing of the very minute: what is counted then has been laid before.
const job = { ...demo, log: demo.log.filter(({ at }) => at < '2027-05-12T13:15:00Z') }
const now = parseInstant('2027-05-12T13:22:00Z')
const vanWith = (...more: LogEvent[]) => {
  const next = { ...job, log: [...job.log, ...more] }
  return vanPlanOf(next, planJob(next, now))
}

describe('old stock first', () => {
  const key = 'sealant:plover-clear'
  const tubes = (id: string, kind: LogEvent['kind'], amount: number, at: string) =>
    amountEvent(id, kind, [`stock:${key}`], amount, at)
  const first = tubes('e1', 'received', 4, '2027-03-01T08:00:00Z')
  const then = tubes('e2', 'received', 6, '2027-05-12T08:00:00Z')
  const lots = (...log: LogEvent[]) => lotsOf({ ...job, log }, new Map(), new Map())
  const amounts = (...events: LogEvent[]) =>
    lots(...events)
      .get(key)!
      .map((lot) => lot.amount)

  test('what is counted away goes off the oldest, what goes back off the newest, by hand', () => {
    expect(amounts(first, then)).toEqual([4, 6])
    expect(amounts(first, then, tubes('e3', 'counted', 7, '2027-05-12T09:00:00Z'))).toEqual([1, 6])
    expect(amounts(first, then, tubes('e3', 'returned', 2, '2027-05-12T09:00:00Z'))).toEqual([4, 4])
    expect(amounts(first, then, tubes('e3', 'counted', 12, '2027-05-12T09:00:00Z'))).toEqual([2, 4, 6])
  })
  test('the first to take is named by its day, with a warning once it is over a year old', () => {
    expect(takenFirst(key, lots(first), now)).toBeNull()
    expect(takenFirst(key, lots(first, then), now)).toMatchObject({ at: parseInstant(first.at), isOld: false })
    expect(takenFirst(key, lots(first, then), now + 400 * 1440)).toMatchObject({ isOld: true })
    // A cloth does not age.
    const cloth = (id: string, at: string) => amountEvent(id, 'received', ['stock:cover:hessian-field'], 3, at)
    const cloths = lots(cloth('c1', '2027-03-01T08:00:00Z'), cloth('c2', '2027-04-01T08:00:00Z'))
    expect(takenFirst('cover:hessian-field', cloths, now + 900 * 1440)?.isOld).toBe(false)
  })
})

describe('two jobs and one van', () => {
  const item = vanWith()
    .lists.flatMap(({ items }) => items)
    .find(({ key }) => key.startsWith('tape:'))!
  const there = 10_000_000
  const alone = vanWith(amountEvent('k', 'counted', [`stock:${item.key}`], there, '2027-05-12T13:20:00Z'))
  const used = alone.lists.flatMap(({ items }) => items)
  const needed = used.filter(({ key }) => key === item.key).reduce((sum, { amount }) => sum + amount, 0)
  const last = Math.max(...alone.lists.map(({ day }) => day))

  test('what each has enough of by itself is short where both want it, from the day it runs out', () => {
    const other = { job: 'Heron House', day: last + 1, items: [{ ...item, amount: there }] }
    const [short, ...more] = sharedShortages(alone, [other])
    expect(more).toEqual([])
    expect(short).toMatchObject({ day: last + 1, jobs: ['Heron House'] })
    expect(short!.item.key).toBe(item.key)
    expect(short!.missing).toBeCloseTo(needed, 6)
  })
  test('nothing is told where it lasts for both, nor what this job is short of anyhow', () => {
    expect(sharedShortages(alone, [{ job: 'B', day: last, items: [{ ...item, amount: there - needed - 1 }] }])).toEqual(
      [],
    )
    const short = alone.shortages.find((shortage) => shortage.item.unit === 'mm')!
    expect(sharedShortages(alone, [{ job: 'B', day: last, items: [{ ...short.item, amount: 1e6 }] }])).toEqual([])
  })
  test('cloths come back in the evening: on different days they do for both', () => {
    const survey: Job = { ...early(ternQuaySurvey()), log: [], published: null }
    const alone = vanPlanOf(survey, planJob(survey))
    const last = Math.max(...alone.lists.map(({ day }) => day))
    const isShort = (key: string) => alone.shortages.some((short) => short.item.key === key)
    const cloth = alone.lists
      .flatMap(({ items }) => items)
      .find((each) => each.unit === 'pieces' && each.key.startsWith('cover:') && !isShort(each.key))!
    const all = alone.stock.get(cloth.key) ?? 0
    const on = (day: number) => sharedShortages(alone, [{ job: 'B', day, items: [{ ...cloth, amount: all }] }])
    expect(on(last + 3)).toEqual([])
    const busy = alone.lists.find(({ items }) => items.some(({ key }) => key === cloth.key))!.day
    expect(on(busy).map((shortage) => shortage.item.key)).toContain(cloth.key)
  })
})

describe('lengths that are cut', () => {
  const cut = (id: string, roomId: string, lengthMm: number) =>
    amountEvent(id, 'cut', ['stock:cover:skein-drop', `room:${roomId}`], lengthMm, '2027-05-12T08:00:00Z')
  const panel = (roomId: string, lengthMm: number) => ({ coverId: 'skein-drop', roomId, lengthMm })

  test('are known again in a plan made anew, alike ones one by one', () => {
    const done = cutsDone([cut('a', 'kitchen', 2400), cut('b', 'store', 1800)])
    const plan = [panel('store', 1800), panel('kitchen', 2400), panel('kitchen', 2400), panel('store', 1810)]
    expect(panelsCut(plan, done)).toEqual(['b', 'a', null, null])
  })
  test('are taken back like any tick, and change no state of a hem nor the stock', () => {
    const a = cut('a', 'kitchen', 2400)
    const back: LogEvent = { ...UNSAID, id: 'u', kind: 'undone', at: a.at, subjects: [], undoes: 'a' }
    expect(cutsDone([a, back])).toEqual([])
    expect(vanWith(a).stock).toEqual(vanWith().stock)
    expect(planJob({ ...job, log: [...job.log, a] }, now).placed).toEqual(planJob(job, now).placed)
  })
})

describe('one thing compared by itself', () => {
  const survey: Job = { ...early(ternQuaySurvey()), log: [], published: null }
  const room = survey.rooms.find((each) => each.id === 'practice1')!
  const scope = { roomId: room.id, stepId: null, thingId: room.openings[0]!.id }
  const ways = compareWays(survey, scope)
  const of = (way: string) => ways.find((outcome) => outcome.way === way)!

  test('a window takes its own edges: less than its room, and more by tape than by none', () => {
    const whole = compareWays(survey, { ...scope, thingId: null })
    expect(of('tape-and-brush').tapeMm).toBeGreaterThan(0)
    expect(of('tape-and-brush').tapeMm).toBeLessThan(whole.find(({ way }) => way === 'tape-and-brush')!.tapeMm)
    expect(of('by-hand').tapeMm).toBeLessThanOrEqual(of('tape-and-brush').tapeMm)
    for (const outcome of ways) expect(outcome.endsAt).toBeNull()
  })
  test('its parts add up in every way', () => {
    for (const outcome of ways) {
      const parts =
        outcome.wagesMinor +
        outcome.coversMinor +
        outcome.tapeMinor +
        outcome.sealsMinor +
        outcome.paintMinor +
        outcome.mendingMinor
      expect(outcome.totalMinor).toBe(parts)
    }
  })
})
