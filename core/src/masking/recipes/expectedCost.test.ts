import { liquidOf, sealantOf, tapeOf } from '../../survey/shelf/find'
import { STARTER_SHELF as SHELF } from '../../survey/shelf/starterShelf'
import { DEFAULT_PARAMETERS } from '../../base/parameters/parameters'
import { STARTER_HOUSE } from '../../survey/rooms/houseDefaults'
import { NO_RISKS } from './candidate'
import { layMinPerM } from './laying'
import { expectedCost, rollCostPerM, type WayUse } from './expectedCost'
import type { HemContext } from './hemContext'

/** As much of a context as the cost of a metre needs: two rolled coats beside a plastered wall at full contrast. */
const context = (more: Record<string, unknown> = {}) =>
  ({
    house: STARTER_HOUSE,
    parameters: DEFAULT_PARAMETERS,
    step: { tool: 'roller', coats: 2 },
    steps: [{ tool: 'roller', coats: 2 }],
    keepFace: { material: 'plaster' },
    coating: { priceMinorPerL: 1200, spreadM2PerL: 12 },
    visibility: 1,
    glassM2PerM: 0,
    isTrimRun: false,
    hem: {
      kind: 'wall-to-skirting',
      keep: 'skirting',
      lengthMm: 1000,
      laps: 0,
      radiusMm: 0,
      curve: null,
      panes: 0,
      segments: [],
      corners: 0,
      lumps: [],
    },
    ...more,
  }) as unknown as HemContext
const tape = tapeOf(SHELF, 'marram-general')
const roll = tape.rolls.find((each) => each.widthMm === 24)!
const use = (more: Partial<WayUse>): WayUse => ({
  tape,
  roll,
  seal: 'none',
  sealant: null,
  glaze: null,
  liquid: null,
  pressing: 'tool',
  cover: null,
  tackMm: null,
  risks: NO_RISKS,
  ...more,
})

// By hand throughout: 38.00 an hour is 63 1/3 cents a minute.
const MINUTE = 3800 / 60

test('taped and rolled by hand: 560 / 50 × 1.05 cents of tape; 1 + 0.25 + 2 × 0.5 + 0.25 = 2.5 min', () => {
  const { cost } = expectedCost(context(), use({}))
  expect(rollCostPerM(tape, roll, STARTER_HOUSE)).toBeCloseTo(11.76, 9)
  expect(cost.material).toBeCloseTo(11.76, 9)
  expect(cost.labour).toBeCloseTo(2.5 * MINUTE, 9)
  expect(cost.total).toBeCloseTo(11.76 + 2.5 * MINUTE, 9)
})

test('sealed by hand: 310 / 60 cents of bead and 0.25 min more; a paint pass 0.025 m² at 1200 / 12', () => {
  const bead = expectedCost(context(), use({ seal: 'wiped-sealant', sealant: sealantOf(SHELF, 'plover-clear') }))
  expect(bead.parts.seal).toBeCloseTo(310 / 60, 9)
  expect(bead.cost.labour).toBeCloseTo(2.75 * MINUTE, 9)
  expect(expectedCost(context(), use({ seal: 'own-colour' })).parts.seal).toBeCloseTo(2.5, 9)
})

// 6 mm of bleed of 1.5 mm² are 10·(1 − e^(−0.1)) + 10·(1 − e^(−0.0075)) = 1.02635 places.
test('mending by hand: 1.026 places × 120, 1 % lift × 4500, 2 % tear × 900, 5 % residue × 900, 10 % band × 250', () => {
  const flat = (mean: number) => ({ mean, low: mean, high: mean })
  const SIZE = { bleedMm: flat(6), bleedMm2: flat(1.5), worstMm: 1 }
  const risks = {
    bleeds: flat(0.2),
    lift: flat(0.01),
    tear: 0.02,
    residue: 0.05,
    band: 0.1,
    crack: 0,
    grit: 0,
    ...SIZE,
  }
  const { parts } = expectedCost(context(), use({ risks }))
  expect(parts.bleeds).toBeCloseTo(1.02635 * 120, 2)
  expect([parts.lift, parts.tear, parts.residue, parts.band]).toEqual([45, 18, 45, 25])
  // Half the contrast: what only shows counts half, what is broken counts whole.
  const half = expectedCost(context({ visibility: 0.5 }), use({ risks })).parts
  expect(half.bleeds).toBeCloseTo(parts.bleeds / 2, 9)
  expect([half.lift, half.tear, half.residue, half.band]).toEqual([45, 9, 45, 25])
  // On glass a bleed goes with the blade: a fifth.
  expect(expectedCost(context({ keepFace: { material: 'glass' } }), use({ risks })).parts.bleeds).toBeCloseTo(
    parts.bleeds / 5,
    9,
  )
})

test('a pattern pays for each corner that is cut to fit, a plain edge for its lumps only', () => {
  const { hem } = context()
  const { house } = context()
  const strip = house.rates.stripEach + DEFAULT_PARAMETERS.work.cutMin[tape.tears].value
  const min = (more: object) => layMinPerM(context({ hem: { ...hem, ...more } }), tape, 24, DEFAULT_PARAMETERS)
  expect(min({ kind: 'two-tone-line', corners: 12 }) - min({ kind: 'two-tone-line' })).toBeCloseTo(12 * strip, 5)
  expect(min({ corners: 2 }) - min({})).toBe(0)
  expect(min({ corners: 5, lumps: [{ count: 5 }] }) - min({})).toBeCloseTo(5 * strip, 5)
})

// Common practice, no published source: C16, taping and cutting two coats takes about as long as hand-cutting two.
test('C16: by hand two coats are 2 × 1.25 = 2.5 min, as long as tape and two cuts; more coats favour tape', () => {
  const labour = (coats: number, more: Partial<WayUse>) =>
    expectedCost(context({ steps: [{ tool: 'roller', coats }] }), use(more)).cost.labour
  const hand = { tape: null, roll: null }
  expect(labour(2, hand)).toBeCloseTo(2.5 * MINUTE, 9)
  expect(Math.abs(labour(2, hand) / labour(2, {}) - 1)).toBeLessThan(0.1)
  expect(labour(1, hand)).toBeLessThan(labour(1, {}))
  expect(labour(3, hand)).toBeGreaterThan(labour(3, {}))
})

test('a mask by hand: 0.08 m² of glass at 1050 / 3 cents; 0.12 + 2 × 0.5 + 0.45 = 1.57 min', () => {
  const inside = { glassM2PerM: 0.08, keepFace: { material: 'glass' }, comeBackMinorPerM: 0 } as const
  const way = use({ tape: null, roll: null, liquid: liquidOf(SHELF, 'heath-can') })
  const { cost } = expectedCost(context(inside), way)
  expect(cost.material).toBeCloseTo(28, 9)
  expect(cost.labour).toBeCloseTo(1.57 * MINUTE, 9)
  // Outside somebody comes back with the blade: 2000 cents over 50 m of pane edges are 40 a metre.
  const outside = expectedCost(context({ ...inside, comeBackMinorPerM: 40 }), way)
  expect(outside.cost.labour - cost.labour).toBeCloseTo(40, 9)
})

test('sprayed by hand: no cutting in; 225 mm of 230 mm paper, 420 / 50 cents, 0.225 m² on and off at 1.1 min', () => {
  const paper = SHELF.covers.find((each) => each.id === 'fallow-paper')!
  const cover = { cover: paper, hold: 'lies', reachMm: 75, openMm: 225, flakesPerM: 0, loadNPerM: 0 } as const
  const { cost, parts } = expectedCost(context({ steps: [{ tool: 'spray', coats: 2 }] }), use({ cover }))
  expect(parts.cover).toBeCloseTo(8.4, 9)
  expect(cost.labour).toBeCloseTo((1.25 + 0.25 + 0.225 * 1.1) * MINUTE, 9)
  // Hung with a tack every 500 mm: two tacks a metre at 0.15 min.
  const hung = expectedCost(context({ steps: [{ tool: 'spray', coats: 2 }] }), use({ cover, tackMm: 500 }))
  expect(hung.cost.labour - cost.labour).toBeCloseTo(0.3 * MINUTE, 9)
})
