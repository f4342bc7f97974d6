import { NO_RECORD, type OwnCount, type OwnRecord, type Texture } from '../../base/nouns'
import { seededNumbers } from '../../base/units/seeded'
import { gammaQuantile } from './gamma'
import { ownFactors } from './ownFactors'
import { poisson } from './poisson'

const count = (more: Partial<OwnCount>): OwnCount => ({
  jobId: 'made-up',
  job: 'Made up',
  at: '2027-05-01T12:00:00Z',
  fault: 'bleeds',
  tapeId: 't0',
  texture: 'smooth',
  laidBy: 'practised',
  metres: 100,
  counted: 0,
  expected: 0,
  ...more,
})
const record = (counts: readonly OwnCount[], more: Partial<OwnRecord> = {}): OwnRecord => ({
  ...NO_RECORD,
  ...more,
  counts,
})
const line = { tapeId: 't0', texture: 'smooth', laidBy: 'practised' } as const

test('one cell by hand: three steps of 4 below 1.5 leave 0.706 counts’ worth, and its own counts move that', () => {
  const of = ownFactors(record([count({ counted: 6, expected: 3 })]), null)
  // 1/1.5 + 3/4 = 1.41667: a shape of 0.70588 about 1.
  const shape = 1 / (1 / 1.5 + 3 / 4)
  expect(of('bleeds', line)!.mean).toBeCloseTo((shape + 6) / (shape + 3), 9)
  expect(of('lift', line)).toBeNull()
})

test('what is not like what was counted is moved less, and is less sure', () => {
  const of = ownFactors(record([count({ counted: 60, expected: 20 })]), null)
  const [same, otherTape, otherFace] = [
    of('bleeds', line)!,
    of('bleeds', { ...line, tapeId: 't1' })!,
    of('bleeds', { ...line, texture: 'heavy-spray' })!,
  ]
  expect(same.mean).toBeGreaterThan(otherTape.mean)
  expect(otherTape.mean).toBeGreaterThan(otherFace.mean)
  expect(otherFace.mean).toBeGreaterThan(1)
  const width = ({ low, high }: { low: number; high: number }) => high / low
  expect(width(otherFace)).toBeGreaterThan(width(otherTape))
  expect(width(otherTape)).toBeGreaterThan(width(same))
  expect([same.ofTape, otherTape.ofTape, otherFace.onTexture, otherFace.metres]).toEqual([100, 0, 0, 100])
})

test('off says nothing; old counts weigh half after their half-life', () => {
  const counts = [
    count({ counted: 40, expected: 10, at: '2025-05-01T12:00:00Z' }),
    count({ counted: 10, expected: 10, at: '2027-05-01T12:00:00Z' }),
  ]
  expect(ownFactors(record(counts, { use: 'off' }), null)('bleeds', line)).toBeNull()
  const mean = (halfLifeDays: number | null) => ownFactors(record(counts, { halfLifeDays }), null)('bleeds', line)!.mean
  expect(mean(null)).toBeGreaterThan(mean(365))
  expect(mean(365)).toBeGreaterThan(mean(30))
  // Two years at a half-life of 730 days: 20 of 5, with 10 of 10.
  const shape = 1 / (1 / 1.5 + 3 / 4)
  expect(mean(730)).toBeCloseTo((shape + 30) / (shape + 15), 9)
})

// Simulation-based calibration (Talts et al. 2018): truths drawn by the tree, counts by the truths.
test('spans hold what is true about as often as they say, for a tape much used, little used and never used', () => {
  const random = seededNumbers(20)
  const part = (mean: number) => (mean * gammaQuantile(4, random())) / 4
  const textures: readonly Texture[] = ['smooth', 'light-spray', 'heavy-spray']
  const held = { much: 0, little: 0, never: 0 }
  const runs = 600
  for (let run = 0; run < runs; run++) {
    const house = gammaQuantile(1.5, random()) / 1.5
    const truths = new Map<string, number>()
    const counts = textures.flatMap((texture) => {
      const face = part(house)
      return ['t0', 't1', 't2'].flatMap((tapeId, i) => {
        const truth = part(part(face))
        truths.set(`${texture}|${tapeId}`, truth)
        const expected = [12, 2, 0][i]!
        return expected === 0 ? [] : [count({ tapeId, texture, expected, counted: poisson(truth * expected, random) })]
      })
    })
    const of = ownFactors(record(counts), null)
    const holds = (tapeId: string) => {
      const { low, high } = of('bleeds', { tapeId, texture: 'smooth', laidBy: 'practised' })!
      const truth = truths.get(`smooth|${tapeId}`)!
      return low <= truth && truth <= high ? 1 : 0
    }
    held.much += holds('t0')
    held.little += holds('t1')
    held.never += holds('t2')
  }
  for (const share of Object.values(held).map((n) => n / runs)) {
    expect(share).toBeGreaterThan(0.85)
    expect(share).toBeLessThan(0.95)
  }
})

test('a known truth is found again: a tape that lets twice as much through as the others', () => {
  const random = seededNumbers(3)
  const counts = ['t0', 't1', 't2', 't3'].map((tapeId, i) =>
    count({ tapeId, expected: 80, counted: poisson((i === 0 ? 2 : 1) * 80, random) }),
  )
  const of = ownFactors(record(counts), null)
  expect(of('bleeds', line)!.mean).toBeGreaterThan(1.7)
  expect(of('bleeds', line)!.low).toBeGreaterThan(1.4)
  expect(of('bleeds', { ...line, tapeId: 't2' })!.mean).toBeLessThan(1.3)
})
