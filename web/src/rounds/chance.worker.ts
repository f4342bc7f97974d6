import { chancesOf, planJob, problemOf, type Chances, type Job } from '@crisp-hem/core'
import { answerWith } from '../state/useWorkerAnswer'

export interface ChanceQuestion {
  readonly job: Job
  /** Minutes since the epoch. */
  readonly now: number
  readonly runs: number
  readonly seed: number
}

// Thousands of days are gone through here; the page only shows what came of them.
answerWith(({ job, now, runs, seed }: ChanceQuestion): Chances => {
  const { placed } = planJob(job, now)
  return chancesOf(problemOf(job, now), { placed }, { runs, seed })
})
