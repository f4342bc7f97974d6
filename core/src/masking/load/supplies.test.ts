import { DEFAULT_PARAMETERS } from '../../base/parameters/parameters'
import type { HouseRules, Job } from '../../base/nouns'
import { jobOf, PLAIN_ROOM, WALLS } from '../../../tests/oneHem'
import { coatingOf, glazeOf } from '../../survey/shelf/find'
import { planJob } from '../../answers/chain/planJob'
import { faceAreaMm2 } from '../../survey/rooms/areas'

const seal = (house: Partial<HouseRules>, room: Partial<Job['rooms'][number]> = {}): Job =>
  jobOf({ house: { sealAlways: true, ...house }, room })
const metresOf = (job: Job, isOwn: (seal: string) => boolean): number => {
  const { hems, recipes } = planJob(job)
  const sealed = new Set(recipes.flatMap((recipe) => (recipe.safe && isOwn(recipe.seal) ? [recipe.hemId] : [])))
  return hems.filter((hem) => sealed.has(hem.id)).reduce((sum, hem) => sum + hem.lengthMm, 0) / 1000
}

describe('glaze', () => {
  const job = seal({ school: 'clear-glaze' })
  const { load } = planJob(job)
  test('a pass of 25 mm along every glazed edge, in whole tins that are paid for', () => {
    const [line] = load.glazes
    const glaze = glazeOf(job.shelf, line!.id)
    const metres = metresOf(job, (each) => each === 'clear-glaze')
    expect(metres).toBeGreaterThan(10)
    // By hand: m × 0.025 m over 12 m² in a tin of a litre.
    expect(line!.exact).toBeCloseTo((metres * 0.025) / 12, 9)
    expect(line).toMatchObject({ amount: 1, unit: 'tins', name: glaze.name, costMinor: glaze.priceMinor })
  })
  test('it is part of the masking material, and nobody buys any where nothing is glazed', () => {
    const without = planJob(seal({ school: 'wiped-sealant', sealAlways: true })).load
    expect(without.glazes).toEqual([])
    const sum = (lines: readonly { costMinor: number }[]) => lines.reduce((all, line) => all + line.costMinor, 0)
    expect(load.materialMinor).toBe(
      load.tapes.reduce((all, line) => all + line.usedMinor, 0) +
        sum(load.covers) +
        sum(load.sealants) +
        sum(load.glazes) +
        sum(load.liquids),
    )
  })
  test('the cheapest a metre of those on the shelf is taken; a retired one is not', () => {
    const [first] = job.shelf.glazes
    const dear = { ...first!, id: 'dear', name: 'Dear glaze', priceMinor: 9000 }
    const cheap = { ...first!, id: 'big', name: 'Big tin', litres: 5, priceMinor: 4000 }
    const of = (glazes: Job['shelf']['glazes']) =>
      planJob({ ...job, shelf: { ...job.shelf, glazes } }).load.glazes.map((line) => line.id)
    expect(of([dear, first!])).toEqual([first!.id])
    expect(of([first!, cheap])).toEqual(['big'])
    expect(of([{ ...first!, retired: true }, dear])).toEqual(['dear'])
  })
})

describe('own colour', () => {
  const atHand = { ceiling: { ...PLAIN_ROOM.ceiling, paintAtHand: true }, steps: [WALLS] }
  test('what this job does not put on is brought along, at no cost, by its colour', () => {
    const job = seal({ school: 'own-colour-seal', tinMinor: 0 }, atHand)
    const [line] = planJob(job).load.keepColours
    expect(line).toMatchObject({ name: PLAIN_ROOM.ceiling.colour, unit: 'litres', costMinor: 0 })
    const metres = metresOf(job, (each) => each === 'own-colour')
    const spread = coatingOf(job.shelf, WALLS.coatingId).spreadM2PerL
    expect(line!.exact).toBeLessThanOrEqual((metres * DEFAULT_PARAMETERS.work.sealPassM.value) / spread + 1e-9)
    expect(line!.amount).toBeGreaterThanOrEqual(line!.exact)
    expect(line!.amount - line!.exact).toBeLessThan(0.1)
  })
  test('what this job does put on is added to its paint', () => {
    const job = seal({ school: 'own-colour-seal' })
    const { load } = planJob(job)
    expect(load.keepColours).toEqual([])
    const ceiling = job.rooms[0]!.steps[0]!
    const coats = (faceAreaMm2(job.rooms[0]!, 'ceiling') / 1e6) * ceiling.coats
    const spread = coatingOf(job.shelf, ceiling.coatingId).spreadM2PerL
    const line = load.coatings.find((coating) => coating.id.startsWith(`${ceiling.coatingId}|`))!
    const sealed = line.exact - coats / spread
    const all = (metresOf(job, (each) => each === 'own-colour') * DEFAULT_PARAMETERS.work.sealPassM.value) / spread
    expect(sealed).toBeGreaterThan(0)
    expect(sealed).toBeLessThanOrEqual(all + 1e-9)
  })
  test('where nothing is sealed so, paint is area times coats and nothing more', () => {
    const job = seal({ school: 'press-only', sealAlways: false, maxBleedMm: 1000 })
    const [room] = job.rooms
    const ceiling = room!.steps[0]!
    const line = planJob(job).load.coatings.find((coating) => coating.id.startsWith(`${ceiling.coatingId}|`))!
    const spread = coatingOf(job.shelf, ceiling.coatingId).spreadM2PerL
    expect(line.exact).toBeCloseTo(((faceAreaMm2(room!, 'ceiling') / 1e6) * ceiling.coats) / spread, 9)
  })
})
