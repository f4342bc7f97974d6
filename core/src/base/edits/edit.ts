import type { HybridClock } from '../units/hybridClock'

export const EDIT_ACTS = ['set', 'add', 'drop', 'order'] as const

/** One small change of a job’s facts; changes of different fields never meet. */
export interface FactChange {
  /** Names of fields, and in lists of things the ids of those: `['rooms', 'r1', 'walls', 'w2', 'lengthMm']`. */
  readonly path: readonly string[]
  /** A field set; a thing added to a list or dropped from it; the things of a list put in order. */
  readonly act: (typeof EDIT_ACTS)[number]
  /** What stands there now: a value, the thing, null, or ids in order. */
  readonly value: unknown
  /** What stood there, so that it can be put back. */
  readonly before: unknown
}

/** What somebody changed at one go, on a device: all of it, or none. */
export interface Edit {
  /** Made on the device, so that sending it twice is harmless. */
  readonly id: string
  /** When it was made: of two edits of one field the later stands. */
  readonly clock: HybridClock
  readonly changes: readonly FactChange[]
}

/** A path as one word: the same for the same field. */
export const fieldOf = ({ path }: Pick<FactChange, 'path'>): string => JSON.stringify(path)
