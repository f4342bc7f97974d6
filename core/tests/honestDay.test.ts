import { door, sash } from '../../demo/parts'
import { planJob, type Plan } from '../src/answers/chain/planJob'
import type { Crew, Job, PaintStep } from '../src/base/nouns'
import { faceAreaMm2 } from '../src/survey/rooms/areas'
import { trimRunMm } from '../src/survey/rooms/trim'
import { newElevation } from '../src/survey/rooms/roomTemplate'
import { byPrice } from './early'
import { CEILING, jobOf, PLAIN_ROOM, TRIM, WALLS } from './oneHem'

/**
 * A plain room by one practised painter: 4.2 m by 3.5 m, a door and a window, ceiling, trim and walls twice each. Rates
 * from memory; the sum is common practice, no published source.
 */
const people = (count: number): Crew => ({
  ...jobOf().crews[0]!,
  people: Array.from({ length: count }, (_, i) => ({ name: `P${i}`, skill: 'practised' })),
})
const room = {
  openings: [door('o1', 'w1', 400), sash({ id: 'o2', wallId: 'w3', atMm: 1200, widthMm: 1200 })],
  steps: [CEILING, TRIM, WALLS],
}
const job: Job = { ...byPrice(jobOf({ room })), crews: [people(1)] }
const plan = planJob(job)
const minutes = (of: Plan, ok: (task: Plan['tasks'][number]) => boolean) =>
  of.tasks.filter(ok).reduce((sum, task) => sum + task.minutes, 0)
const parts = (of: Plan, stepId: string, ...names: string[]) =>
  of.tasks
    .filter((task) => task.stepId === stepId)
    .flatMap((task) => task.work)
    .reduce((sum, part) => sum + (names.includes(part.part) ? part.minutes : 0), 0)

describe('a plain room', () => {
  const [own] = job.rooms
  test('is nine to twelve hours of one person', () => {
    const hours = minutes(plan, () => true) / 60
    expect(hours).toBeGreaterThan(9)
    expect(hours).toBeLessThan(12)
  })
  // By hand: ceiling 4 min/m², walls 3 min/m², twice; skirting and casings 3 min/m of run, twice.
  test('its fields take their rates, however the rounds are cut', () => {
    const m2 = (key: string) => faceAreaMm2(own!, key) / 1e6
    expect(parts(plan, CEILING.id, 'field')).toBeCloseTo(2 * 4 * m2('ceiling'), 6)
    const walls = own!.walls.reduce((sum, wall) => sum + m2(`wall:${wall.id}`), 0)
    expect(parts(plan, WALLS.id, 'field')).toBeCloseTo(2 * 3 * walls, 6)
    const runs = ['skirting', 'casing:o1', 'casing:o2'].reduce((sum, key) => sum + trimRunMm(own!, key)! / 1000, 0)
    expect(parts(plan, TRIM.id, 'field')).toBeCloseTo(2 * 3 * runs, 6)
  })
  test('tape goes on at 1 to 1.5 min a metre, pressing besides', () => {
    const metres = plan.hems.filter((hem) => hem.stepId === WALLS.id).reduce((sum, hem) => sum + hem.lengthMm, 0) / 1000
    const perM = parts(plan, WALLS.id, 'lay') / metres
    expect(perM).toBeGreaterThanOrEqual(1)
    expect(perM).toBeLessThan(1.5)
  })
  test('every round fits its window, and nothing is missed', () => {
    for (const round of plan.rounds)
      if (round.wetWindowMin !== null)
        expect([round.id, round.wetNeedMin <= round.wetWindowMin]).toEqual([round.id, true])
    expect(plan.misses).toEqual([])
  })
  test('the tape of a wall is laid before that wall is coated, and each field follows its pull', () => {
    const at = new Map(plan.placed.map((task) => [task.taskId, task]))
    const of = (kind: string) =>
      plan.tasks.filter((task) => task.stepId === WALLS.id && task.kind === kind).map((task) => at.get(task.id)!)
    const lays = plan.tasks.filter((task) => task.stepId === WALLS.id && task.kind === 'lay')
    expect(lays.length).toBeGreaterThan(1)
    for (const lay of lays) {
      const coat = plan.tasks.find((task) => task.roundId === lay.roundId && task.kind === 'coat' && task.coat === 1)!
      expect(at.get(lay.id)!.to).toBeLessThanOrEqual(at.get(coat.id)!.from)
    }
    for (const field of of('roll')) expect(of('pull').some((pull) => pull.to === field.from)).toBe(true)
  })
})

// By hand: two people share all but the gun and the rounding: 9 to 12 h become half, give or take a minute a task.
test('two people take half as long', () => {
  const pair = planJob({ ...job, crews: [people(2)] })
  const ratio = minutes(pair, () => true) / minutes(plan, () => true)
  expect(ratio).toBeGreaterThan(0.49)
  expect(ratio).toBeLessThan(0.55)
})

test('two crews with one gun on the van spray two fronts one after the other', () => {
  const front = (id: string) => ({
    ...newElevation(id, id, {
      widthMm: 9000,
      eavesMm: 5200,
      ridgeMm: null,
      material: 'render',
      facingDeg: 180,
      lapMm: null,
    }),
    crewId: id,
  })
  const sprayed: PaintStep = { ...WALLS, tool: 'spray', coats: 2 }
  const crews = ['a', 'b'].map((id) => ({ ...people(2), id, name: id }))
  const fronts = ['a', 'b'].map((id) => ({ ...front(id), steps: [sprayed] }))
  const both = planJob({ ...jobOf(), crews, rooms: fronts })
  const coats = both.tasks.filter((task) => task.kind === 'coat').map((task) => task.id)
  const spans = both.placed.filter((task) => coats.includes(task.taskId)).sort((a, b) => a.from - b.from)
  expect(spans).toHaveLength(4)
  spans.slice(1).forEach((span, i) => expect(span.from).toBeGreaterThanOrEqual(spans[i]!.to))
  expect(both.misses.filter((miss) => miss.kind === 'resource-twice')).toEqual([])
})

test('a pair of glazed doors is brushed along its bars, not over its glass', () => {
  const doors = door('o1', 'w1', 800, {
    kind: 'glazed-doors',
    widthMm: 1600,
    glazing: { leaves: 2, wide: 3, high: 5, sides: 2, barMm: 25, textured: false },
  })
  const glazed = { ...PLAIN_ROOM, openings: [doors] }
  const bars = trimRunMm(glazed, 'leaf:o1')! / 1000
  // 60 panes of about 250 by 390 mm: 1.28 m of edge each, half of it a bar's: 38 m, about two hours a coat.
  expect(bars).toBeGreaterThan(33)
  expect(bars).toBeLessThan(43)
  const steps: PaintStep[] = [{ ...TRIM, targets: ['leaves'], coats: 1 }]
  const alone = planJob(jobOf({ room: { ...glazed, steps }, house: { liquidOnPanes: false } }))
  expect(parts(alone, TRIM.id, 'field')).toBeCloseTo(3 * bars, 6)
  // A taped pane takes two to three minutes.
  const perPane = parts(alone, TRIM.id, 'lay', 'press') / 60
  expect(perPane).toBeGreaterThan(2)
  expect(perPane).toBeLessThan(3)
})
