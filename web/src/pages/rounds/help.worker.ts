import { problemOf, whatWouldHelp, whyLate, type Demand, type Help, type Job } from '@crisp-hem/core'
import { answerWith } from '../../app/state/useWorkerAnswer'

export interface HelpQuestion {
  readonly job: Job
  /** Minutes since the epoch. */
  readonly now: number
  readonly roomId: string
}

export interface HelpAnswer {
  /** What together makes it impossible, proved; null where that is not proved. */
  readonly why: readonly Demand[] | null
  readonly helps: readonly Help[]
}

/** Time that each question to the engine gets, ms; what is not refuted by then counts as possible. */
const EACH_MS = 1200
const timer = () => {
  const until = performance.now() + EACH_MS
  return () => performance.now() > until
}

// Each change is planned anew: seconds of work, beside the page.
answerWith(({ job, now, roomId }: HelpQuestion): HelpAnswer => {
  return { why: whyLate(problemOf(job, now), roomId, timer), helps: whatWouldHelp(job, roomId, now) }
})
