import type { Texture } from './surfaces'

/** What is learned from looks along lines: each a rate of faults a metre that the models expect as well. */
export const LEARNED_FAULTS = ['bleeds', 'lift', 'tear', 'residue'] as const
export type LearnedFault = (typeof LEARNED_FAULTS)[number]

export const LAID_BY = ['practised', 'beginner'] as const
export type LaidBy = (typeof LAID_BY)[number]

/** Faults of one kind along the lines of one job that were alike: what was found and what was expected. */
export interface OwnCount {
  /** The job by its id, and what it was called. */
  readonly jobId: string
  readonly job: string
  /** When the last of them was looked along, ISO UTC. */
  readonly at: string
  readonly fault: LearnedFault
  readonly tapeId: string
  readonly texture: Texture
  readonly laidBy: LaidBy
  readonly metres: number
  readonly counted: number
  readonly expected: number
}

/** Whether the house goes by its own counts: it does, it does and takes in no more, or it does not. */
export const OWN_USES = ['on', 'frozen', 'off'] as const
export type OwnUse = (typeof OWN_USES)[number]

/** What the house's own walls showed. Sums, not figures: those are worked out from them. */
export interface OwnRecord {
  readonly use: OwnUse
  /** After so many days a count weighs half; null: always the same. */
  readonly halfLifeDays: number | null
  readonly counts: readonly OwnCount[]
}

export const NO_RECORD: OwnRecord = { use: 'on', halfLifeDays: null, counts: [] }
