import { ternQuaySurvey } from '../../../../demo'
import { planJob } from '../../answers/chain/planJob'
import { jobKit } from './jobKit'
import { early } from '../../../tests/early'

// Kinds that cost nothing to carry: every hem takes its best.
const base = early(ternQuaySurvey())
const job = { ...base, house: { ...base.house, kindMinor: 0 } }
const kit = jobKit(job)
const plan = planJob(job)
const answered = plan.recipes.flatMap((answer) => (answer.safe ? [answer] : []))
/** Lines cut by hand and panes under a liquid mask carry no tape, and no kit. */
const safe = answered.filter((recipe) => recipe.tapeId !== null)
const keyOf = ({ tapeId, widthMm }: { tapeId: string | null; widthMm: number }) => `${tapeId} ${widthMm}`

test('with every hem its best, the kit is what the recipes choose, at their cost', () => {
  const [first] = kit.points
  expect(kit.unserved).toBe(plan.recipes.length - answered.length)
  // Each recipe's parts are rounded to whole cents, the kit's sum once; and a plan knows its hours and stays, a kit guesses them.
  const cost = safe.reduce((sum, recipe) => sum + recipe.cost.total, 0)
  expect(Math.abs(first!.hemsMinor - cost)).toBeLessThan(2 * safe.length + 0.01 * cost)
  expect(first!.kindOf.size).toBe(safe.length)
})

test('fewer kinds never cost the hems less; the house’s best lies on the curve', () => {
  kit.points.forEach((point, i) => {
    if (i > 0) expect(point.hemsMinor).toBeGreaterThanOrEqual(kit.points[i - 1]!.hemsMinor)
  })
  expect(kit.best!.totalMinor).toBeLessThanOrEqual(Math.min(...kit.points.map((point) => point.totalMinor)) + 1)
})

test('a chosen kit is kept to, and a hem it cannot serve says so', () => {
  const fewest = kit.points.at(-1)!
  const carried = new Set(fewest.kinds.map(keyOf))
  const with_ = planJob({ ...job, kit: fewest.kinds })
  for (const answer of with_.recipes) if (answer.safe && answer.tapeId) expect(carried.has(keyOf(answer))).toBe(true)
  const [one] = fewest.kinds
  const alone = planJob({ ...job, kit: [one!] }).recipes.flatMap((answer) =>
    answer.safe && answer.tapeId ? [answer] : [],
  )
  const outside = alone.filter((answer) => keyOf(answer) !== keyOf(one!))
  expect(outside.every((answer) => answer.reasons.some((reason) => reason.code === 'why.outside_kit'))).toBe(true)
})

test('a leftover kind on the van costs nothing to carry, and its rolls are not bought again', () => {
  const shelf = {
    ...job.shelf,
    tapes: job.shelf.tapes.map((tape) => ({
      ...tape,
      rolls: tape.rolls.map((roll) => ({ ...roll, stockMm: 400_000 })),
    })),
  }
  const stocked = jobKit({ ...job, shelf })
  expect(stocked.best!.totalMinor).toBe(stocked.best!.hemsMinor)
  const line = planJob({ ...job, shelf }).load.tapes[0]!
  expect(line.stockMm).toBe(Math.min(line.totalMm, 400_000))
  expect(line.rolls).toBe(Math.ceil((line.totalMm - line.stockMm) / 50_000))
})

test('a retired tape is chosen nowhere', () => {
  const id = safe[0]!.tapeId
  const shelf = { ...job.shelf, tapes: job.shelf.tapes.map((tape) => ({ ...tape, retired: tape.id === id })) }
  expect(planJob({ ...job, shelf }).recipes.some((answer) => answer.safe && answer.tapeId === id)).toBe(false)
  expect(jobKit({ ...job, shelf }).points[0]!.kinds.some((kind) => kind.tapeId === id)).toBe(false)
})

test('hems without tape are in no kit; taped instead, their panes are, in a narrow width', () => {
  const panes = 'corridor/leaf:o6|glass:o6'
  expect(kit.points[0]!.kindOf.has(panes)).toBe(false)
  const taped = jobKit({ ...job, house: { ...job.house, liquidOnPanes: false } })
  expect(taped.points[0]!.kindOf.get(panes)!.widthMm).toBe(18)
})

test('a hem is given no kind that is too narrow for it', () => {
  for (const point of kit.points)
    for (const [hemId, kind] of point.kindOf) {
      const recipe = safe.find((each) => each.hemId === hemId)!
      expect(kind.widthMm).toBeGreaterThanOrEqual(Math.min(recipe.widthMm, 48))
    }
})

test('what the house prefers is valued before what is cheaper: the best kit’s hems cost what the plan then says', () => {
  const { best } = kit
  const carried = planJob({ ...job, kit: best!.kinds })
  const cost = carried.recipes
    .flatMap((answer) => (answer.safe && answer.tapeId !== null ? [answer] : []))
    .reduce((sum, recipe) => sum + recipe.cost.total, 0)
  expect(Math.abs(best!.hemsMinor - cost)).toBeLessThan(0.01 * cost)
})
