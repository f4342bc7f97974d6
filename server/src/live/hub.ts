/** Tells whoever listens that something is new in a job; what it is they read for themselves. */
export interface Hub {
  readonly tell: (jobId: string) => void
  /** @returns how to stop listening */
  readonly listen: (jobId: string, onNews: () => void) => () => void
  /** How many listen now. */
  readonly size: () => number
}

export function hub(): Hub {
  const listeners = new Map<string, Set<() => void>>()
  return {
    tell(jobId) {
      for (const each of listeners.get(jobId) ?? []) each()
    },
    listen(jobId, onNews) {
      const own = listeners.get(jobId) ?? new Set()
      listeners.set(jobId, own.add(onNews))
      return () => {
        own.delete(onNews)
        if (own.size === 0) listeners.delete(jobId)
      }
    },
    size: () => [...listeners.values()].reduce((sum, own) => sum + own.size, 0),
  }
}
