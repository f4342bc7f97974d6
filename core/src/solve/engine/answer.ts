import type { Schedule } from './model'

/** What is known of a model: the best schedule so far, and how early its end could be at best. */
export interface Answer {
  readonly status: 'optimal' | 'feasible' | 'infeasible' | 'unknown'
  readonly schedule: Schedule | null
  readonly makespan: number | null
  /** No schedule ends before this; null when there is none at all. */
  readonly bound: number | null
}

export interface Ways {
  /** Asked now and then: true stops, and what is known is the answer. */
  readonly isOver: () => boolean
  /** Numbers from 0 to 1; the same give the same answer for the same number of steps. */
  readonly random: () => number
  /** A schedule to start from, which the model must allow. */
  readonly incumbent?: Schedule | null
  readonly onProgress?: (best: number | null, bound: number) => void
  /** Rounds after which it stops whatever the time: for answers that must not hang on the clock. */
  readonly rounds?: number
}

export const INFEASIBLE: Answer = { status: 'infeasible', schedule: null, makespan: null, bound: null }
