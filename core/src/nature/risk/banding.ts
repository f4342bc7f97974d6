import type { Sheen } from '../../base/nouns'
import type { Parameters } from '../../base/parameters/parameters'

/** Chance a metre from which on a band counts as one that shows: satin, and dark walls. From memory. */
const BAND_SHOWS = 0.1

/** Whether a brushed band that has set would show beside the roller’s texture. */
export const bandShows = (sheen: Sheen, lightness: number, parameters: Pick<Parameters, 'band'>): boolean =>
  bandPerMetre(sheen, lightness, parameters) >= BAND_SHOWS

/**
 * Chance that a metre of brushed band shows beside a rolled field.
 *
 * @param lightness  CIE L* of the new coat, 0 … 100: a black wall shows a band more often than a white one
 */
export function bandPerMetre(sheen: Sheen, lightness: number, { band }: Pick<Parameters, 'band'>): number {
  const dark = 1 + (band.dark.value - 1) * (1 - lightness / 100)
  return Math.min(1, band.shows[sheen].value * dark)
}
