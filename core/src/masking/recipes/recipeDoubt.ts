import { DEFAULT_PARAMETERS, type Parameters } from '../../base/parameters/parameters'
import type { JobFacts } from '../../base/nouns'
import type { EdgeSetup } from '../../nature/risk/bleed'
import { bleedSize } from '../../nature/risk/bleedSize'
import { withDoubt } from '../../nature/risk/drawn'
import { liftPerMetre } from '../../nature/risk/lift'
import type { Estimate } from '../../nature/risk/normal'
import { tapeOf } from '../../survey/shelf/find'
import { contextOf } from './anew'
import { asSeen, edgeSetup } from './candidates'
import type { Recipe } from './recipe'

/** What a recipe's bleed and lift would be, were every figure of the models as far off as it may be, all of them at once. */
export interface RecipeDoubt {
  /** Edge that shows a run, mm a metre. */
  readonly bleedMm: Estimate
  /** Chance that a metre lifts. */
  readonly lift: Estimate
  /** The edge these are asked of. */
  readonly edge: EdgeSetup
}

/**
 * The span of a recipe's risks that holds nine of ten of what they would be by the draws of {@link withDoubt}, round what the recipe
 * itself expects. How well the models fit at all is not in it.
 *
 * @returns null for a way without tape, or a hem that is not there
 */
export function recipeDoubt(
  job: JobFacts,
  recipe: Recipe,
  parameters: Parameters = DEFAULT_PARAMETERS,
): RecipeDoubt | null {
  const ctx = contextOf({ ...job, log: [], published: null }, recipe.hemId, parameters)
  if (!ctx || recipe.tapeId === null || recipe.pull === 'none') return null
  const tape = tapeOf(ctx.shelf, recipe.tapeId)
  const { seal, pressing, pull } = recipe
  const setup = { ...edgeSetup({ ctx, tape, seal, pressing, pull }), stroke: recipe.stroke }
  const bleedMm = withDoubt(parameters, (by) => asSeen({ ...ctx, parameters: by }, bleedSize(setup, by)).bleedMm.mean)
  const lift = withDoubt(parameters, (by) => liftPerMetre(tape.gripN25, ctx.keepFinish, by).mean)
  return {
    bleedMm: movedTo(bleedMm, recipe.risks.bleedMm.mean),
    lift: movedTo(lift, recipe.risks.lift.mean),
    edge: setup,
  }
}

/** A span moved to what is expected now that a plan says when the tape goes on. */
const movedTo = ({ mean, low, high }: Estimate, expected: number): Estimate =>
  mean > 0
    ? { mean: expected, low: (low * expected) / mean, high: (high * expected) / mean }
    : { mean: expected, low, high }
