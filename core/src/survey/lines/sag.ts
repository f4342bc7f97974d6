import { known, word } from '../../base/nouns'

/** What a square metre of masking tape weighs, N: about 130 g. */
const WEIGHT_N_PER_M2 = known(1.3, 'N/m²', 'from-memory', word('source', 'tape-weighs-about-130-g-a-square-metre'))
/** How hard tape is drawn straight without stretching it, N for each metre of its width: 2 N on a tape of an inch. */
const DRAWN_N_PER_M = known(80, 'N/m', 'from-memory', word('source', 'drawn-straight-but-not-stretched'))

/**
 * How far a free piece of tape, drawn between a hand and where it sticks, hangs below the straight line in its middle, mm: a flat cable under
 * its own weight, `s = w l² / (8 T)` (any handbook of statics). Weight and pull both go with the width, so the width drops out.
 */
export const sagMm = (freeMm: number): number =>
  ((WEIGHT_N_PER_M2.value * (freeMm / 1000) ** 2) / (8 * DRAWN_N_PER_M.value)) * 1000

/** The longest free piece that hangs no more than so much, mm. */
export const longestFreeMm = (hangsMm: number): number =>
  Math.sqrt((8 * DRAWN_N_PER_M.value * (hangsMm / 1000)) / WEIGHT_N_PER_M2.value) * 1000
