import { known, type Texture, word } from '../ground'
import type { EdgeKind } from '../hems/edge'
import { TEXTURE_FACTS } from '../catalogue/textures'
import { BLEED_MODEL_SPREAD } from './bleed'
import { Z90, type Estimate } from './normal'

/** Slips a proven hand leaves on a metre at full contrast: least along a ceiling, most on a line that stands alone. From memory. */
export const HAND_SLIPS = {
  ceiling: known(0.3, '/m', 'from-memory', word('source', 'proven-hands-go-on-ceilings-common-practice')),
  trim: known(0.6, '/m', 'from-memory', word('source', 'straight-trim-lines-show-every-waver-common')),
  alone: known(1, '/m', 'from-memory', word('source', 'no-joint-to-follow')),
}
const ROUGH_UM = 80
/** A rough face makes the brush jump. From memory. */
const ROUGH_FACTOR = 1.5

/**
 * Visible slips of a free hand, per metre; they show in proportion to the contrast, which a bleed does not need.
 *
 * @param visibility  1 at a strong contrast, as in recipes/contrast.ts
 */
export function handSlipsPerMetre(kind: EdgeKind, texture: Texture, visibility: number): Estimate {
  const base =
    kind === 'wall-to-ceiling' ? HAND_SLIPS.ceiling : LONE.includes(kind) ? HAND_SLIPS.alone : HAND_SLIPS.trim
  const rough = TEXTURE_FACTS[texture].valleyUm.value > ROUGH_UM ? ROUGH_FACTOR : 1
  const mean = base.value * rough * visibility
  // Hands differ as much as edges do.
  const shift = 2 * Z90 * BLEED_MODEL_SPREAD.value
  return { mean, low: mean * Math.exp(-shift), high: mean * Math.exp(shift) }
}
const LONE: readonly EdgeKind[] = ['two-tone-line', 'by-hand', 'wall-to-wall']

/** Slips at each corner of taped panes, where two strips have to meet to a hair. From memory. */
export const PANE_CORNER_SLIP = known(0.025, '', 'from-memory', word('source', 'one-corner-in-forty'))

/** Faults of a cut and peeled mask along glass, per metre: brushed is neatest, a can leaves a texture at the edge. */
export const PEEL_FAULTS = {
  brush: known(0.02, '/m', 'from-memory', word('source', 'finish-order-brushed-can-tape-common-practice')),
  aerosol: known(0.05, '/m', 'from-memory', word('source', 'finish-order-brushed-can-tape-common-practice')),
}
/** Metres that come off in strings instead of a sheet: the coat was too thin. From memory. */
export const PEEL_STRINGS = { brush: 0.01, aerosol: 0.03 } as const
