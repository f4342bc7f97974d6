import { DEFAULT_PARAMETERS } from '../../base/parameters/parameters'
import { EDGE_KINDS } from '../../survey/hems/edge'
import { SHEENS, TEXTURES } from '../../base/nouns'
import fc from 'fast-check'
import { bandPerMetre } from './banding'
import { handSlipsPerMetre } from './slips'

describe('bands beside a rolled field', () => {
  // By hand: satin 0.15 at white; on black 2.5 times that.
  test('by hand', () => {
    expect(bandPerMetre('satin', 100, DEFAULT_PARAMETERS)).toBeCloseTo(0.15, 12)
    expect(bandPerMetre('satin', 0, DEFAULT_PARAMETERS)).toBeCloseTo(0.375, 12)
    expect(bandPerMetre('satin', 50, DEFAULT_PARAMETERS)).toBeCloseTo(0.2625, 12)
  })
  // Common practice, no published source: dark or glossy paint makes it worse.
  test('shinier and darker is worse, and never more than certain', () => {
    for (const light of [0, 30, 70, 100]) {
      const order = SHEENS.map((sheen) => bandPerMetre(sheen, light, DEFAULT_PARAMETERS))
      expect([...order].sort((a, b) => a - b)).toEqual(order)
    }
    fc.assert(
      fc.property(
        fc.constantFrom(...SHEENS),
        fc.integer({ min: 0, max: 100 }),
        fc.integer({ min: 0, max: 100 }),
        (sheen, a, b) => {
          const [dark, light] = [Math.min(a, b), Math.max(a, b)]
          expect(bandPerMetre(sheen, dark, DEFAULT_PARAMETERS)).toBeGreaterThanOrEqual(
            bandPerMetre(sheen, light, DEFAULT_PARAMETERS),
          )
          expect(bandPerMetre(sheen, dark, DEFAULT_PARAMETERS)).toBeLessThanOrEqual(1)
        },
      ),
    )
  })
})

describe('slips of a free hand', () => {
  // By hand: a ceiling line 0.3, on heavy texture half as much again, at 40 % contrast 0.4 of that.
  test('by hand', () => {
    expect(handSlipsPerMetre('wall-to-ceiling', 'smooth', 1, DEFAULT_PARAMETERS).mean).toBeCloseTo(0.3, 12)
    expect(handSlipsPerMetre('wall-to-ceiling', 'heavy-spray', 1, DEFAULT_PARAMETERS).mean).toBeCloseTo(0.45, 12)
    expect(handSlipsPerMetre('wall-to-ceiling', 'heavy-spray', 0.4, DEFAULT_PARAMETERS).mean).toBeCloseTo(0.18, 12)
  })
  // Common practice, no published source: proven hands go on ceilings, new hands on taped trim.
  test('least along a ceiling, more on trim, most where nothing is followed', () => {
    const { ceiling, trim, alone } = DEFAULT_PARAMETERS.slips
    expect(ceiling.value).toBeLessThan(trim.value)
    expect(trim.value).toBeLessThan(alone.value)
    for (const kind of EDGE_KINDS)
      expect(handSlipsPerMetre(kind, 'smooth', 1, DEFAULT_PARAMETERS).mean).toBeGreaterThanOrEqual(ceiling.value)
  })
  test('the interval holds the mean, and nothing shows where there is no contrast', () => {
    for (const texture of TEXTURES) {
      const { low, mean, high } = handSlipsPerMetre('wall-to-casing', texture, 0.8, DEFAULT_PARAMETERS)
      expect(low).toBeLessThan(mean)
      expect(high).toBeGreaterThan(mean)
      expect(handSlipsPerMetre('wall-to-casing', texture, 0, DEFAULT_PARAMETERS).mean).toBe(0)
    }
  })
})

test('a brushed mask is neater than a can’s, and strings less', () => {
  const { peel, strings } = DEFAULT_PARAMETERS.slips
  expect(peel.brush.value).toBeLessThan(peel.aerosol.value)
  expect(strings.brush.value).toBeLessThan(strings.aerosol.value)
})
