import { laterClock, nextClock, type EventOrigin, type HybridClock } from '@crisp-hem/core'
import { newId } from './newId'

const KEY = 'crisp-hem:device'

interface Kept {
  readonly id: string
  readonly seq: number
  readonly clock: HybridClock | null
}

type TextStore = Pick<Storage, 'getItem' | 'setItem'>

/** Who this device is, and its clocks. They are kept in the browser's own store, which all its tabs share. */
export interface Identity {
  readonly id: string
  /** A later reading of the device's clock than any before. */
  readonly clock: () => HybridClock
  /** Where the next line of the log comes from. */
  readonly origin: () => EventOrigin
  /** Takes note of a clock heard of: what is said here next is later. */
  readonly heard: (clock: HybridClock | null) => void
}

export function identityIn(store: TextStore, wallMs: () => number): Identity {
  // A browser that keeps nothing still is one device for as long as its page is open.
  let kept: Kept = read(store) ?? { id: `d-${newId()}`, seq: 0, clock: null }
  const write = (next: Kept) => {
    kept = next
    try {
      store.setItem(KEY, JSON.stringify(next))
    } catch {
      // Full, or not allowed: it counts on in memory.
    }
  }
  write(kept)
  /** What another tab of this device has counted meanwhile. */
  const latest = (): Kept => {
    const other = read(store)
    if (!other || other.id !== kept.id) return kept
    return { id: kept.id, seq: Math.max(kept.seq, other.seq), clock: laterClock(kept.clock, other.clock) }
  }
  const clock = (): HybridClock => {
    const before = latest()
    const next = nextClock(before.clock, wallMs(), kept.id)
    write({ ...before, clock: next })
    return next
  }
  return {
    id: kept.id,
    clock,
    origin() {
      const now = clock()
      write({ ...kept, seq: kept.seq + 1 })
      return { device: kept.id, seq: kept.seq, by: null, clock: now, saidAt: null }
    },
    heard: (other) => write({ ...latest(), clock: laterClock(latest().clock, other) }),
  }
}

function read(store: TextStore): Kept | null {
  try {
    // What stands there was written above.
    return JSON.parse(store.getItem(KEY) ?? 'null') as Kept | null
  } catch {
    return null
  }
}
