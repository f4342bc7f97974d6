import {
  betterPlan,
  leastPrice,
  placementOf,
  planWithProblem,
  priceOfPlans,
  sprayedFronts,
  type Better,
  type Job,
  type LeastPrice,
} from '@crisp-hem/core'

export interface BetterQuestion {
  readonly job: Job
  /** Minutes since the epoch. */
  readonly now: number
  readonly budgetMs: number
  readonly seed: number
}

export interface BetterFound extends Better {
  /** Time it took so far. */
  readonly tookMs: number
  readonly isDone: boolean
  /** What no plan of the same work costs less than; null where plans are not compared by price. */
  readonly least: LeastPrice | null
}
export type BetterReply = BetterFound | { readonly failed: string }

// Search goes on here for seconds; what it has found is told each time, so that it can be stopped at any moment.
self.onmessage = ({ data }: MessageEvent<BetterQuestion>) => {
  const started = performance.now()
  const took = () => performance.now() - started
  try {
    const { job } = data
    const chain = planWithProblem(job, data.now)
    const { plan, problem } = chain
    const { goals } = job.planning
    const priceOf = priceOfPlans(job, chain)
    const least = priceOf && leastPrice({ job, problem })
    const better = betterPlan(problem, placementOf(problem.activities, plan.placed), {
      seed: data.seed,
      goals,
      ...(priceOf && { priceOf, leftAlone: sprayedFronts(job) }),
      mayLend: job.published === null,
      spent: () => took() / data.budgetMs,
      isOver: () => took() > data.budgetMs,
      onProgress: (found) => self.postMessage({ ...found, least, tookMs: took(), isDone: false } satisfies BetterReply),
    })
    self.postMessage({ ...better, least, tookMs: took(), isDone: true } satisfies BetterReply)
  } catch (error) {
    self.postMessage({ failed: (error as Error).message } satisfies BetterReply)
  }
}
