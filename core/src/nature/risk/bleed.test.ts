import { DEFAULT_PARAMETERS } from '../../base/parameters/parameters'
import { TEXTURES, SEALS } from '../../base/nouns'
import fc from 'fast-check'
import { PLAIN_EDGE } from '../../../tests/plainEdge'
import { bleedsPerMetre, criticalGapUm, type EdgeSetup } from './bleed'

const plain = PLAIN_EDGE
const { coating } = plain
const rate = (change: Partial<EdgeSetup>) => bleedsPerMetre({ ...plain, ...change }, DEFAULT_PARAMETERS).mean

describe('common practice, no published source', () => {
  test('C5: wiped sealant leaves nothing to see on heavy texture', () => {
    expect(rate({ texture: 'heavy-spray', seal: 'wiped-sealant' })).toBeLessThan(0.1)
  })
  test('C6: sprayed over plain tape on a smooth hard face there is practically no bleed; block needs a seal', () => {
    expect(rate({ stroke: 'spray' })).toBeLessThan(0.2)
    expect(rate({ stroke: 'spray', texture: 'masonry' })).toBeGreaterThan(10)
    expect(rate({ stroke: 'spray', texture: 'masonry', seal: 'own-colour' })).toBeLessThan(0.5)
  })
  test('C21: unpressed and rolled is worst, pressed and stroked outward better, own colour clean', () => {
    const worst = rate({ texture: 'stipple', pressing: 'none', stroke: 'roller' })
    const pressed = rate({ texture: 'stipple', pressing: 'tool', stroke: 'outward' })
    expect(worst).toBeGreaterThan(pressed)
    expect(pressed).toBeGreaterThan(rate({ texture: 'stipple', pressing: 'tool', seal: 'own-colour' }))
    expect(rate({ gripN25: 2 })).toBeGreaterThan(rate({}))
  })
})

test('a brush toward the tape pushes most, then along, a roller over the edge, outward, a gun not at all', () => {
  const order = (['toward-tape', 'along', 'roller', 'outward', 'spray'] as const).map((stroke) =>
    criticalGapUm({ ...plain, stroke }, DEFAULT_PARAMETERS),
  )
  expect([...order].sort((a, b) => a - b)).toEqual(order)
})

// By hand: a = γ cosθ t/3η = 0.032·0.8·(24·60·0.33)/(3·450) = 9.011e-3 m; spray has no pressure term,
// so h = L²/a = (0.4e-3)²/9.011e-3 = 17.76 µm.
test('Washburn in slit form by hand', () => {
  expect(criticalGapUm({ ...plain, stroke: 'spray' }, DEFAULT_PARAMETERS)).toBeCloseTo(17.76, 1)
})

test('a barrier edge does nothing in solvent paint or on dust', () => {
  const barrier = { edge: 'barrier', texture: 'stipple' } as const
  expect(rate({ ...barrier, coating: { ...coating, base: 'solvent' } })).toBeCloseTo(rate({ texture: 'stipple' }), 9)
  expect(rate({ ...barrier, dusty: true })).toBeCloseTo(rate({ texture: 'stipple', dusty: true }), 9)
})

test('a seal never makes an edge bleed more', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...TEXTURES),
      fc.constantFrom(...SEALS),
      fc.double({ min: 0.8, max: 9, noNaN: true }),
      (texture, seal, gripN25) => {
        expect(rate({ texture, seal, gripN25 })).toBeLessThanOrEqual(rate({ texture, gripN25 }) + 1e-9)
      },
    ),
  )
})

test('the interval holds the mean', () => {
  const { low, mean, high } = bleedsPerMetre({ ...plain, texture: 'medium-spray', edge: 'barrier' }, DEFAULT_PARAMETERS)
  expect(low).toBeLessThan(mean)
  expect(high).toBeGreaterThan(mean)
})
