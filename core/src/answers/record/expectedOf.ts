import type { LearnedFault } from '../../base/nouns'
import type { OwnTimes, Recipe } from '../../masking/recipes/recipe'

/** Faults a metre that the models expect of a line. What the record already moved is put back, so that nothing is learned from itself. */
export function expectedOf({ risks, own }: Pick<Recipe, 'risks' | 'own'>, fault: LearnedFault): number {
  const expected = typeof risks[fault] === 'number' ? risks[fault] : risks[fault].mean
  return expected / timesOf(own, fault)
}

const timesOf = (own: OwnTimes | null, fault: LearnedFault): number => (own ? Math.max(1e-6, own[fault]) : 1)
