import { DEFAULT_PARAMETERS, type Parameters } from '../../base/parameters/parameters'
import { STARTER_SHELF } from '../../survey/shelf/starterShelf'
import { seededNumbers } from '../../base/units/seeded'
import type { EdgeSetup } from './bleed'
import { bleedSize } from './bleedSize'
import { drawn, drawnParameters, withDoubt } from './drawn'
import { SPREAD_OF } from './spreadOf'
import { liftPerMetre } from './lift'
import { averageOver } from './normal'

test('every figure is drawn by its own spread, what is published hardly, and shares stay shares', () => {
  const many = drawn(DEFAULT_PARAMETERS, 2000, 7)
  const spreadOf = (of: (by: Parameters) => number) => {
    const logs = many.map((by) => Math.log(of(by)))
    const mean = logs.reduce((sum, each) => sum + each, 0) / logs.length
    return Math.sqrt(logs.reduce((sum, each) => sum + (each - mean) ** 2, 0) / logs.length)
  }
  expect(spreadOf((by) => by.bleed.visibleMm.value)).toBeCloseTo(SPREAD_OF['from-memory'], 2)
  expect(spreadOf((by) => by.lift.fullN25.value)).toBeCloseTo(SPREAD_OF['common-practice'], 2)
  for (const by of many) {
    expect(by.bleed.contactCos.value).toBeLessThan(1)
    expect(by.tear.tacky.value).toBeLessThan(1)
    expect(by.bleed.strokePa.spray.value).toBe(0)
  }
})

test('a figure of one’s own log has its own spread', () => {
  const own = { ...DEFAULT_PARAMETERS.bleed.visibleMm, mark: 'own-log' as const, spread: 0.05 }
  const by = { ...DEFAULT_PARAMETERS, bleed: { ...DEFAULT_PARAMETERS.bleed, visibleMm: own } }
  const logs = drawn(by, 1000, 3).map((each) => Math.log(each.bleed.visibleMm.value / own.value))
  expect(Math.sqrt(logs.reduce((sum, each) => sum + each * each, 0) / logs.length)).toBeCloseTo(0.05, 2)
})

test('the same figures give the same draws', () => {
  expect(drawnParameters(DEFAULT_PARAMETERS)).toBe(drawnParameters(DEFAULT_PARAMETERS))
  expect(drawn(DEFAULT_PARAMETERS, 5, 1)).toEqual(drawn(DEFAULT_PARAMETERS, 5, 1))
})

// Truths that nobody saw, drawn by themselves: nine of ten of what they come to lie in what is told.
test('what is told holds nine of ten of what happens, for any edge of the shelf and any finish', () => {
  const random = seededNumbers(11)
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!
  const truths = drawn(DEFAULT_PARAMETERS, 400, 99)
  let [told, held, lifts, kept] = [0, 0, 0, 0]
  for (let i = 0; i < 40; i++) {
    const tape = pick(STARTER_SHELF.tapes)
    const edge: EdgeSetup = {
      texture: pick(['smooth', 'stipple', 'light-spray', 'medium-spray', 'heavy-spray'] as const),
      dusty: random() < 0.2,
      edge: tape.edge,
      backing: tape.backing,
      gripN25: tape.gripN25,
      pressing: pick(['none', 'thumb', 'tool'] as const),
      seal: pick(['none', 'none', 'own-colour', 'wiped-sealant'] as const),
      stroke: pick(['toward-tape', 'along', 'outward', 'roller'] as const),
      coating: pick(STARTER_SHELF.coatings),
    }
    const finish = { soundness: 'sound', tool: 'roller', ageRefMin: 1440 * pick([1, 3, 10, 40]) } as const
    const bleed = (by: Parameters) => bleedSize(edge, by).lengthMm.mean
    const lift = (by: Parameters) => liftPerMetre(tape.gripN25, finish, by).mean
    const [bleeds, lifted] = [withDoubt(DEFAULT_PARAMETERS, bleed), withDoubt(DEFAULT_PARAMETERS, lift)]
    for (let k = 0; k < 25; k++) {
      const truth = pick(truths)
      told++
      held += Number(bleed(truth) >= bleeds.low - 1e-12 && bleed(truth) <= bleeds.high + 1e-12)
      lifts++
      kept += Number(lift(truth) >= lifted.low && lift(truth) <= lifted.high)
    }
  }
  for (const share of [held / told, kept / lifts]) {
    expect(share).toBeGreaterThan(0.85)
    expect(share).toBeLessThan(0.95)
  }
})

test('an interval holds what is expected, and knowing all of it better makes it narrower', () => {
  const of = (by: Parameters) => liftPerMetre(3.4, { soundness: 'sound', tool: 'roller', ageRefMin: 3 * 1440 }, by).mean
  const told = withDoubt(DEFAULT_PARAMETERS, of)
  expect(told.low).toBeLessThanOrEqual(told.mean)
  expect(told.high).toBeGreaterThanOrEqual(told.mean)
  const { lift } = DEFAULT_PARAMETERS
  const sure = Object.fromEntries(
    Object.entries(lift).map(([name, one]) => [name, 'mark' in one ? { ...one, spread: 0.01 } : one]),
  ) as unknown as typeof lift
  const better = withDoubt({ ...DEFAULT_PARAMETERS, lift: sure }, of)
  expect(better.high - better.low).toBeLessThan(0.8 * (told.high - told.low))
})

// The quick span that recipes are chosen by, against the drawing of all figures it stands for.
test('what lift costs on average by three points is near what it is by all draws', () => {
  for (const grip of [2.5, 4, 6.5])
    for (const days of [1, 3, 10, Number.POSITIVE_INFINITY]) {
      const finish = { soundness: 'sound', tool: 'roller', ageRefMin: 1440 * days } as const
      const quick = averageOver(liftPerMetre(grip, finish, DEFAULT_PARAMETERS), (chance) => chance)
      const draws = drawnParameters(DEFAULT_PARAMETERS)
      const all = draws.reduce((sum, by) => sum + liftPerMetre(grip, finish, by).mean, 0) / draws.length
      expect(quick).toBeGreaterThan(all / 3)
      expect(quick).toBeLessThan(1.5 * all)
    }
})
