import type { LogEvent } from '@crisp-hem/core'

const key = (jobId: string) => `crisp-hem:unsent:${jobId}`

/** Ticks that have not reached the server outlive a reload or a dead battery. */
export const unsentStore = {
  read(jobId: string): LogEvent[] {
    try {
      return JSON.parse(localStorage.getItem(key(jobId)) ?? '[]') as LogEvent[]
    } catch {
      // A half-written line is worth less than the ticks that follow it.
      return []
    }
  },
  write(jobId: string, events: readonly LogEvent[]): void {
    if (events.length === 0) localStorage.removeItem(key(jobId))
    else localStorage.setItem(key(jobId), JSON.stringify(events))
  },
}
