import { type Hem, type Recipe, type RecipeAnswer } from '@crisp-hem/core'
import { sayText } from '../words'

/** Hems of a room that are done in the same way, under one letter. */
export interface RecipeGroup {
  readonly letter: string
  readonly recipe: Recipe
  readonly steps: readonly string[]
  readonly cautions: readonly string[]
  readonly hems: readonly Hem[]
  readonly lengthMm: number
}

/** `A` … `Z`, then `AA`, `AB` and so on. */
export function letterOf(index: number): string {
  const last = String.fromCharCode(65 + (index % 26))
  return index < 26 ? last : letterOf(Math.floor(index / 26) - 1) + last
}

/** Groups hems whose steps read alike, in the order of the survey; hems with nothing safe are given apart. */
export function recipeGroups(
  hems: readonly Hem[],
  recipes: ReadonlyMap<string, RecipeAnswer>,
): { groups: RecipeGroup[]; unsafe: Hem[] } {
  const found = new Map<string, { recipe: Recipe; hems: Hem[] }>()
  const unsafe: Hem[] = []
  for (const hem of hems) {
    const answer = recipes.get(hem.id)
    if (!answer?.safe) {
      unsafe.push(hem)
      continue
    }
    const key = answer.steps.map(sayText).join('\n')
    const group = found.get(key)
    if (group) group.hems.push(hem)
    else found.set(key, { recipe: answer, hems: [hem] })
  }
  const groups = [...found].map(([key, { recipe, hems: own }], i): RecipeGroup => ({
    letter: letterOf(i),
    recipe,
    steps: key.split('\n'),
    cautions: recipe.cautions.map(sayText),
    hems: own,
    lengthMm: own.reduce((sum, hem) => sum + hem.lengthMm, 0),
  }))
  return { groups, unsafe }
}
