import type { Sheen } from '../../base/nouns'
import type { Parameters } from '../../base/parameters/parameters'

/**
 * Chance that a metre of brushed band shows beside a rolled field.
 *
 * @param lightness  CIE L* of the new coat, 0 … 100: a black wall shows a band more often than a white one
 */
export function bandPerMetre(sheen: Sheen, lightness: number, { band }: Pick<Parameters, 'band'>): number {
  const dark = 1 + (band.dark.value - 1) * (1 - lightness / 100)
  return Math.min(1, band.shows[sheen].value * dark)
}
