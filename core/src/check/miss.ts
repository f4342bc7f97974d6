import type { ActivityId } from '../ground'

/** How a plan can miss its problem. */
export const MISS_KINDS = [
  // it has no place
  'no-crew',
  'no-stretch',
  'never-ready',
  'past-horizon',
  'waits-for-unplaced',
  'lost',
  'not-published',
  // it has a wrong one
  'before-its-time',
  'outside-shift',
  'wrong-length',
  'broken-up',
  'crew-twice',
  'resource-twice',
  'lag-too-short',
  'lag-too-long',
  // its tape comes off at a bad time
  'pull-too-soon',
  'wet-overrun',
  'no-wet-span',
  'wet-missed',
  'pull-tacky',
  'past-stay',
  // its room is late
  'late-hand-back',
] as const
export type MissKind = (typeof MISS_KINDS)[number]

/**
 * One way in which a plan falls short. `minutes` says by how much, `at` when what was missed was due, `other` the
 * activity, crew, resource or room it clashes with; each null where it means nothing.
 */
export interface Miss {
  readonly kind: MissKind
  /** The activity it is about; for a late hand-back the last one of the room. */
  readonly activityId: ActivityId
  readonly minutes: number | null
  readonly at: number | null
  readonly other: string | null
}

export const miss = (kind: MissKind, activityId: ActivityId, more: Partial<Miss> = {}): Miss => ({
  kind,
  activityId,
  minutes: null,
  at: null,
  other: null,
  ...more,
})
