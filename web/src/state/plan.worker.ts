import { planJob, type Job, type Plan } from '@crisp-hem/core'

export interface PlanRequest {
  readonly seq: number
  readonly job: Job
  readonly now: number
}
export type PlanReply = { readonly seq: number } & (
  { readonly plan: Plan; readonly tookMs: number } | { readonly failed: string }
)

// Plans are made here so that typing and dragging never wait for them.
self.onmessage = ({ data }: MessageEvent<PlanRequest>) => {
  const started = performance.now()
  try {
    const plan = planJob(data.job, data.now)
    self.postMessage({ seq: data.seq, plan, tookMs: performance.now() - started } satisfies PlanReply)
  } catch (error) {
    self.postMessage({ seq: data.seq, failed: (error as Error).message } satisfies PlanReply)
  }
}
