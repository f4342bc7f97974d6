import type { Job, Plan } from '@crisp-hem/core'
import type { PlanReply, PlanRequest } from './plan.worker'
import { planJoiner } from './planParts'

export type PlanAnswer = { readonly plan: Plan; readonly tookMs: number } | { readonly failed: string }

/** Works plans out beside the page; only the answer to the latest question is told. */
export interface Planner {
  readonly ask: (job: Job, now: number) => void
  readonly onAnswer: (tell: (answer: PlanAnswer) => void) => void
}

/** The side of a worker that a planner speaks to. */
export interface PlanWorker {
  onmessage: ((event: MessageEvent<PlanReply>) => void) | null
  postMessage(request: PlanRequest): void
}

export function workerPlanner(worker: PlanWorker): Planner {
  const join = planJoiner()
  const asked = { seq: 0 }
  return {
    ask(job, now) {
      asked.seq += 1
      worker.postMessage({ seq: asked.seq, job, now })
    },
    onAnswer(tell) {
      worker.onmessage = ({ data }) => {
        if (data.seq !== asked.seq) return
        if ('failed' in data) return tell({ failed: data.failed })
        const plan = join(data.part)
        // Frozen at its top, the store takes it as it is instead of walking it to its last leaf.
        if (plan) tell({ plan: Object.freeze(plan), tookMs: data.tookMs })
      }
    },
  }
}
