import { planJob } from '../src/answers/chain/planJob'
import { bandMendingMin } from '../src/answers/tell/bandMending'
import type { Job } from '../src/base/nouns'
import { DEFAULT_PARAMETERS } from '../src/base/parameters/parameters'
import { bandPerMetre } from '../src/nature/risk/banding'
import { lightness } from '../src/survey/rooms/contrast'
import { jobOf, WALLS } from './oneHem'

/** What a band that has set costs: by sheen and depth of colour, along the lines of one wall (C30; the price is the house's). */
const mendOn = (job: Job, wallId: string): number => {
  const plan = planJob(job)
  const field = plan.tasks.find(({ kind, id }) => kind === 'roll' && id.includes(`/${wallId}/`))!
  const line = plan.tasks.find(({ kind, coat, id }) => kind === 'coat' && coat === field.coat && id.includes(wallId))
  return bandMendingMin({
    job,
    hems: new Map(plan.hems.map((hem) => [hem.id, hem])),
    fieldId: field.id,
    line,
    parameters: DEFAULT_PARAMETERS,
  })
}
const inColour = (coatingId: string, swatch: string): Job =>
  jobOf({ room: { steps: [{ ...WALLS, coatingId, swatch }] }, house: { school: 'own-colour-seal', pull: 'wet' } })
const coating = (sheen: string): string => jobOf().shelf.coatings.find((each) => each.sheen === sheen)!.id

test('by hand: metres of the wall’s lines × chance × the house’s mending, in minutes of its wage', () => {
  const job = inColour(coating('satin'), '#1d2b24')
  const hems = planJob(job).hems.filter(({ paint }) => paint === 'wall:w1')
  const metres = hems.reduce((sum, { lengthMm }) => sum + lengthMm, 0) / 1000
  expect(metres).toBeGreaterThan(4)
  const chance = bandPerMetre('satin', lightness('#1d2b24'), DEFAULT_PARAMETERS)
  const { mendBandMinor, wagePerHourMinor } = job.house
  expect(mendOn(job, 'w1')).toBe(Math.round((metres * chance * mendBandMinor * 60) / wagePerHourMinor))
})

test('satin costs more than matt, and dark more than white', () => {
  const [satin, matt] = ['satin', 'matt'].map((sheen) => mendOn(inColour(coating(sheen), '#1d2b24'), 'w1'))
  expect(satin).toBeGreaterThan(matt!)
  expect(satin).toBeGreaterThan(mendOn(inColour(coating('satin'), '#ffffff'), 'w1'))
})

/** How the field of each wall goes in the rounds of a plan. */
const ordersOf = (job: Job): readonly string[] => {
  const plan = planJob(job)
  return plan.rounds.filter(({ stepId, wet }) => wet && stepId === WALLS.id).map(({ fieldOrder }) => fieldOrder)
}
const byPrice = (job: Job): Job => ({ ...job, house: { ...job.house, fieldOrder: 'by-price' } })

// Common practice, no published source: satin and dark walls are cut and rolled wall by wall, matt white in large rounds.
test('where the house leaves it to the price: dark satin within its wall, matt white behind the pull', () => {
  const dark = ordersOf(byPrice(inColour(coating('satin'), '#1d2b24')))
  expect(dark).toContain('within')
  const white = ordersOf(byPrice(inColour(coating('matt'), '#ffffff')))
  expect(white.length).toBeGreaterThan(0)
  expect(new Set(white)).toEqual(new Set(['after-pull']))
  expect(dark.length).toBeGreaterThan(white.length)
})

test('a wall whose field does not fit into the wet edge keeps it whole, behind the pull', () => {
  const job = byPrice(inColour(coating('satin'), '#1d2b24'))
  const [wall, ...others] = job.rooms[0]!.walls
  const long = { ...job, rooms: [{ ...job.rooms[0]!, walls: [{ ...wall!, lengthMm: 9000 }, ...others] }] }
  const fields = planJob(long).rounds.filter(({ stepId, wallIds }) => stepId === WALLS.id && wallIds.includes(wall!.id))
  expect(new Set(fields.map(({ fieldOrder }) => fieldOrder))).toEqual(new Set(['after-pull']))
})

test('the card says what the round does, and why', () => {
  const plan = planJob(byPrice(inColour(coating('satin'), '#1d2b24')))
  const within = new Set(
    plan.rounds.filter(({ fieldOrder }) => fieldOrder === 'within').flatMap(({ hemIds }) => hemIds),
  )
  const answers = plan.recipes.filter(
    (recipe) => recipe.safe && recipe.pull === 'wet' && recipe.hemId.includes('wall:'),
  )
  expect(answers.length).toBeGreaterThan(3)
  for (const answer of answers) {
    if (!answer.safe || plan.hems.find(({ id }) => id === answer.hemId)?.stepId !== WALLS.id) continue
    const says = answer.reasons.some(({ code }) => code === 'why.rolled_within')
    expect([answer.hemId, says]).toEqual([answer.hemId, within.has(answer.hemId)])
  }
})
