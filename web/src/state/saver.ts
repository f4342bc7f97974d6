import type { JobFacts } from '@crisp-hem/core/wire'
import type { Draft } from './drafts'

/** How a save ended. */
export type SaveOutcome =
  | { readonly saved: number }
  /** Somebody else's version is newer. */
  | 'changed-elsewhere'
  /** No line, or the office is in trouble: worth trying again. */
  | { readonly unreachable: string }
  /** Said no to this content: trying again would end the same. */
  | { readonly refused: string }

export interface SaverOptions {
  readonly send: (facts: JobFacts, revision: number) => Promise<SaveOutcome>
  readonly onStart: (facts: JobFacts) => void
  readonly onEnd: (facts: JobFacts, outcome: SaveOutcome) => void
}

/** How long an edit waits for the next one, and how long a failed save waits for the line, ms. */
export const SAVE_AFTER_MS = 500
export const SAVE_AGAIN_MS = [2000, 5000, 10_000, 30_000] as const

/**
 * Saves one job, one save at a time: an edit made while a save is on its way waits for that one's revision, so that a
 * slow save never meets itself. A save that found nobody is tried again until it is through; leaving the page saves at
 * once what waits.
 */
export class Saver {
  private revision: number
  private waiting: JobFacts | null = null
  private onItsWay: JobFacts | null = null
  private stopped = false
  private tries = 0
  private timer: ReturnType<typeof setTimeout> | undefined

  constructor(
    revision: number,
    private readonly options: SaverOptions,
  ) {
    this.revision = revision
  }

  /** What is not safe yet: the facts, the revision they build on, and what is on its way; null when all is saved. */
  get draft(): Draft | null {
    return this.waiting && { facts: this.waiting, revision: this.revision, onItsWay: this.onItsWay }
  }

  edited(facts: JobFacts): void {
    this.waiting = facts
    this.tries = 0
    if (!this.onItsWay) this.later(SAVE_AFTER_MS)
  }

  /** Saves at once what waits; what is on its way is followed by the rest. */
  flush(): void {
    if (this.waiting && !this.onItsWay && !this.stopped) void this.save()
  }

  private later(ms: number): void {
    if (this.stopped) return
    clearTimeout(this.timer)
    this.timer = setTimeout(() => void this.save(), ms)
  }

  private async save(): Promise<void> {
    clearTimeout(this.timer)
    const facts = this.waiting
    if (!facts || this.onItsWay) return
    this.onItsWay = facts
    this.options.onStart(facts)
    const outcome = await this.options.send(facts, this.revision)
    this.onItsWay = null
    this.ended(facts, outcome)
    this.options.onEnd(facts, outcome)
  }

  private ended(facts: JobFacts, outcome: SaveOutcome): void {
    if (outcome === 'changed-elsewhere') {
      this.stopped = true
      return
    }
    if ('saved' in outcome) {
      this.revision = outcome.saved
      this.tries = 0
      if (this.waiting === facts) this.waiting = null
      else this.later(0)
      return
    }
    // Refused content waits for the next edit; a newer one is tried at once.
    if (this.waiting !== facts) return this.later(0)
    if ('unreachable' in outcome) this.later(SAVE_AGAIN_MS[Math.min(this.tries++, SAVE_AGAIN_MS.length - 1)] ?? 0)
  }
}
