import { vanPlanOf, planJob, toLocal, type Job, type VanItem } from '@crisp-hem/core'
import type { JobAnswer } from '@crisp-hem/core/wire'
import { answerWith } from '../../app/state/useWorkerAnswer'

/** What another job takes from the same van, by day. */
export interface OtherNeed {
  readonly jobId: string
  readonly job: string
  readonly zone: string
  readonly day: number
  readonly items: readonly VanItem[]
}

export interface OthersAsked {
  readonly jobs: readonly JobAnswer[]
  readonly now: number
}

/** Days ahead that matter to whoever loads today. */
const AHEAD_DAYS = 14

// Every other job is planned anew, which takes half a second each.
answerWith(({ jobs, now }: OthersAsked): OtherNeed[] =>
  jobs.flatMap(({ facts, log, published }) => {
    const job: Job = { ...facts, log, published }
    const today = toLocal(Math.floor(now), job.site.zone).day
    return vanPlanOf(job, planJob(job, now)).lists.flatMap((list): OtherNeed[] =>
      list.day < today || list.day > today + AHEAD_DAYS
        ? []
        : [{ jobId: job.id, job: job.name, zone: job.site.zone, day: list.day, items: list.items }],
    )
  }),
)
