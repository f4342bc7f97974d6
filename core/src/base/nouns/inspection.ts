/**
 * What is seen wrong at a line once its tape is off: paint under the tape, finish that came up with it, an edge that tore, threads of paint,
 * glue left behind, dye of the tape on the keep side, a ridge along the edge, a band the brush left beside the field, a gap without paint, a
 * nick of the blade.
 */
export const FAULTS = [
  'run-under',
  'lifted',
  'torn',
  'strings',
  'residue',
  'dye',
  'ridge',
  'band',
  'missed',
  'nick',
] as const
export type FaultKind = (typeof FAULTS)[number]

/** Small: the customer would not find it without being told; large: seen from the door. */
export const FAULT_SIZES = ['small', 'large'] as const
export type FaultSize = (typeof FAULT_SIZES)[number]

/** Faults of one kind and size along one line. */
export interface Find {
  readonly fault: FaultKind
  readonly size: FaultSize
  readonly count: number
  /** Edge that shows them together, mm; 0 where they were only counted. */
  readonly lengthMm: number
}

/** In which light a line was looked along. */
export const LIGHTS = ['lamp-along', 'daylight', 'room-light'] as const
export type Light = (typeof LIGHTS)[number]

/** A look along one line. */
export interface Inspection {
  readonly light: Light
  /** From how far, mm; null where nobody said. */
  readonly awayMm: number | null
  /** Nothing to see: none. */
  readonly finds: readonly Find[]
}

/** How faults were put right. */
export const MEND_WAYS = ['touched-up', 'scraped', 'cut-and-filled', 'cleaned', 'rolled-again'] as const
export type MendWay = (typeof MEND_WAYS)[number]

/** What was put right along one line, and in how many minutes. */
export interface Mended {
  readonly how: MendWay
  readonly minutes: number
}

/** Places where paint ran under: what a look counts as bleeds. */
export const bleedsOf = ({ finds }: Pick<Inspection, 'finds'>): number => countOf(finds, ['run-under'])

/** Faults of some kinds together. */
export const countOf = (finds: readonly Find[], faults: readonly FaultKind[]): number =>
  finds.reduce((sum, { fault, count }) => sum + (faults.includes(fault) ? count : 0), 0)
