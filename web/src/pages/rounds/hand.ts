import type { ActivityId } from '@crisp-hem/core'
/** A piece of work in somebody's hand: where it would be put. */
export interface Ghost {
  readonly taskId: ActivityId
  readonly at: number
  readonly minutes: number
  readonly crewId: string
  readonly isBroken: boolean
}

/** What a hand may do on the chart. */
export interface Hand {
  readonly pickedId: string | null
  readonly ghost: Ghost | null
  /** What goes along with it. */
  readonly along: readonly Ghost[]
  /** Minutes the picked work can slip; null where that is not known. */
  readonly slip: number | null
  readonly pick: (taskId: ActivityId) => void
  readonly carry: (taskId: ActivityId, at: number, crewId: string) => void
  readonly letGo: () => void
}
