import type { Texture } from '../../base/nouns'
import type { EdgeKind } from '../../survey/hems/edge'
import type { Parameters } from '../../base/parameters/parameters'
import { Z90, type Estimate } from './normal'

/**
 * Visible slips of a free hand, per metre: least along a ceiling, most on a line that stands alone, more where a rough
 * face makes the brush jump. They show in proportion to the contrast, which a bleed does not need.
 *
 * @param visibility  1 at a strong contrast, as in survey/contrast.ts
 */
export function handSlipsPerMetre(
  kind: EdgeKind,
  texture: Texture,
  visibility: number,
  { slips, textures, bleed }: Pick<Parameters, 'slips' | 'textures' | 'bleed'>,
): Estimate {
  const base = kind === 'wall-to-ceiling' ? slips.ceiling : LONE.includes(kind) ? slips.alone : slips.trim
  const rough = textures[texture].valleyUm.value > slips.roughUm.value ? slips.roughFactor.value : 1
  const mean = base.value * rough * visibility
  // Hands differ as much as edges do.
  const shift = 2 * Z90 * bleed.modelSpread.value
  return { mean, low: mean * Math.exp(-shift), high: mean * Math.exp(shift) }
}
const LONE: readonly EdgeKind[] = ['two-tone-line', 'by-hand', 'wall-to-wall']
