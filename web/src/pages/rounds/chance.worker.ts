import { chancesOf, planWithProblem, saferPulls, type Chances, type Job, type SaferPulls } from '@crisp-hem/core'
import { answerWith } from '../../app/state/useWorkerAnswer'

export interface ChanceQuestion {
  readonly job: Job
  /** Minutes since the epoch. */
  readonly now: number
  readonly runs: number
  readonly seed: number
}

export interface ChanceAnswer {
  readonly chances: Chances
  readonly safer: SaferPulls
}

/** A pull that misses its span more often is worth smaller rounds; each try is a plan and some hundred runs. */
const MOST_MISSED = 0.05
const TRY_RUNS = 600

// Thousands of days are gone through here; the page only shows what came of them.
answerWith(({ job, now, runs, seed }: ChanceQuestion): ChanceAnswer => {
  const { plan, problem } = planWithProblem(job, now)
  return {
    chances: chancesOf(problem, plan, { runs, seed }),
    safer: saferPulls(job, now, { most: MOST_MISSED, runs: TRY_RUNS, seed }),
  }
})
