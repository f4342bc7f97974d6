import type { Sheen } from '../ground'
import type { Seal } from './bleed'

/**
 * Chance that a metre of new film tears into teeth when a dry edge is pulled unscored, by sheen: more binder
 * stretches more. The order is common practice, the figures are from memory.
 */
const DRY_TEAR: Record<Sheen, number> = {
  flat: 0.02,
  matt: 0.04,
  eggshell: 0.15,
  satin: 0.25,
  'semi-gloss': 0.35,
  gloss: 0.4,
}
const SCORED_SHARE = 0.15 // from memory
const WET_TEAR = 0.005 // from memory
const TACKY_TEAR = 0.6 // from memory

export type FilmAtPull = 'wet' | 'tacky' | 'dry'

/** Films of eggshell and up stretch instead of snapping: they are scored before a dry pull. */
export const needsScore = (sheen: Sheen, seal: Seal): boolean =>
  (sheen !== 'flat' && sheen !== 'matt') || seal === 'wiped-sealant'

/** Chance of a torn metre of edge. A dried sealant bead tears any film. */
export function tearPerMetre(sheen: Sheen, seal: Seal, film: FilmAtPull, scored: boolean): number {
  if (film === 'wet') return WET_TEAR
  if (film === 'tacky') return TACKY_TEAR
  const bead = seal === 'wiped-sealant' ? 2 : 1
  return Math.min(1, DRY_TEAR[sheen] * bead * (scored ? SCORED_SHARE : 1))
}
