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
  /** Of crews: how many plans were compared, and whether those were all there are. */
  readonly crews: { readonly tried: number; readonly isAll: boolean } | null
}

const WAYS = { runs: 2000, seed: 1 }
/** Time for trying other crews, ms. */
const CREWS_MS = 15_000

// Two whole plans and thousands of runs of each: beside the page.
answerWith(({ job, now, what }: WhatIfQuestion): WhatIfAnswer => {
  const until = performance.now() + CREWS_MS
  const found = what ? null : otherCrews(job, now, () => performance.now() > until)
  const all = found ? found.moves.map((move): Supposed => ({ if: 'crew', ...move })) : what ? [what] : []
  const would = all.reduce(supposed, job)
  return { as: outcomeOf(job, now, WAYS), would: outcomeOf(would, now, WAYS), what: all, crews: found }
})
