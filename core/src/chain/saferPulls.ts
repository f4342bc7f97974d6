import { chancesOf } from '../chance/chances'
import type { Job } from '../ground'
import { DEFAULT_PARAMETERS, type Parameters } from '../parameters/parameters'
import { planJob, problemOf } from './planJob'

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
  const tries = { worstNow: 0, endNow: 0, roundsNow: 0 }
  let last = { worst: 0, end: 0, rounds: 0 }
  for (const step of STEPS) {
    const own = withMargin(parameters, usual * step)
    const { proposed, rounds } = planJob(anew, now, own)
    const problem = problemOf(anew, now, own)
    const begun = new Set<string>(
      problem.pulls.filter((rule) => rule.coated ?? rule.bead?.sealedAt).map((rule) => rule.activityId),
    )
    const { pulls, end } = chancesOf(problem, { placed: proposed }, { runs, seed })
    const worst = Math.max(0, ...pulls.filter((each) => !begun.has(each.activityId)).map((each) => each.missShare))
    last = { worst, end: end?.half ?? now, rounds: rounds.length }
    if (step === 1) Object.assign(tries, { worstNow: worst, endNow: last.end, roundsNow: last.rounds })
    if (worst <= most) return told(usual * step)
  }
  return told(null)

  function told(margin: number | null): SaferPulls {
    return {
      margin,
      worst: last.worst,
      worstNow: tries.worstNow,
      laterMin: Math.round(last.end - tries.endNow),
      moreRounds: last.rounds - tries.roundsNow,
    }
  }
}

const withMargin = (parameters: Parameters, value: number): Parameters => ({
  ...parameters,
  work: { ...parameters.work, wetMargin: { ...parameters.work.wetMargin, value } },
})
