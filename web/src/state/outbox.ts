import type { LogEvent } from '@crisp-hem/core'
import type { Refusal } from './sending'

/** Ticks kept on the device until the server has them, and those it refused, with why. */
export interface Outbox {
  readonly read: (jobId: string) => LogEvent[]
  readonly write: (jobId: string, events: readonly LogEvent[]) => void
  readonly setAside: (jobId: string, refusal: Refusal) => void
  readonly refused: (jobId: string) => Refusal[]
}

type TextStore = Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>

/** An outbox in the browser's own store: it outlives a reload or a dead battery. */
export function deviceOutbox(store: TextStore): Outbox {
  const unsent = (jobId: string) => `crisp-hem:unsent:${jobId}`
  const aside = (jobId: string) => `crisp-hem:refused:${jobId}`
  const refused = (jobId: string) => readList<Refusal>(store, aside(jobId))
  return {
    read: (jobId) => readList<LogEvent>(store, unsent(jobId)),
    write(jobId, events) {
      if (events.length === 0) store.removeItem(unsent(jobId))
      else store.setItem(unsent(jobId), JSON.stringify(events))
    },
    setAside: (jobId, refusal) => store.setItem(aside(jobId), JSON.stringify([...refused(jobId), refusal])),
    refused,
  }
}

function readList<T>(store: TextStore, key: string): T[] {
  try {
    // What stands there was written by the lines above.
    return JSON.parse(store.getItem(key) ?? '[]') as T[]
  } catch {
    // A half-written line is worth less than the ticks that follow it.
    return []
  }
}
