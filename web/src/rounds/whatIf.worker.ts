import { otherCrews, outcomeOf, supposed, type Job, type Outcome, type Supposed } from '@crisp-hem/core'
import { answerWith } from '../state/useWorkerAnswer'

export interface WhatIfQuestion {
  readonly job: Job
  /** Minutes since the epoch. */
  readonly now: number
  /** Null asks which rooms would best go to other crews. */
  readonly what: Supposed | null
}

export interface WhatIfAnswer {
  readonly as: Outcome
  readonly would: Outcome
  /** What was supposed, or found to be best. */
  readonly what: readonly Supposed[]
}

const WAYS = { runs: 2000, seed: 1 }
/** Time for trying other crews, ms. */
const CREWS_MS = 15_000

// Two whole plans and thousands of runs of each: beside the page.
answerWith(({ job, now, what }: WhatIfQuestion): WhatIfAnswer => {
  const until = performance.now() + CREWS_MS
  const all: readonly Supposed[] = what
    ? [what]
    : otherCrews(job, now, () => performance.now() > until).map((move) => ({ if: 'crew', ...move }))
  const would = all.reduce(supposed, job)
  return { as: outcomeOf(job, now, WAYS), would: outcomeOf(would, now, WAYS), what: all }
})
