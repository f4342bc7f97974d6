import { DEFAULT_PARAMETERS } from '../../base/parameters/parameters'
import fc from 'fast-check'
import { holdN25, liftPerMetre, pullFactor, safeAgeRefMin, type KeepFinish } from './lift'

const DAY = 1440
const LIMIT = 0.02
const rolled = (days: number): KeepFinish => ({ soundness: 'sound', tool: 'roller', ageRefMin: days * DAY })
const sprayed = (days: number): KeepFinish => ({ ...rolled(days), tool: 'spray' })
const DELICATE = 2 // 0.8 N per 10 mm
const MID = 2.8
const GENERAL = 3.4
const OUTDOOR = 7.5
const FLOOR = 9.25 // 3.7 N per 10 mm

const isSafe = (grip: number, finish: KeepFinish) => liftPerMetre(grip, finish, DEFAULT_PARAMETERS).mean <= LIMIT

describe('common practice, no published source', () => {
  test('C3: 0.8 N per 10 mm suits yesterday’s paint; 3.7 suits hard floors and tile, not paint', () => {
    expect(isSafe(DELICATE, rolled(1))).toBe(true)
    expect(isSafe(FLOOR, { soundness: 'unpainted-hard', tool: null, ageRefMin: Infinity })).toBe(true)
    expect(isSafe(FLOOR, rolled(7))).toBe(false)
  })
  test('C20: low-tack is safe the morning after, not the same afternoon', () => {
    expect(isSafe(DELICATE, rolled(14 / 24))).toBe(true)
    expect(isSafe(DELICATE, rolled(4 / 24))).toBe(false)
  })
  test('C4: outdoor grip wants about 30 days on a rolled coat; a sprayed thin one takes mid grip next day', () => {
    const cured = safeAgeRefMin(OUTDOOR, rolled(0), LIMIT, DEFAULT_PARAMETERS)! / DAY
    expect(cured).toBeGreaterThan(14)
    expect(cured).toBeLessThan(35)
    expect(isSafe(MID, sprayed(1))).toBe(true)
    expect(isSafe(MID, rolled(1))).toBe(false)
  })
  test('general grip wants days', () => {
    const days = safeAgeRefMin(GENERAL, rolled(0), LIMIT, DEFAULT_PARAMETERS)! / DAY
    expect(days).toBeGreaterThan(1)
    expect(days).toBeLessThan(7)
  })
  test('unknown history leaves only delicate tape; chalk leaves none', () => {
    const unknown: KeepFinish = { soundness: 'sound', tool: null, ageRefMin: null }
    expect(isSafe(DELICATE, unknown)).toBe(true)
    expect(isSafe(GENERAL, unknown)).toBe(false)
    expect(safeAgeRefMin(1.1, { soundness: 'chalky', tool: null }, LIMIT, DEFAULT_PARAMETERS)).toBeNull()
  })
})

// Kendall 1975 through cot(θ/2): fold 45° gives cot 67.5° = 0.4142, fold 90° gives 1: (1 + 1)/(1 + 0.4142) = 1.4142.
test('peel angle by hand: 90° opens the finish 1.414 times as much as folded back at 45°', () => {
  expect(pullFactor({ foldDeg: 45, speed: 'slow' }, DEFAULT_PARAMETERS)).toBeCloseTo(1, 12)
  expect(pullFactor({ foldDeg: 90, speed: 'slow' }, DEFAULT_PARAMETERS)).toBeCloseTo(Math.SQRT2, 6)
})

const ages = fc.double({ min: 0, max: 60, noNaN: true })
test('an older keep side never lifts more, a stronger grip never less', () => {
  fc.assert(
    fc.property(ages, ages, fc.double({ min: 0.5, max: 10, noNaN: true }), (days, more, grip) => {
      expect(holdN25(rolled(days + more), DEFAULT_PARAMETERS)).toBeGreaterThanOrEqual(
        holdN25(rolled(days), DEFAULT_PARAMETERS),
      )
      expect(liftPerMetre(grip + more, rolled(days), DEFAULT_PARAMETERS).mean).toBeGreaterThanOrEqual(
        liftPerMetre(grip, rolled(days), DEFAULT_PARAMETERS).mean,
      )
    }),
  )
})

test('the safe age is the root: just before it is over the limit, just after under', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.6, max: 7, noNaN: true }), (grip) => {
      const age = safeAgeRefMin(grip, rolled(0), LIMIT, DEFAULT_PARAMETERS)
      if (age === null || age === 0) return
      expect(liftPerMetre(grip, { ...rolled(0), ageRefMin: age }, DEFAULT_PARAMETERS).mean).toBeCloseTo(LIMIT, 4)
    }),
  )
})

// Classes by ISO 2409; what they leave of the hold is from memory, only their order is checked.
test('a worse cross-cut lifts more; a good one lets an unknown history count as sound', () => {
  const cut = (crossCut: number) => liftPerMetre(GENERAL, { ...rolled(30), crossCut }, DEFAULT_PARAMETERS).mean
  for (let iso = 1; iso <= 5; iso++) expect(cut(iso)).toBeGreaterThan(cut(iso - 1))
  const unknown: KeepFinish = { soundness: 'unknown', tool: null, ageRefMin: Infinity }
  expect(isSafe(GENERAL, unknown)).toBe(false)
  expect(isSafe(GENERAL, { ...unknown, crossCut: 0 })).toBe(true)
})
