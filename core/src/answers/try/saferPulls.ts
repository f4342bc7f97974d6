import { chancesOf } from '../../planning/chance/chances'
import type { Job } from '../../base/nouns'
import { DEFAULT_PARAMETERS, type Parameters } from '../../base/parameters/parameters'
import { planWithProblem } from '../chain/planJob'

/** What it takes to keep every wet pull that is still to come within a chance of missing its span. */
export interface SaferPulls {
  /** Share of its window that a round fills at most then; null where no size of round does it. */
  readonly margin: number | null
  /** The worst pull then, and as it is. */
  readonly worst: number
  readonly worstNow: number
  /** Minutes by which the end moves, and rounds there are more. */
  readonly laterMin: number
  readonly moreRounds: number
}

/** Smaller and smaller rounds, as shares of what is usual. */
const STEPS = [1, 0.85, 0.7, 0.55, 0.45] as const

/**
 * The price of being sure: rounds are cut smaller until every wet pull misses its span in fewer runs than `most`, and the plan is
 * made anew with them. What is coated, or has its bead on, already cannot be made surer.
 */
export function saferPulls(
  job: Job,
  now: number,
  { most, runs, seed }: { readonly most: number; readonly runs: number; readonly seed: number },
  parameters: Parameters = DEFAULT_PARAMETERS,
): SaferPulls {
  const anew = { ...job, published: null }
  const usual = parameters.work.wetMargin.value
  let first: Tried | null = null
  for (const step of STEPS) {
    const own = withMargin(parameters, usual * step)
    const { plan, problem } = planWithProblem(anew, now, own)
    const { proposed, rounds } = plan
    const begun = new Set<string>(
      problem.pulls.filter((rule) => rule.coated ?? rule.bead?.sealedAt).map((rule) => rule.activityId),
    )
    const { pulls, end } = chancesOf(problem, { placed: proposed }, { runs, seed })
    const worst = Math.max(0, ...pulls.filter((pull) => !begun.has(pull.activityId)).map((pull) => pull.missShare))
    const tried = { worst, end: end?.half ?? now, rounds: rounds.length }
    first ??= tried
    if (worst <= most || step === STEPS.at(-1)) return told(worst <= most ? usual * step : null, tried, first)
  }
  throw new Error('there is no smallest round')
}

interface Tried {
  readonly worst: number
  readonly end: number
  readonly rounds: number
}

const told = (margin: number | null, tried: Tried, first: Tried): SaferPulls => ({
  margin,
  worst: tried.worst,
  worstNow: first.worst,
  laterMin: Math.round(tried.end - first.end),
  moreRounds: tried.rounds - first.rounds,
})

const withMargin = (parameters: Parameters, value: number): Parameters => ({
  ...parameters,
  work: { ...parameters.work, wetMargin: { ...parameters.work.wetMargin, value } },
})
