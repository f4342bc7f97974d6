import {
  otherWays,
  outcomeOf,
  supposed,
  type Job,
  type OtherWays,
  type WhatIfOutcome,
  type Supposed,
} from '@crisp-hem/core'
import { answerWith } from '../../app/state/useWorkerAnswer'

export interface WhatIfQuestion {
  readonly job: Job
  /** Minutes since the epoch. */
  readonly now: number
  /** Null asks by whom, in how large rounds and with whose gun rooms are best done. */
  readonly what: Supposed | null
}

export interface WhatIfAnswer {
  readonly as: WhatIfOutcome
  readonly would: WhatIfOutcome
  /** What was supposed, or found to be best. */
  readonly what: readonly Supposed[]
  /** What was searched, where something was. */
  readonly searched: Omit<OtherWays, 'moves'> | null
}

const WAYS = { runs: 2000, seed: 1 }
/** Time for the search, ms, and rounds in which both plans are bettered before they are set side by side. */
const SEARCH_MS = 12_000
const BETTER_ROUNDS = 200
const BETTER_MS = 3000

// Two whole plans and thousands of runs of each: beside the page.
answerWith(({ job, now, what }: WhatIfQuestion): WhatIfAnswer => {
  const within = (ms: number) => {
    const until = performance.now() + ms
    return () => performance.now() > until
  }
  if (what)
    return {
      as: outcomeOf(job, now, WAYS),
      would: outcomeOf(supposed(job, what), now, WAYS),
      what: [what],
      searched: null,
    }
  const { moves, ...searched } = otherWays(job, now, { seed: WAYS.seed, isOver: within(SEARCH_MS) })
  const better = (each: Job) => outcomeOf(each, now, { ...WAYS, rounds: BETTER_ROUNDS, isOver: within(BETTER_MS) })
  return { as: better(job), would: better(moves.reduce(supposed, job)), what: moves, searched }
})
