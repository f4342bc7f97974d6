import type { Plan, RecipeAnswer } from '@crisp-hem/core'

/** A plan on its way from the worker: everything but its recipes, then these by the hundred, then that it is whole. */
export type PlanPart =
  | { readonly part: 'frame'; readonly frame: Omit<Plan, 'recipes'> }
  | { readonly part: 'recipes'; readonly recipes: readonly RecipeAnswer[] }
  | { readonly part: 'end' }

/** Recipes in one part: as many as a slow machine unpacks between two moves of a hand. */
const PER_PART = 120

/** Parts of a plan in the order they are sent. Unpacked one by one they never hold the page for long. */
export function partsOf({ recipes, ...frame }: Plan): PlanPart[] {
  const parts: PlanPart[] = [{ part: 'frame', frame }]
  for (let from = 0; from < recipes.length; from += PER_PART)
    parts.push({ part: 'recipes', recipes: recipes.slice(from, from + PER_PART) })
  return [...parts, { part: 'end' }]
}

/** Puts parts together again: gives the plan with the last one, null before. */
export function planJoiner(): (part: PlanPart) => Plan | null {
  let frame: Omit<Plan, 'recipes'> | null = null
  let recipes: RecipeAnswer[] = []
  return (part) => {
    switch (part.part) {
      case 'frame':
        frame = part.frame
        recipes = []
        return null
      case 'recipes':
        recipes.push(...part.recipes)
        return null
      case 'end':
        return frame && { ...frame, recipes }
    }
  }
}
