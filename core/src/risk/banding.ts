import { known, type Sheen, word } from '../ground'

/**
 * Chance that a metre of brushed band shows beside a rolled field, by sheen. The order is common practice, the
 * figures are from memory.
 */
const BAND: Record<Sheen, number> = {
  flat: 0.02,
  matt: 0.03,
  eggshell: 0.08,
  satin: 0.15,
  'semi-gloss': 0.25,
  gloss: 0.3,
}
/** A black wall shows a band this many times as often as a white one. */
export const BAND_DARK = known(2.5, '', 'from-memory', word('source', 'dark-and-glossy-paint-in-low-light'))

/** @param lightness  CIE L* of the new coat, 0 … 100 */
export function bandPerMetre(sheen: Sheen, lightness: number): number {
  const dark = 1 + (BAND_DARK.value - 1) * (1 - lightness / 100)
  return Math.min(1, BAND[sheen] * dark)
}
