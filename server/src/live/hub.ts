import type { JobNews } from '@crisp-hem/core/wire'

/** What was worked out for one listener of a burst, for the others who need the same. */
type Shared = Map<string, { readonly news: JobNews; readonly text: string }>

/** Tells whoever listens that something is new in a job; what it is they read for themselves. */
export interface Hub {
  readonly tell: (jobId: string) => void
  /** @returns how to stop listening */
  readonly listen: (jobId: string, onNews: (shared: Shared) => void) => () => void
}

/** News that come closer together than this are told at once, ms: a crowd that ticks together is one piece of news. */
const BURST_MS = 100

export function hub(): Hub {
  const listeners = new Map<string, Set<(shared: Shared) => void>>()
  const waiting = new Set<string>()
  const flush = (jobId: string) => {
    waiting.delete(jobId)
    const shared: Shared = new Map()
    for (const each of listeners.get(jobId) ?? []) each(shared)
  }
  return {
    tell(jobId) {
      if (waiting.has(jobId) || !listeners.has(jobId)) return
      waiting.add(jobId)
      // A server that ends does not wait for it: whoever listens asks again.
      setTimeout(flush, BURST_MS, jobId).unref()
    },
    listen(jobId, onNews) {
      const listener = listeners.get(jobId) ?? new Set()
      listeners.set(jobId, listener.add(onNews))
      return () => {
        listener.delete(onNews)
        if (listener.size === 0) listeners.delete(jobId)
      }
    },
  }
}
