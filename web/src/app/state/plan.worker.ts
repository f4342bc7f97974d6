import { planAnyway, type Job } from '@crisp-hem/core'
import { partsOf, type PlanPart } from './planParts'

export interface PlanRequest {
  readonly seq: number
  readonly job: Job
  readonly now: number
}
export type PlanReply = { readonly seq: number } & (
  { readonly part: PlanPart; readonly tookMs: number } | { readonly failed: string }
)

// Plans are made here so that typing and dragging never wait for them.
self.onmessage = ({ data }: MessageEvent<PlanRequest>) => {
  const started = performance.now()
  const { seq } = data
  try {
    const plan = planAnyway(data.job, data.now)
    const tookMs = performance.now() - started
    for (const part of partsOf(plan)) self.postMessage({ seq, part, tookMs } satisfies PlanReply)
  } catch (error) {
    self.postMessage({ seq, failed: (error as Error).message } satisfies PlanReply)
  }
}
