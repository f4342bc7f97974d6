import { runsOf } from '../../../tests/runsOf'
import fc from 'fast-check'
import { PRESSINGS, SEALS, STROKES, TEXTURES, type Stroke, type Texture } from '../../base/nouns'
import { PLAIN_EDGE } from '../../../tests/plainEdge'
import { STARTER_SHELF } from '../../survey/shelf/starterShelf'
import { DEFAULT_PARAMETERS as BY, type Parameters } from '../../base/parameters/parameters'
import { seededNumbers } from '../../base/units/seeded'
import type { EdgeSetup } from './bleed'
import { bleedSize, deeperSomewhere, mendingPlaces } from './bleedSize'

const { tapes, coatings } = STARTER_SHELF
/** One coating of each kind of flow, three at most: the laws over all of them take a minute. */
const FLOWS = [
  ...new Map(coatings.map((each) => [`${each.base} ${each.restPas} ${each.shearedPas}`, each])).values(),
].slice(0, 3)
const setup = PLAIN_EDGE
const { coating } = setup
/** Length, area, worst run and places to mend of a setup. */
const sizes = (change: Partial<EdgeSetup>, by: Parameters = BY): readonly number[] => {
  const size = bleedSize({ ...setup, ...change }, by)
  const [length, area] = [size.lengthMm.mean, size.areaMm2.mean]
  return [length, area, size.worstMm, mendingPlaces(length, area, by)]
}
const length = (change: Partial<EdgeSetup>) => sizes(change)[0]!

/** Nothing of `a` is more than that of `b`. */
function expectNoWorse(a: readonly number[], b: readonly number[], what: unknown): void {
  a.forEach((value, i) => {
    if (value > b[i]! + 1e-6 + 1e-9 * b[i]!) throw new Error(`${JSON.stringify(what)}: ${a.join()} over ${b.join()}`)
  })
}

// The law against drawn valleys: parabolas of Rayleigh depth, cut at random places.
test('chance of a deeper gap somewhere against a drawing of 200 000 places, within four standard errors', () => {
  const random = seededNumbers(7)
  const n = 200_000
  const places = Array.from({ length: n }, () => {
    const depth = Math.sqrt((-4 / Math.PI) * Math.log(1 - random()))
    return depth * (1 - random() ** 2)
  })
  for (const x of [0.05, 0.3, 0.8, 1.5, 2.5]) {
    const share = places.filter((place) => place > x).length / n
    const chance = deeperSomewhere(x)
    expect(Math.abs(share - chance)).toBeLessThan(4 * Math.sqrt((chance * (1 - chance)) / n) + 1e-4)
  }
  expect([deeperSomewhere(0), deeperSomewhere(9)]).toEqual([1, 0])
})

/** Textures without voids, from shallow to deep. */
const ROUGHER = TEXTURES.filter((each) => BY.textures[each].voidShare === 1).sort(
  (a, b) => BY.textures[a].valleyUm.value - BY.textures[b].valleyUm.value,
)
const GENTLER: readonly Stroke[] = ['spray', 'outward', 'roller', 'along', 'toward-tape']

// Every tape and coating of the shelf, every texture, pressing, seal and stroke: 10 000 setups and more on a drill.
test('laws over the whole shelf: rougher is never better; pressing, sealing and a gentler stroke never worse', () => {
  let count = 0
  const textures: readonly Texture[] = TEXTURES
  const each = runsOf(1, 3)
  for (const tape of tapes.filter((_, i) => i % each === 0))
    for (const paint of FLOWS)
      for (const seal of SEALS)
        for (const pressing of PRESSINGS) {
          const at = (texture: Texture, stroke: Stroke, more: Partial<EdgeSetup> = {}) =>
            sizes({ ...tape, coating: paint, seal, pressing, texture, stroke, ...more })
          for (const stroke of STROKES) {
            ROUGHER.slice(1).forEach((texture, i) =>
              expectNoWorse(at(ROUGHER[i]!, stroke), at(texture, stroke), [
                tape.id,
                paint.id,
                seal,
                pressing,
                texture,
                stroke,
              ]),
            )
            count += textures.length
          }
          for (const texture of textures) {
            GENTLER.slice(1).forEach((stroke, i) =>
              expectNoWorse(at(texture, GENTLER[i]!), at(texture, stroke), [tape.id, paint.id, texture, stroke]),
            )
            expectNoWorse(
              at(texture, 'along', { pressing: 'tool' }),
              at(texture, 'along', { pressing: 'thumb' }),
              tape.id,
            )
            expectNoWorse(
              at(texture, 'along', { pressing: 'thumb' }),
              at(texture, 'along', { pressing: 'none' }),
              tape.id,
            )
            expectNoWorse(at(texture, 'along'), at(texture, 'along', { seal: 'none' }), [tape.id, texture, seal])
          }
        }
  expect(count).toBeGreaterThan(runsOf(10_000, 3_000))
})

test('deeper valleys and a heavier coat never bleed less, whatever the figures', () => {
  const depth = fc.double({ min: 1, max: 600, noNaN: true })
  fc.assert(
    fc.property(
      depth,
      depth,
      fc.double({ min: 0.4, max: 3, noNaN: true }),
      fc.constantFrom(...SEALS),
      (a, b, film, seal) => {
        const by = (valley: number): Parameters => {
          const stipple = { ...BY.textures.stipple, valleyUm: { ...BY.textures.stipple.valleyUm, value: valley } }
          return { ...BY, textures: { ...BY.textures, stipple } }
        }
        const [low, high] = [Math.min(a, b), Math.max(a, b)]
        expectNoWorse(sizes({ texture: 'stipple', seal }, by(low)), sizes({ texture: 'stipple', seal }, by(high)), [
          a,
          b,
          seal,
        ])
        expectNoWorse(
          sizes({ texture: 'stipple', filmShare: film }),
          sizes({ texture: 'stipple', filmShare: film + 0.5 }),
          film,
        )
      },
    ),
  )
})

describe('common practice, no published source', () => {
  test('C5: on heavy texture a barrier edge is 50 to 75 % better than plain by length and by area', () => {
    const [plain, barrier] = [sizes({ texture: 'heavy-spray' }), sizes({ texture: 'heavy-spray', edge: 'barrier' })]
    for (const i of [0, 1]) {
      const better = 1 - barrier[i]! / plain[i]!
      expect(better).toBeGreaterThan(0.5)
      expect(better).toBeLessThan(0.75)
    }
  })
  test('C21: stipple pressed by tool and stroked outward is clearly better than unpressed and rolled', () => {
    const worst = sizes({ texture: 'stipple', pressing: 'none', stroke: 'roller' })
    const better = sizes({ texture: 'stipple', pressing: 'tool', stroke: 'outward' })
    expect(better[0]!).toBeLessThan(0.7 * worst[0]!)
    expect(better[1]!).toBeLessThan(0.55 * worst[1]!)
    expect(length({ texture: 'stipple', pressing: 'tool', seal: 'own-colour' })).toBeLessThan(1)
  })
  test('plain tape on smooth painted wood bleeds visibly under a heavy coat, and hardly under a thin one', () => {
    expect(length({ stroke: 'along', filmShare: 2 })).toBeGreaterThan(3)
    expect(length({ stroke: 'along', filmShare: 2 })).toBeLessThan(100)
    expect(length({})).toBeGreaterThan(0.3)
    expect(length({})).toBeLessThan(3)
  })
  test('C6: sprayed on a smooth hard face practically none; knocked-down voids are shut by a barrier alone', () => {
    expect(length({ stroke: 'spray' })).toBeLessThan(0.2)
    expect(length({ texture: 'knockdown', edge: 'barrier', pressing: 'tool' })).toBeLessThan(3)
    expect(length({ texture: 'knockdown' })).toBeGreaterThan(50)
  })
  test('gel stain on bare pine tells tapes apart: more grip and a closer backing bleed less', () => {
    const stain = coatings.find((each) => each.base === 'solvent') ?? coating
    const on = (tape: (typeof tapes)[number]) =>
      sizes({ ...tape, texture: 'wood-grain', openGrain: true, coating: stain, pressing: 'tool' })[1]!
    const by = (id: string) => on(tapes.find((tape) => tape.id === id)!)
    expect(new Set(tapes.map(on)).size).toBeGreaterThan(tapes.length / 2)
    expect(by('marram-general')).toBeLessThan(by('lapwing-barrier'))
    expect(by('lapwing-barrier')).toBeLessThan(by('marram-low'))
  })
})

// By hand: 6 mm and 1.5 mm² are 10·(1 − e^(−0.1)) + 10·(1 − e^(−0.0075)) = 0.952 + 0.075 = 1.026 places.
test('places to mend by hand; no more than twenty on any metre', () => {
  expect(mendingPlaces(6, 1.5, BY)).toBeCloseTo(1.026, 3)
  expect(mendingPlaces(1000, 9000, BY)).toBeCloseTo(20, 3)
  expect(mendingPlaces(0, 0, BY)).toBe(0)
})
