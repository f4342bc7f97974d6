import { keptParts, planAnyway, type Job } from '@crisp-hem/core'
import { partsOf, type PlanPart } from './planParts'

export interface PlanRequest {
  readonly seq: number
  readonly job: Job
  readonly now: number
}
export type PlanReply = { readonly seq: number } & (
  { readonly part: PlanPart; readonly tookMs: number } | { readonly failed: string }
)

let last: Job | null = null

// Plans are made here so that typing and dragging never wait for them.
self.onmessage = ({ data }: MessageEvent<PlanRequest>) => {
  const started = performance.now()
  const { seq } = data
  try {
    // A job comes as a copy: what the edit did not touch is known again, and is not judged anew.
    last = keptParts(last, data.job)
    const plan = planAnyway(last, data.now)
    const tookMs = performance.now() - started
    for (const part of partsOf(plan)) self.postMessage({ seq, part, tookMs } satisfies PlanReply)
  } catch (error) {
    self.postMessage({ seq, failed: (error as Error).message } satisfies PlanReply)
  }
}
