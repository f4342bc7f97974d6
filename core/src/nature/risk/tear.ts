import type { Seal, Sheen } from '../../base/nouns'
import type { Parameters } from '../../base/parameters/parameters'

export type FilmAtPull = 'wet' | 'tacky' | 'soft' | 'dry'

/** Films of eggshell and up stretch instead of snapping: they are scored before a dry pull. */
export const needsScore = (sheen: Sheen, seal: Seal): boolean =>
  (sheen !== 'flat' && sheen !== 'matt') || seal === 'wiped-sealant'

interface TearingTape {
  readonly sheen: Sheen
  readonly seal: Seal
  readonly film: FilmAtPull
  readonly scored: boolean
  /** Earlier coats that have dried across the edge of the tape. Left out: none. */
  readonly skins?: number
  readonly parameters: Pick<Parameters, 'tear'>
}

/**
 * Chance that a metre of new film tears into teeth: more binder stretches more. A dried sealant bead tears any film, and every coat that
 * has dried across the edge makes the skin thicker; below a wet last coat the skin of the coats before it tears all the same.
 */
export function tearPerMetre({ sheen, seal, film, scored, skins = 0, parameters: { tear } }: TearingTape): number {
  const thick = 1 + skins * tear.skinMore.value
  const bead = seal === 'wiped-sealant' ? 2 : 1
  const skin = Math.min(1, tear.dry[sheen].value * bead * thick * (scored ? tear.scoredShare.value : 1))
  if (film === 'wet') return skins === 0 ? tear.wet.value : Math.max(tear.wet.value, skin * tear.underWet.value)
  if (film === 'tacky') return Math.min(1, tear.tacky.value * thick)
  const hard = skin
  return film === 'soft' ? Math.max(tear.soft.value, hard) : hard
}
