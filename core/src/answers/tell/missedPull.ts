import { mendingMin, type Job } from '../../base/nouns'
import { DEFAULT_PARAMETERS, type Parameters } from '../../base/parameters/parameters'
import { coatingOf } from '../../survey/shelf/find'
import { tearPerMetre, type FilmAtPull } from '../../nature/risk/tear'
import type { RecipeAnswer } from '../../masking/recipes/recipe'
import type { Hem } from '../../survey/hems/deriveHems'
import type { PullPlan } from '../../planning/windows/pullPlans'
import { wetPassedAt } from '../../planning/windows/wetPassed'

/** What can be done with tape whose wet window has closed: left to harden and cut along, left and not cut, or pulled while tacky. */
export const MISSED_WAYS = ['scored', 'unscored', 'tacky'] as const
export type MissedWay = (typeof MISSED_WAYS)[number]

/** What a way is expected to tear, metres of new film, and to take to touch up, whole minutes. */
export interface MissedCost {
  readonly way: MissedWay
  readonly tornM: number
  readonly mendMin: number
}

interface MissedSetup {
  readonly job: Pick<Job, 'house' | 'shelf' | 'rooms'>
  readonly hems: ReadonlyMap<string, Hem>
  readonly recipes: ReadonlyMap<string, RecipeAnswer>
  readonly pull: PullPlan
  /** Minutes since the epoch. */
  readonly now: number
  readonly parameters?: Pick<Parameters, 'tear'>
}

/**
 * What is left to decide about tape that missed its wet window: metres of its edges × chance that a metre tears, by sheen and bead,
 * at the house's price of mending; the cheapest first. Null while the window is open, or where there was none.
 */
export function missedPull({
  job,
  hems,
  recipes,
  pull,
  now,
  parameters = DEFAULT_PARAMETERS,
}: MissedSetup): readonly MissedCost[] | null {
  if (wetPassedAt(pull, now) === null) return null
  const edges = pull.hemIds.flatMap((id) => {
    const [hem, recipe] = [hems.get(id), recipes.get(id)]
    const room = job.rooms.find((each) => each.id === hem?.roomId)
    const step = room?.steps.find((each) => each.id === hem?.stepId)
    return hem && recipe?.safe && step
      ? [{ metres: hem.lengthMm / 1000, seal: recipe.seal, sheen: coatingOf(job.shelf, step.coatingId).sheen }]
      : []
  })
  const costs = MISSED_WAYS.map((way): MissedCost => {
    const film: FilmAtPull = way === 'tacky' ? 'tacky' : 'dry'
    const tornM = edges.reduce(
      (sum, { metres, seal, sheen }) =>
        sum + metres * tearPerMetre({ sheen, seal, film, scored: way === 'scored', parameters }),
      0,
    )
    return { way, tornM, mendMin: Math.round(mendingMin(tornM * job.house.mendTearMinor, job.house)) }
  })
  return costs.sort((a, b) => a.mendMin - b.mendMin || MISSED_WAYS.indexOf(a.way) - MISSED_WAYS.indexOf(b.way))
}
