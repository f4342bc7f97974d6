import { planJob } from '../src/answers/chain/planJob'
import type { HouseRules, PaintStep } from '../src/base/nouns'
import { CEILING, jobOf, TRIM, WALLS } from './oneHem'

/** One wage, one set of minutes: what the plan books for its hems is what their recipes cost. */
const HANDS = ['lay', 'press', 'seal', 'cut-in', 'freehand', 'pull', 'liquid', 'peel']

function minutesOf(house: Partial<HouseRules>, steps: readonly PaintStep[]): { booked: number; priced: number } {
  const job = jobOf({ house, room: { steps } })
  const plan = planJob(job)
  const booked = plan.tasks
    .flatMap((task) => task.work)
    .reduce((sum, part) => sum + (HANDS.includes(part.part) ? part.minutes : 0), 0)
  const labour = plan.recipes.reduce((sum, recipe) => sum + (recipe.safe ? recipe.cost.labour : 0), 0)
  return { booked, priced: (labour / job.house.wagePerHourMinor) * 60 }
}

test.each([
  ['one run, pressed with a tool', { runs: 'one-run', press: 'tool' }],
  ['short pieces, pressed by thumb', { runs: 'short-pieces', press: 'thumb' }],
  ['sealed everywhere, first coat held off', { sealAlways: true, holdFirstCoat: true, school: 'clear-glaze' }],
  ['a proven hand', { school: 'freehand', provenHand: true }],
] as const)('%s: the plan’s minutes on hems are those the recipes are priced by', (_, house) => {
  const { booked, priced } = minutesOf(house, [CEILING, TRIM, WALLS])
  expect(booked).toBeGreaterThan(60)
  // Recipes are rounded to a cent each.
  expect(Math.abs(booked - priced)).toBeLessThan(1)
})

test('an undercoat and its colour: cutting in is counted for each of their coats', () => {
  const primer = { ...TRIM, id: 'primer', name: 'Primer', colour: 'Primer grey', swatch: '#b9b9b4', coats: 1 }
  const { booked, priced } = minutesOf({ runs: 'one-run' }, [primer, TRIM])
  expect(Math.abs(booked - priced)).toBeLessThan(1)
})
