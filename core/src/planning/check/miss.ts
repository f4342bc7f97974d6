import type { ActivityId } from '../../base/nouns'

/**
 * How a plan can miss its problem, and when that is told of a plan that is published already: `made` only shows how it
 * was made; `later` can come about after it was published; `ahead` too, but no longer counts once its time has gone by,
 * since work that was not begun then cannot begin too soon any more.
 */
const MISSES = {
  // it has no place
  'no-crew': 'made',
  'no-stretch': 'made',
  'never-ready': 'made',
  'past-horizon': 'made',
  'no-air': 'made',
  'waits-for-unplaced': 'made',
  lost: 'later',
  'not-published': 'made',
  // it has a wrong one
  'before-its-time': 'made',
  'outside-shift': 'made',
  'wrong-length': 'made',
  'broken-up': 'made',
  'crew-twice': 'later',
  'resource-twice': 'later',
  'on-the-way': 'ahead',
  'not-brought-yet': 'ahead',
  'lag-too-short': 'ahead',
  'lag-too-long': 'made',
  // the air spoils its coat
  'in-bad-air': 'later',
  // its tape comes off at a bad time
  'pull-too-soon': 'ahead',
  'wet-overrun': 'later',
  'no-wet-span': 'later',
  'wet-missed': 'later',
  'pull-tacky': 'later',
  'past-stay': 'later',
  // it comes off while the room is still being sprayed
  'off-in-spray': 'later',
  // it is sprayed before all that its mist reaches is covered
  'sprayed-open': 'later',
  // its floor is bare while what is above it is painted
  'bare-floor': 'later',
  // a gun stands filled too long before it sprays
  'filled-early': 'ahead',
  // paint has set in a gun between two coats
  'stood-filled': 'later',
  // its field is reached when its line has set
  'band-set': 'later',
  // its room is late
  'late-hand-back': 'later',
} as const satisfies Record<string, 'made' | 'later' | 'ahead'>

export type MissKind = keyof typeof MISSES

/** Whether a miss is told of a plan that is published. @param overdue the activity should have begun by now */
export const isToldLater = (kind: MissKind, overdue: boolean): boolean =>
  MISSES[kind] === 'later' || (MISSES[kind] === 'ahead' && !overdue)

/**
 * One way in which a plan falls short. `minutes` says by how much, `at` when what was missed was due, `other` the
 * activity, crew, resource, room or fault of the air it clashes with; each null where it means nothing.
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
