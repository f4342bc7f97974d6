import { ENGLISH, speaker } from '../../edge/words'
import { STARTER_SHELF } from '../../survey/shelf/starterShelf'
import { gullRow, ternQuaySurvey } from '../../../../demo'
import { planJob } from '../../answers/chain/planJob'
import type { Hem } from '../../survey/hems/deriveHems'
import type { RecipeAnswer } from '../recipes/recipe'
import { wastePctIn } from './tapedMm'
import { buy } from './takeLoad'
import { coverNeeds } from '../covers/coverNeeds'
import { early } from '../../../tests/early'

/** By hand: two tabs of 50 mm for each run; in a tight joint a second layer, and pieces of 300 mm that lap 25 mm. */
const tabsByHand = (hem: Hem, recipe: RecipeAnswer): number => {
  const ends = 100 * (hem.corners + 1)
  const isTight = recipe.safe && recipe.setting === 'tight-joint-at-the-floor' && hem.gapVaries
  return isTight ? ends + hem.lengthMm + 25 * Math.ceil((2 * hem.lengthMm) / 300) : ends
}

test('tape adds up: hems, two tabs of 50 mm for each run, double runs in tight joints, waste, whole rolls', () => {
  const job = early(gullRow())
  const { load, hems, recipes } = planJob(job)
  const answers = new Map(recipes.map((answer) => [answer.hemId, answer]))
  for (const line of load.tapes) {
    const own = hems.filter((hem) => line.hemIds.includes(hem.id))
    expect(line.hemMm).toBe(own.reduce((sum, hem) => sum + hem.lengthMm, 0))
    expect(line.tabsMm).toBe(own.reduce((sum, hem) => sum + tabsByHand(hem, answers.get(hem.id)!), 0))
    // The tape that holds covers, and overlaps of tape that hardly holds on itself, is wasted like any.
    expect(line.wasteMm).toBe(Math.ceil((line.hemMm + line.tabsMm + line.holdMm) * 0.05))
    expect(line.rolls).toBe(Math.ceil(line.totalMm / 50_000))
  }
  expect(load.tapes.flatMap((line) => line.hemIds).sort()).toEqual(hems.map((hem) => hem.id).sort())
})

test('packs are bought when they are cheaper', () => {
  const roll = { widthMm: 24, priceMinor: 240, packOf: 6, packPriceMinor: 1296, stockMm: 0 }
  expect(buy(roll, 5)).toEqual({ packs: 0, singles: 5, costMinor: 1200 })
  expect(buy(roll, 6)).toEqual({ packs: 1, singles: 0, costMinor: 1296 })
  expect(buy(roll, 8)).toEqual({ packs: 1, singles: 2, costMinor: 1776 })
  expect(buy(roll, 11)).toEqual({ packs: 1, singles: 5, costMinor: 2496 })
  expect(buy({ ...roll, packOf: 1, packPriceMinor: 240 }, 3)).toEqual({ packs: 0, singles: 3, costMinor: 720 })
})

// Common practice, no published source: C19 price steps of plain : general : barrier about 3 : 7 : 8; C2 stays.
test('the starter shelf keeps the trade’s price steps and clean-removal times', () => {
  const tape = (id: string) => STARTER_SHELF.tapes.find((each) => each.id === id)!
  const price = (id: string) => tape(id).rolls.find((roll) => roll.widthMm === 24)!.priceMinor
  expect([price('teasel-day'), price('marram-general'), price('lapwing-barrier')].map((each) => each / 80)).toEqual([
    3, 7, 8,
  ])
  expect(
    ['teasel-day', 'teasel-three', 'marram-general', 'marram-low', 'sedge-delicate'].map((id) => tape(id).stayDays),
  ).toEqual([1, 3, 7, 7, 21])
  expect(tape('rockrose-out').sunStayDays).toBe(14)
})

const spoken = speaker(ENGLISH).fact

test('spraying covers glass and floor; rolling only the floor', () => {
  const [room] = early(ternQuaySurvey()).rooms
  const sprayed = { ...room!, steps: room!.steps.map((step) => ({ ...step, tool: 'spray' as const })) }
  expect(coverNeeds(room!, STARTER_SHELF, 'metric').map((need) => spoken(need.what))).toEqual([
    'floor',
    'way out',
    'floor under the ladder',
  ])
  // C12, common practice: a 2.6 m drop suits an ordinary storey; the window takes the 1.4 m one.
  expect(coverNeeds(sprayed, STARTER_SHELF, 'metric').map((need) => [spoken(need.what), need.coverId])).toEqual([
    ['floor', 'fallow-wide'],
    ['way out', 'hessian-runner'],
    ['floor under the ladder', 'hessian-runner'],
    ['smoke alarm', 'skein-window'],
    ['window 1', 'skein-window'],
    ['door 2', 'skein-window'],
    ['ceiling', 'skein-window'],
  ])
})

// By hand: 1.8 × 0.9 × 0.9 m with 0.3 m over: (1.8 + 2·1.2) × (0.9 + 2·1.2) = 4.2 × 3.3 m².
test('pieces are covered: furniture sheeted, full cabinets papered, stairs with a runner', () => {
  const job = early(ternQuaySurvey())
  const kitchen = job.rooms.find((room) => room.id === 'kitchen')!
  const piece = { ...kitchen.pieces[0]!, widthMm: 1800, heightMm: 900, depthMm: 900 }
  const needs = coverNeeds(
    {
      ...kitchen,
      pieces: [
        { ...piece, id: 'f', name: 'sofa', kind: 'furniture' },
        piece,
        { ...piece, id: 's', name: 'stair', kind: 'stairs', count: 8 },
      ],
    },
    job.shelf,
    'metric',
  )
  const need = (what: string) => needs.find((each) => each.what === what)!
  const kind = (what: string) => job.shelf.covers.find((cover) => cover.id === need(what).coverId)!.kind
  expect(need('sofa').areaMm2).toBe(4200 * 3300)
  expect([kind('sofa'), kind('base cabinets'), kind('stair')]).toEqual(['film', 'paper', 'cloth'])
})

test('beginners waste twice as much: half a crew of them, half as much again; without a crew all hands count', () => {
  const job = early(ternQuaySurvey())
  const [room] = job.rooms
  const [crew] = job.crews
  const people = (...skills: ('beginner' | 'practised')[]) => skills.map((skill, i) => ({ name: `${i}`, skill }))
  const manned = (crewId: string | null, ...skills: ('beginner' | 'practised')[]) => ({
    ...job,
    house: { ...job.house, wastePct: 6 },
    crews: [{ ...crew!, people: people(...skills) }],
    rooms: [{ ...room!, crewId }],
  })
  expect(wastePctIn(manned(crew!.id, 'practised', 'practised'), room!.id)).toBe(6)
  expect(wastePctIn(manned(crew!.id, 'beginner', 'practised'), room!.id)).toBe(9)
  expect(wastePctIn(manned(null, 'beginner'), room!.id)).toBe(12)
})
