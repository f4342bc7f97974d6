import { known, word, type Lump } from '../../base/nouns'

/** What is done where a line crosses a lump or a dip. */
export type LumpWay = 'press' | 'short-pieces' | 'relief-cuts' | 'joint' | 'mend'

export interface LumpAnswer {
  readonly lump: Lump
  readonly way: LumpWay
  /** Distance of cuts into the tape's outer edge, or length of the pieces, mm; null where it is only pressed, or mended first. */
  readonly everyMm: number | null
  /** How many of them. */
  readonly count: number
  /** How far a piece stands off the face in its middle, mm: over all of it where the tape is laid straight across. */
  readonly openMm: number
}

/** What a pressed edge may stand off a face by before paint that shows runs under it. */
const OPEN_MM = known(0.2, 'mm', 'from-memory', word('source', 'what-a-pressed-edge-may-leave-open'))
/** A lump or dip that rises faster than this over half its length is filled or scraped first. */
const STEEPEST = known(0.15, '', 'from-memory', word('source', 'no-tape-goes-round-a-ridge'))
/** Shorter pieces are more ends than tape. */
const SHORTEST_MM = known(40, 'mm', 'from-memory', word('source', 'a-piece-as-long-as-a-thumb'))
/** Pieces are cut to this, mm. */
const CUT_TO_MM = 5

/**
 * What tape does at a lump or dip of the face it is laid on, taken as an arc of a circle: straight over a dip it stands off by the dip's height,
 * at the feet of a lump likewise. Pieces, or stretches between cuts, are as long as the chord that stands off the arc by no more than what a
 * pressed edge leaves open: `c = 2 √(2 r s − s²)`.
 *
 * @param lump  over a length of 0 it is a step: a joint of sheets, the edge of a panel
 */
export function lumpAnswer(lump: Lump): LumpAnswer {
  const high = Math.abs(lump.heightMm)
  const openMm = OPEN_MM.value
  if (high <= openMm) return { lump, way: 'press', everyMm: null, count: 0, openMm: high }
  // Both strips end there: an end each is what a corner is.
  if (lump.lengthMm === 0) return { lump, way: 'joint', everyMm: null, count: 1, openMm: high }
  const radius = (lump.lengthMm * lump.lengthMm) / (8 * high) + high / 2
  const chord = 2 * Math.sqrt(2 * radius * openMm - openMm * openMm)
  const everyMm = Math.floor(Math.min(chord, lump.lengthMm) / CUT_TO_MM) * CUT_TO_MM
  if (high / (lump.lengthMm / 2) > STEEPEST.value || everyMm < SHORTEST_MM.value)
    return { lump, way: 'mend', everyMm: null, count: 0, openMm: high }
  return {
    lump,
    way: lump.heightMm > 0 ? 'relief-cuts' : 'short-pieces',
    everyMm,
    count: Math.ceil(lump.lengthMm / everyMm),
    openMm: radius - Math.sqrt(radius * radius - (everyMm * everyMm) / 4),
  }
}
