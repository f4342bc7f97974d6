import { compareWays, type Job, type WayOutcome, type WaysScope } from '@crisp-hem/core'
import { answerWith } from '../../app/state/useWorkerAnswer'

export interface WaysAsked {
  readonly job: Job
  readonly scope: WaysScope
}
export interface WaysAnswer {
  readonly scope: WaysScope
  readonly ways: readonly WayOutcome[]
}

// The job is planned once for every way.
answerWith(({ job, scope }: WaysAsked): WaysAnswer => ({ scope, ways: compareWays(job, scope) }))
