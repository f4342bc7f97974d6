import { TEXTURES, SEALS, STROKES } from '../../base/nouns'
import fc from 'fast-check'
import { ternQuay, TERN_QUAY_NOW } from '../../../../demo'
import { STARTER_SHELF as SHELF } from '../../survey/shelf/starterShelf'
import { planJob } from '../chain/planJob'
import { DEFAULT_PARAMETERS } from '../../base/parameters/parameters'
import { bleedsPerMetre } from '../../nature/risk/bleed'
import { parseInstant } from '../../base/units/time'
import { benchOfHem, schoolOfSetup } from './benchOfHem'
import { BENCH_RANGES, starterBench, type BenchSetup } from './benchSetup'
import { benchAir, benchEdge, judgeBench } from './judgeBench'
import { REVEAL_MM, revealEdge } from './reveal'
import { overKeepAge, overPullTime } from './sweeps'

const at = parseInstant('2027-06-21T12:00:00Z')
const start: BenchSetup = starterBench(SHELF, at)
const risk = (change: Partial<BenchSetup>, name: string) =>
  judgeBench({ ...start, ...change }, SHELF).risks.find((each) => each.name === name)!.perMetre
const SUN = { latDeg: 41.2, lonDeg: -8.7, facingDeg: 180, cloud: 0 }

// Counting bleeds on 400 drawn edges of 300 mm: the mean count must be the model's expectation within four standard
// errors of a Poisson count.
test.each(['stipple', 'medium-spray', 'knockdown'] as const)(
  'edges drawn on %s bleed as often as the model says',
  (texture) => {
    const setup = {
      ...start,
      texture,
      seal: 'none' as const,
      tapeId: SHELF.tapes.find((tape) => tape.edge === 'barrier')!.id,
    }
    const edge = benchEdge(setup, SHELF)
    const expected = (bleedsPerMetre(edge, DEFAULT_PARAMETERS).mean * REVEAL_MM) / 1000
    const runs = 400
    const drawn = Array.from({ length: runs }, (_, seed) => revealEdge({ ...setup, seed }, SHELF).bleeds.length)
    const mean = drawn.reduce((sum, each) => sum + each, 0) / runs
    // Whole pitches only: a stretch of 300 mm holds at most one pitch less than its length.
    expect(Math.abs(mean - expected)).toBeLessThan(4 * Math.sqrt(expected / runs) + 0.04 * expected + 0.02)
  },
)

test('the same seed shows the same edge, another one another', () => {
  expect(revealEdge(start, SHELF)).toEqual(revealEdge(start, SHELF))
  expect(revealEdge({ ...start, seed: 2 }, SHELF).valleys).not.toEqual(revealEdge(start, SHELF).valleys)
})

describe('common practice, no published source', () => {
  test('thin stain on bare wood bleeds under every tape, sealed or not less than plainly', () => {
    const stain = SHELF.coatings.find((coating) => /stain/i.test(coating.name))!
    for (const tape of SHELF.tapes) {
      const bare = { texture: 'wood-grain', soundness: 'bare-wood', coatingId: stain.id, tapeId: tape.id } as const
      expect(risk(bare, 'bleed').mean).toBeGreaterThan(20)
    }
  })
  test('C9: a glaze or own-colour seal makes an edge on stipple clean', () => {
    expect(risk({ seal: 'clear-glaze' }, 'bleed').mean).toBeLessThan(1)
    expect(risk({ seal: 'own-colour' }, 'bleed').mean).toBeLessThan(0.5)
  })
})

describe('laws', () => {
  const edges = fc.record({
    texture: fc.constantFrom(...TEXTURES),
    stroke: fc.constantFrom(...STROKES),
    tapeId: fc.constantFrom(...SHELF.tapes.map((tape) => tape.id)),
    coatingId: fc.constantFrom(...SHELF.coatings.map((coating) => coating.id)),
  })
  test('more seal never means more bleed', () =>
    fc.assert(
      fc.property(edges, fc.constantFrom(...SEALS), (edge, seal) => {
        expect(risk({ ...edge, seal }, 'bleed').mean).toBeLessThanOrEqual(risk(edge, 'bleed').mean + 1e-9)
      }),
    ))
  test('an older keep side never means more lift', () => {
    const days = fc.double({ min: BENCH_RANGES.ageDays[0], max: BENCH_RANGES.ageDays[1], noNaN: true })
    fc.assert(
      fc.property(days, days, (a, b) => {
        expect(risk({ ageDays: a + b }, 'lift').mean).toBeLessThanOrEqual(risk({ ageDays: a }, 'lift').mean + 1e-12)
      }),
    )
  })
  test('a higher fold or a faster pull never lifts less', () => {
    expect(risk({ foldDeg: 90 }, 'lift').mean).toBeGreaterThan(risk({ foldDeg: 45 }, 'lift').mean)
    expect(risk({ speed: 'fast' }, 'lift').mean).toBeGreaterThan(risk({}, 'lift').mean)
  })
  test('every interval holds its mean, for any setup', () =>
    fc.assert(
      fc.property(
        edges,
        fc.integer({ min: 0, max: 2880 }),
        fc.integer({ min: 2, max: 38 }),
        (edge, pullAfterMin, tempC) => {
          for (const each of judgeBench({ ...start, ...edge, pullAfterMin, tempC }, SHELF).risks) {
            expect(each.perMetre.low).toBeLessThanOrEqual(each.perMetre.mean)
            expect(each.perMetre.high).toBeGreaterThanOrEqual(each.perMetre.mean)
          }
        },
      ),
    ))
})

test('sun on a dark face shortens wet window and stay; the hours of the air know day from night', () => {
  const dark = { ...start, coatSwatch: '#20252a' }
  const [shade, sun] = [judgeBench(dark, SHELF), judgeBench({ ...dark, sun: SUN }, SHELF)]
  const wetEnd = (answer: typeof shade) => answer.spans.find((span) => span.kind === 'wet')!.to!
  expect(sun.faceC).toBeGreaterThan(shade.faceC + 10)
  expect(wetEnd(sun)).toBeLessThan(wetEnd(shade))
  expect(sun.stayUsed).toBeGreaterThan(shade.stayUsed)
  const faces = benchAir({ ...dark, sun: SUN }).hours.map((hour) => hour.faceC!)
  // Under a clear night sky a face is some degrees colder than the air.
  expect(Math.min(...faces)).toBeGreaterThan(start.tempC - 6)
  expect(Math.min(...faces)).toBeLessThan(start.tempC - 2)
})

test('the pull falls into the span of its time: too wet, wet, tacky, dry', () => {
  const spanAt = (pullAfterMin: number) => judgeBench({ ...start, pullAfterMin }, SHELF).pullSpan
  expect([0, 15, 120, 2000].map(spanAt)).toEqual(['too-wet', 'wet', 'tacky', 'dry'])
})

test('coats before it show their own spans on the ribbon', () => {
  const { spans } = judgeBench({ ...start, earlierCoats: 1 }, SHELF)
  expect(spans.filter((span) => span.kind === 'wet')).toHaveLength(2)
  // Saturated air: nothing dries, so there was no recoat time to put an earlier coat at.
  expect(judgeBench({ ...start, earlierCoats: 1, rh: 100 }, SHELF).spans.map((span) => span.kind)).toEqual([
    'too-wet',
    'past',
  ])
})

test('curves: lift falls with age; tearing is worst in the tacky hours', () => {
  const [lift] = overKeepAge(start, SHELF)
  lift!.points.forEach((point, i) => i > 0 && expect(point.y).toBeLessThanOrEqual(lift!.points[i - 1]!.y))
  const tear = overPullTime(start, SHELF).find((curve) => curve.risk === 'tear')!
  const worst = tear.points.reduce((most, point) => (point.y > most.y ? point : most))
  expect(judgeBench({ ...start, pullAfterMin: worst.x }, SHELF).pullSpan).toBe('tacky')
})

test('a hem of a job opens with its faces and recipe, and its edge is the one the recipe was judged by', () => {
  const job = ternQuay()
  const plan = planJob(job, parseInstant(TERN_QUAY_NOW))
  const hem = plan.hems.find((each) => each.id === 'practice2/wall:w3|ceiling')!
  const setup = benchOfHem(job, plan, hem)
  const answer = plan.recipes.find((recipe) => recipe.hemId === hem.id)!
  if (!answer.safe) throw new Error('the demo hem has a recipe')
  expect(setup).toMatchObject({ texture: 'heavy-spray', tapeId: answer.tapeId, seal: answer.seal, earlierCoats: 1 })
  // The Bench stands in the air of the hour, the recipe in what is usual there.
  expect(judgeBench(setup, job.shelf).risks[0]!.perMetre.mean / answer.risks.bleedMm.mean).toBeCloseTo(1, 1)
  expect(schoolOfSetup(setup, benchEdge(setup, job.shelf).edge)).toBe(answer.school)
})
