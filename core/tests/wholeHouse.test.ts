import { planJob, problemOf } from '../src/answers/chain/planJob'
import type { Crew, Fitting, Job, Opening, PaintStep, Room } from '../src/base/nouns'
import { partsOf } from '../src/survey/exchange/openingsCsv'
import { newElevation, USUAL_FACES } from '../src/survey/rooms/roomTemplate'
import { byPrice } from './early'
import { jobOf } from './oneHem'

/**
 * A two-storey house as a foreman would have it: four fronts of 8 m by 5 m, four windows to a front, taps and lanterns, its
 * trim dry already. Three people, one gun. C15, common practice, no published source: its windows and fittings are masked
 * in about two hours, the gun starts then, both coats and the unmasking follow the same day.
 */
const window = (wall: string, i: number): Opening => ({
  id: `o${i}`,
  name: `window ${i}`,
  kind: 'window',
  wallId: wall,
  atMm: 1200 + 4000 * (i % 2),
  sillMm: i < 2 ? 900 : 3400,
  widthMm: 1100,
  heightMm: 1300,
  casingMm: 70,
  casing: USUAL_FACES.trim,
  ...partsOf('window'),
})
const tap: Fitting = {
  id: 'f1',
  name: 'tap',
  kind: 'tap',
  wallId: 'w1',
  atMm: 500,
  bottomMm: 600,
  widthMm: 80,
  heightMm: 120,
  on: 'wall',
  scope: 'mask',
}
const SPRAYED: PaintStep = {
  id: 's1',
  name: 'Walls',
  targets: ['walls'],
  coatingId: 'slip-siding',
  colour: 'Harbour blue',
  swatch: '#5c7690',
  tool: 'spray',
  coats: 2,
}
const front = (id: string, facingDeg: number): Room => ({
  ...newElevation(id, id, {
    widthMm: 8000,
    eavesMm: 5000,
    ridgeMm: null,
    material: 'render',
    facingDeg,
    lapMm: null,
  }),
  openings: [0, 1, 2, 3].map((i) => window('w1', i)),
  fittings: [tap],
  steps: [SPRAYED],
})
const base = byPrice(jobOf())
const crew: Crew = {
  ...base.crews[0]!,
  people: ['A', 'B', 'C'].map((name) => ({ name, skill: 'practised' })),
  shifts: [{ days: [0, 1, 2, 3, 4, 5, 6], from: '07:00', to: '19:00', breaks: [{ from: '12:00', to: '12:30' }] }],
}
/** Ten days from half past six, warmest in the afternoon. */
const hoursUnder = (cloud: number) =>
  Array.from({ length: 24 * 10 }, (_, i) => ({
    tempC: 19 + 5 * Math.sin(((i - 3) / 24) * 2 * Math.PI),
    rh: 50,
    windMs: 2,
    cloud,
    rainMm: 0,
  }))
const rooms = ['north', 'east', 'south', 'west'].map((id, i) => front(id, 90 * i))
const job: Job = {
  ...base,
  air: { ...base.air, outside: { source: 'file', from: base.start, hours: hoursUnder(0.95) } },
  crews: [crew],
  rooms,
}
const plan = planJob(job)
const times = new Map(plan.placed.map((task) => [task.taskId, task]))
const of = (...kinds: string[]) =>
  plan.tasks.filter((task) => kinds.includes(task.kind)).map((task) => ({ task, at: times.get(task.id)! }))
const first = (list: readonly { at: { from: number } }[]) => Math.min(...list.map(({ at }) => at.from))
const last = (list: readonly { at: { to: number } }[]) => Math.max(...list.map(({ at }) => at.to))

test('C15: windows and fittings are masked in about two hours by three people', () => {
  const masked = of('cover', 'lay')
  const minutes = masked.reduce((sum, { task }) => sum + task.minutes, 0)
  expect(minutes).toBeGreaterThan(90)
  expect(minutes).toBeLessThan(170)
  // One after the other, from the first minute of the day.
  expect(last(masked) - first(masked)).toBeLessThanOrEqual(minutes + 5)
})

test('the whole house is masked before the gun starts; one gun, made ready once and cleaned once', () => {
  const coats = of('coat')
  expect(first(coats)).toBeGreaterThanOrEqual(last(of('lay', 'cover')))
  expect([of('gun-up').length, of('gun-down').length]).toEqual([1, 1])
  expect(first(of('gun-up'))).toBeGreaterThanOrEqual(last(of('lay')))
  expect(first(of('gun-down'))).toBeGreaterThanOrEqual(last(coats))
  const spans = coats.map(({ at }) => at).sort((a, b) => a.from - b.from)
  spans.slice(1).forEach((span, i) => expect(span.from).toBeGreaterThanOrEqual(spans[i]!.to))
})

test('both coats and the unmasking are done the same day; each line is looked at once its paint is touch-dry', () => {
  const day = (at: number) => Math.floor(at / 1440)
  const today = day(first(of('cover')))
  expect(day(last(of('coat')))).toBe(today)
  expect(day(last(of('uncover')))).toBe(today)
  for (const look of of('look')) {
    const coats = of('coat').filter(({ task }) => task.roomId === look.task.roomId)
    // Touch-dry after 45 min at 23 °C, and this is spring.
    expect(look.at.from - last(coats)).toBeGreaterThan(30)
  }
})

test('nothing is missed', () => {
  expect(plan.misses).toEqual([])
})

test('in the sun the gun follows the shade: no front is sprayed while it is too hot', () => {
  const sunny = {
    ...job,
    air: { ...job.air, outside: { source: 'file' as const, from: base.start, hours: hoursUnder(0) } },
  }
  const inSun = planJob(sunny)
  expect(inSun.misses.filter((miss) => miss.kind === 'in-bad-air')).toEqual([])
  const hot = problemOf(sunny).airs.find((rule) => rule.id.includes('south'))?.during ?? []
  expect(hot.length).toBeGreaterThan(3)
  const coats = inSun.placed.filter((task) => /^south\/.*coat/.test(task.taskId))
  expect(coats).toHaveLength(2)
  for (const coat of coats) expect(hot.filter((ban) => ban.from < coat.to && coat.from < ban.to)).toEqual([])
})
