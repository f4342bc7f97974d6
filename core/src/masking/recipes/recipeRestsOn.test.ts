import { MARKS } from '../../base/nouns'
import { ternQuaySurvey } from '../../../../demo'
import { jobRecipes } from './jobRecipes'
import { recipeRestsOn } from './recipeRestsOn'

const job = ternQuaySurvey()
const recipes = jobRecipes(job).flatMap((answer) => (answer.safe ? [answer] : []))

test('every recipe of the demo names what it rests on, each constant once and with its mark', () => {
  for (const recipe of recipes) {
    const list = recipeRestsOn(recipe, job.shelf, job.house)
    expect(list.length).toBeGreaterThan(3)
    expect(new Set(list.map((constant) => constant.name)).size).toBe(list.length)
    for (const { value } of list) {
      expect(MARKS).toContain(value.mark)
      expect(Number.isFinite(value.value)).toBe(true)
      expect(value.source).not.toBe('')
    }
  }
})

test('a rate of one’s own is marked so, a starter rate is not', () => {
  const [recipe] = recipes.filter((each) => each.way === 'tape')
  const markOf = (layPerM: number) =>
    recipeRestsOn(recipe!, job.shelf, { ...job.house, rates: { ...job.house.rates, layPerM } }).find(
      (constant) => constant.name === 'laying',
    )!.value.mark
  expect([markOf(1), markOf(1.4)]).toEqual(['from-memory', 'own-log'])
})

test('a mask, a hung film and a carpet bring constants of their own', () => {
  const names = (pick: (recipe: (typeof recipes)[number]) => boolean) =>
    recipeRestsOn(recipes.find(pick)!, job.shelf, job.house).map((constant) => constant.name)
  expect(names((each) => each.way === 'liquid-mask')).toContain('cut-after')
  expect(names((each) => each.cover?.hold === 'hung')).toContain('grip-that-holds-in-shear')
  expect(names((each) => each.setting === 'skirting-over-carpet')).toContain('bleeds-seen-under-a-skirting')
})

test('a glaze is told with the time the house waits for, and what nobody entered is from memory', () => {
  const glazed = { ...job, house: { ...job.house, school: 'clear-glaze' as const } }
  const recipe = jobRecipes(glazed).find((answer) => answer.safe && answer.glazeId)!
  if (!recipe.safe) throw new Error('nothing safe')
  const marks = (sealDry: 'touch' | 'through') =>
    recipeRestsOn(recipe, job.shelf, { ...glazed.house, sealDry })
      .filter((constant) => constant.name.startsWith('glaze'))
      .map((constant) => [constant.name, constant.value.value, constant.value.mark])
  expect(marks('touch')).toEqual([
    ['glaze-spreads', 12, 'from-memory'],
    ['glaze-takes-colour-after', 15, 'common-practice'],
  ])
  expect(marks('through')[1]).toEqual(['glaze-dry-through-after', 60, 'from-memory'])
})
