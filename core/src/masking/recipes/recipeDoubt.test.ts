import { ternQuaySurvey } from '../../../../demo'
import { jobRecipes } from './jobRecipes'
import { recipeDoubt } from './recipeDoubt'

const job = ternQuaySurvey()
const safe = jobRecipes(job).flatMap((answer) => (answer.safe ? [answer] : []))

test('every taped recipe has a span round what it expects, and the spans of a job differ', () => {
  const taped = safe.filter(({ tapeId }) => tapeId !== null).filter((_, i) => i % 25 === 0)
  expect(taped.length).toBeGreaterThan(4)
  const widths = taped.map((recipe) => {
    const { bleedMm, lift } = recipeDoubt(job, recipe)!
    for (const [span, told] of [
      [bleedMm, recipe.risks.bleedMm],
      [lift, recipe.risks.lift],
    ] as const) {
      expect(span.mean).toBe(told.mean)
      expect(span.low).toBeLessThanOrEqual(span.mean)
      expect(span.high).toBeGreaterThanOrEqual(span.mean)
    }
    return bleedMm.high - bleedMm.low
  })
  expect(new Set(widths).size).toBeGreaterThan(1)
})

test('a way without tape, and a hem that is gone, have none', () => {
  const hand = safe.find(({ tapeId }) => tapeId === null)
  if (hand) expect(recipeDoubt(job, hand)).toBeNull()
  expect(recipeDoubt({ ...job, rooms: [] }, safe[0]!)).toBeNull()
})
