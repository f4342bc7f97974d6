/** The time that a practice server shows to everybody: it runs on from where it was set. */
export interface PracticeClock {
  /** The time it shows now, ISO UTC; null: the real time. */
  readonly read: () => string | null
  /** @param at  ISO UTC; null for the real time */
  readonly set: (at: string | null) => void
}

/** @param start  where it begins, ISO UTC; null for the real time */
export function practiceClock(start: string | null, realMs: () => number): PracticeClock {
  let aheadMs: number | null = null
  const set = (at: string | null) => void (aheadMs = at === null ? null : Date.parse(at) - realMs())
  set(start)
  return { set, read: () => (aheadMs === null ? null : new Date(realMs() + aheadMs).toISOString()) }
}
