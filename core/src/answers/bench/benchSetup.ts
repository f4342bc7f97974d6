import type { Shelf, Skill, Soundness, Texture, Tool, Pressing, Seal, Stroke } from '../../base/nouns'

/** Sun on the face while it dries, or none. Angles in degrees, azimuth clockwise from north. */
export interface BenchSun {
  readonly latDeg: number
  readonly lonDeg: number
  readonly facingDeg: number
  readonly cloud: number
}

/** Everything that can be turned on the Bench for one hem. */
export interface BenchSetup {
  readonly texture: Texture
  readonly soundness: Soundness
  readonly dusty: boolean
  /** ISO 2409 class of a cross-cut on the keep side, or null. */
  readonly crossCut: number | null
  /** Days since the keep side was coated; null when nobody knows. */
  readonly ageDays: number | null
  readonly keepTool: Tool
  readonly keepSwatch: string
  readonly coatingId: string
  readonly stroke: Stroke
  readonly coatSwatch: string
  /** Wet film as a share of the label's. */
  readonly filmShare: number
  /** Coats dried on the tape before the last one. */
  readonly earlierCoats: number
  readonly tapeId: string
  /** Who lays and presses it. */
  readonly hand: Skill
  /** A barrier edge is wiped damp just before the paint. */
  readonly wiped: boolean
  readonly pressing: Pressing
  readonly seal: Seal
  readonly sealantId: string | null
  readonly tempC: number
  readonly rh: number
  readonly windMs: number
  readonly sun: BenchSun | null
  /** Minutes the tape has been on when the last coat goes on. */
  readonly laidBeforeMin: number
  /** Minutes from the last coat to the pull. */
  readonly pullAfterMin: number
  readonly scored: boolean
  readonly foldDeg: number
  readonly speed: 'slow' | 'fast'
  /** When the last coat goes on, minutes since the epoch. */
  readonly coatedAt: number
  readonly seed: number
}

/** Ranges of what slides, for the screen and for checks. */
export const BENCH_RANGES = {
  ageDays: [0, 40],
  tempC: [2, 38],
  rh: [20, 98],
  windMs: [0, 6],
  filmShare: [0.5, 2],
  pullAfterMin: [0, 2880],
  laidBeforeMin: [0, 20160],
  foldDeg: [10, 120],
  facingDeg: [0, 359],
} as const satisfies Partial<Record<string, readonly [number, number]>>

/** A setup to begin with: yesterday's ceiling, satin wall, general tape. */
export function starterBench(shelf: Shelf, coatedAt: number): BenchSetup {
  return {
    texture: 'stipple',
    soundness: 'sound',
    dusty: false,
    crossCut: null,
    ageDays: 1,
    keepTool: 'roller',
    keepSwatch: '#fbfaf5',
    coatingId: shelf.coatings.find((coating) => coating.sheen === 'satin')?.id ?? shelf.coatings[0]?.id ?? '',
    stroke: 'outward',
    coatSwatch: '#7f9c86',
    filmShare: 1,
    earlierCoats: 0,
    tapeId: shelf.tapes.find((tape) => tape.gripN25 <= 2)?.id ?? shelf.tapes[0]?.id ?? '',
    hand: 'practised',
    wiped: false,
    pressing: 'thumb',
    seal: 'none',
    sealantId: shelf.sealants[0]?.id ?? null,
    tempC: 20,
    rh: 55,
    windMs: 0.1,
    sun: null,
    laidBeforeMin: 60,
    pullAfterMin: 15,
    scored: false,
    foldDeg: 45,
    speed: 'slow',
    coatedAt,
    seed: 1,
  }
}
