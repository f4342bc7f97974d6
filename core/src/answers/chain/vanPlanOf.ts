import type { Job } from '../../base/nouns'
import { DEFAULT_PARAMETERS, type Parameters } from '../../base/parameters/parameters'
import type { Recipe } from '../../masking/recipes/recipe'
import { vanPlan, type VanPlan } from '../van/vanLists'
import type { Plan } from './planJob'

/** What each crew loads on each day of the plan people work by, and what the van has not enough of. */
export function vanPlanOf(job: Job, plan: Plan, parameters: Parameters = DEFAULT_PARAMETERS): VanPlan {
  const recipes = new Map(
    plan.recipes.flatMap((answer): [string, Recipe][] => (answer.safe ? [[answer.hemId, answer]] : [])),
  )
  return vanPlan(job, { ...plan, recipes }, parameters)
}
