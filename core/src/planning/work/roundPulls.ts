import { actOf, type HemId, type RoundAct, type RoundRef } from '../../base/nouns'
import type { Recipe } from '../../masking/recipes/recipe'
import type { RoundPull } from './activity'

/** How a recipe comes off; null for a line cut by hand. */
export function mannerOf(recipe: Recipe | undefined): RoundPull['manner'] | null {
  if (!recipe || recipe.pull === 'none') return null
  return recipe.way === 'liquid-mask' ? 'peel' : recipe.pull
}

/**
 * The pulls of a round, wet first. What comes off first keeps the plain name, so that a round of one manner is called
 * the same whichever it is.
 */
export function roundPulls(
  round: RoundRef,
  hemIds: readonly HemId[],
  recipes: ReadonlyMap<HemId, Recipe>,
): RoundPull[] {
  const of = (manner: RoundPull['manner']) => hemIds.filter((id) => mannerOf(recipes.get(id)) === manner)
  const stays = (id: HemId) => (recipes.get(id)?.keptFor ?? null) !== null
  const [wet, dry, peel] = [of('wet'), of('dry').filter((id) => !stays(id)), of('peel')]
  const pull = (
    manner: RoundPull['manner'],
    act: RoundAct,
    ids: readonly HemId[],
    more: Partial<RoundPull> = {},
  ): RoundPull[] =>
    ids.length === 0 ? [] : [{ manner, taskId: actOf(round, act), hemIds: ids, afterH: 0, stays: false, ...more }]
  return [
    ...pull('wet', 'pull', wet),
    ...pull('dry', wet.length > 0 ? 'pull-dry' : 'pull', dry),
    ...pull('dry', 'pull-floor', of('dry').filter(stays), { stays: true }),
    ...pull('peel', 'peel', peel, { afterH: Math.max(0, ...peel.map((id) => recipes.get(id)?.pullAfterH ?? 0)) }),
  ]
}
