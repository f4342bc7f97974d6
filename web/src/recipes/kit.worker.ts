import { jobKit, type Job, type JobKit } from '@crisp-hem/core'

export interface KitRequest {
  readonly seq: number
  readonly job: Job
}
export type KitReply = { readonly seq: number } & ({ readonly kit: JobKit } | { readonly failed: string })

// Kits are weighed here: a large job takes a second or two, and nobody should feel it.
self.onmessage = ({ data }: MessageEvent<KitRequest>) => {
  try {
    self.postMessage({ seq: data.seq, kit: jobKit(data.job) } satisfies KitReply)
  } catch (error) {
    self.postMessage({ seq: data.seq, failed: (error as Error).message } satisfies KitReply)
  }
}
