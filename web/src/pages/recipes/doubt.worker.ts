import { recipeDoubt, type Recipe, type RecipeDoubt } from '@crisp-hem/core'
import type { JobFacts } from '@crisp-hem/core/wire'
import { answerWith } from '../../app/state/useWorkerAnswer'

export interface DoubtQuestion {
  readonly facts: JobFacts
  readonly recipe: Recipe
}
export interface DoubtAnswer {
  readonly recipe: Pick<Recipe, 'hemId' | 'tapeId'>
  readonly doubt: RecipeDoubt | null
}

// Both risks are worked out anew for every set of figures that is drawn.
answerWith(({ facts, recipe }: DoubtQuestion): DoubtAnswer => ({
  recipe: { hemId: recipe.hemId, tapeId: recipe.tapeId },
  doubt: recipeDoubt(facts, recipe),
}))
