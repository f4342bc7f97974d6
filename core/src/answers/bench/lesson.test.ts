import { gullRow } from '../../../../demo'
import { lessonCost, lessonWall, scoreOrder, scoreWall, type WallLesson } from './lesson'

const { shelf, house } = gullRow()
const AT = 30_000_000
const wall = (more: Partial<WallLesson>): WallLesson => ({
  kind: 'wall',
  id: 'w',
  level: 'straight',
  title: 'Wall',
  tells: '',
  pass: 80,
  wall: { texture: 'smooth', ageDays: 1, tapeId: 'teasel-day' },
  free: ['tapeId'],
  ...more,
})
const score = (lesson: WallLesson, more: object = {}) =>
  scoreWall(lesson, { ...lessonWall(lesson, shelf, AT), ...more }, shelf, house)

test('cost of a metre by hand: its parts are its whole, and dearer faults cost more', () => {
  const setup = lessonWall(wall({}), shelf, AT)
  const { total, ...parts } = lessonCost(setup, shelf, house)
  expect(Object.values(parts).reduce((a, b) => a + b, 0)).toBeCloseTo(total, 9)
  const dear = lessonCost(setup, shelf, { ...house, mendLiftMinor: 2 * house.mendLiftMinor })
  expect(dear.lift).toBeCloseTo(2 * parts.lift, 9)
  // 1 roll of 50 m at its price, 5 % waste or what the house says.
  const tape = shelf.tapes.find(({ id }) => id === setup.tapeId)!
  const cheapest = Math.min(...tape.rolls.map(({ priceMinor }) => priceMinor))
  expect(parts.tape).toBeCloseTo((cheapest / (tape.rollLengthMm / 1000)) * (1 + house.wastePct / 100), 9)
})

test('the best choice scores 100, and no other scores more', () => {
  const lesson = wall({ wall: { texture: 'smooth', ageDays: 0.5 } })
  const { bestSetup } = score(lesson)
  expect(score(lesson, { tapeId: bestSetup.tapeId }).score).toBe(100)
  for (const { id } of shelf.tapes) expect(score(lesson, { tapeId: id }).score).toBeLessThanOrEqual(100)
})

test('young paint: a strong tape scores less than a gentle one, and the hint is the tape', () => {
  const lesson = wall({ wall: { texture: 'smooth', ageDays: 0.5, pressing: 'tool' }, free: ['tapeId', 'pressing'] })
  const [strong, gentle] = ['rockrose-out', 'sedge-whisper'].map((tapeId) => score(lesson, { tapeId }))
  expect(gentle!.score).toBeGreaterThan(strong!.score)
  expect(strong!.hint?.choice).toBe('tapeId')
})

test('stipple: without a seal it bleeds, and the hint is the seal', () => {
  const lesson = wall({
    wall: { texture: 'stipple', ageDays: 14, tapeId: 'marram-general', seal: 'none' },
    free: ['seal', 'pressing'],
  })
  const open = score(lesson)
  expect(open.hint?.choice).toBe('seal')
  const sealed = score(lesson, { seal: open.bestSetup.seal })
  expect(sealed.score).toBeGreaterThan(open.score + 20)
})

test('a pull by hand: while it is wet scores best, in the tacky hour worst', () => {
  const lesson = wall({ wall: { texture: 'smooth', ageDays: 14, tapeId: 'marram-general' }, free: ['pullAfterMin'] })
  const scores = [0, 10, 60].map((pullAfterMin) => score(lesson, { pullAfterMin }).score)
  expect(scores[1]).toBeGreaterThan(scores[2]!)
  // While the edge still runs it is too soon.
  expect(scores[1]).toBeGreaterThan(scores[0]!)
})

test('an order: the share of rules that are kept, and why the others are not', () => {
  const rules = [
    { before: 0, after: 1, why: 'a' },
    { before: 1, after: 2, why: 'b' },
    { before: 0, after: 2, why: 'c' },
  ]
  expect(scoreOrder({ rules }, [0, 1, 2])).toEqual({ score: 100, broken: [] })
  expect(scoreOrder({ rules }, [0, 2, 1])).toEqual({ score: 67, broken: [rules[1]] })
  expect(scoreOrder({ rules }, [2, 1, 0]).score).toBe(0)
})

test('a tape that this house does not have gives way to one it has', () => {
  const setup = lessonWall(wall({ wall: { tapeId: 'gone' } }), shelf, AT)
  expect(shelf.tapes.map(({ id }) => id)).toContain(setup.tapeId)
})
