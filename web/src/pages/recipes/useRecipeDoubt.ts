import type { Recipe, RecipeDoubt } from '@crisp-hem/core'
import { useMemo } from 'react'
import { useFacts } from '../../app/state/useJob'
import { useWorkerAnswer } from '../../app/state/useWorkerAnswer'
import type { DoubtAnswer, DoubtQuestion } from './doubt.worker'

const ASK_AFTER_MS = 50
const start = () => new Worker(new URL('./doubt.worker.ts', import.meta.url), { type: 'module' })

/** How far off a recipe's risks may be; null until that is worked out, and for a way without tape. */
export function useRecipeDoubt(recipe: Recipe): RecipeDoubt | null {
  const facts = useFacts()
  const question = useMemo(() => ({ facts, recipe }), [facts, recipe])
  const answer = useWorkerAnswer<DoubtQuestion, DoubtAnswer>(start, question, ASK_AFTER_MS)
  // What is left from the hem before says nothing of this one.
  return answer?.recipe.hemId === recipe.hemId && answer.recipe.tapeId === recipe.tapeId ? answer.doubt : null
}
