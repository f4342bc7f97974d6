/** Tries within a while after which somebody has to wait, and for how long. */
const MOST = 10
const WHILE_MS = 5 * 60_000

/** Counts what went wrong by name and by address, so that nobody guesses his way in. */
export class Tries {
  private readonly failed = new Map<string, number[]>()

  constructor(private readonly clock: () => number) {}

  /** Minutes to wait before any of these may try again; 0 when they may. */
  waitMin(...keys: readonly string[]): number {
    const now = this.clock()
    const waits = keys.map((key) => {
      const recent = this.recent(key, now)
      const oldest = recent.at(-MOST)
      return oldest === undefined ? 0 : Math.ceil((oldest + WHILE_MS - now) / 60_000)
    })
    return Math.max(0, ...waits)
  }

  wrong(...keys: readonly string[]): void {
    const now = this.clock()
    for (const key of keys) this.failed.set(key, [...this.recent(key, now), now])
    // Names made up by the thousand must not fill the memory.
    if (this.failed.size > 10_000)
      for (const key of this.failed.keys()) if (this.recent(key, now).length === 0) this.failed.delete(key)
  }

  right(...keys: readonly string[]): void {
    for (const key of keys) this.failed.delete(key)
  }

  private recent(key: string, now: number): number[] {
    return (this.failed.get(key) ?? []).filter((at) => at > now - WHILE_MS)
  }
}
