import { betterPlan, placeFirst, problemOf, type Better, type Job } from '@crisp-hem/core'

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
}
export type BetterReply = BetterFound | { readonly failed: string }

// Search goes on here for seconds; what it has found is told each time, so that it can be stopped at any moment.
self.onmessage = ({ data }: MessageEvent<BetterQuestion>) => {
  const started = performance.now()
  const took = () => performance.now() - started
  try {
    const problem = problemOf(data.job, data.now)
    const better = betterPlan(problem, placeFirst(problem), {
      seed: data.seed,
      goals: data.job.planning.goals,
      isOver: () => took() > data.budgetMs,
      onProgress: (found) => self.postMessage({ ...found, tookMs: took(), isDone: false } satisfies BetterReply),
    })
    self.postMessage({ ...better, tookMs: took(), isDone: true } satisfies BetterReply)
  } catch (error) {
    self.postMessage({ failed: (error as Error).message } satisfies BetterReply)
  }
}
