import { type HandTool, known, type Shelf, word } from '../../base/nouns'

/** Mist a gun lays beside the edge of a broad field in still air, mm. From memory. */
export const FIELD_REACH_MM = known(300, 'mm', 'from-memory', word('source', 'wide-fan-gun-held-square-to-the'))
/** Mist drifts this far for each m/s of wind, mm: droplets hang in the air for about this many ms. From memory. */
export const DRIFT_MM_PER_MS = known(
  250,
  'mm per m/s',
  'from-memory',
  word('source', 'a-quarter-of-a-second-to-settle'),
)
/** A cover is chosen this many times as wide as the mist reaches: a 75 mm mist on 230 mm paper. */
export const REACH_SPARE = known(3, '', 'common-practice', word('source', '9-in-paper-under-a-skirting-that'))

/** A gun when none is on the shelf. */
const USUAL_GUN: Pick<HandTool, 'airMs' | 'reachMm'> = { airMs: 2.5, reachMm: 75 } // common practice

/** The gun that sprays: the first on the shelf that is in use. */
export const gunOf = (shelf: Pick<Shelf, 'tools'>): Pick<HandTool, 'airMs' | 'reachMm'> =>
  shelf.tools.find((tool) => tool.kind === 'gun' && !tool.retired) ?? USUAL_GUN

/**
 * How far mist falls beside what is sprayed, mm: a narrow trim by the gun's own reach, a field by the wide fan, and
 * wind carries either farther. A brush or roller spatters, but throws no mist.
 *
 * @param narrow  a trim, a bar, a skirting  @param windMs  wind along the face, m/s
 */
export function oversprayMm(gun: Pick<HandTool, 'reachMm'>, narrow: boolean, windMs: number): number {
  const still = narrow ? gun.reachMm : FIELD_REACH_MM.value
  return Math.round(still + DRIFT_MM_PER_MS.value * Math.max(0, windMs - CALM_MS))
}

/** Air moving less than this is calm: the reach was watched in it. From memory. */
const CALM_MS = 0.3

/** Width a cover beside a sprayed edge should have, mm. */
export const coverWidthMm = (reachMm: number): number => REACH_SPARE.value * reachMm
