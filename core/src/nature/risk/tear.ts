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
  readonly parameters: Pick<Parameters, 'tear'>
}

/** Chance that a metre of new film tears into teeth: more binder stretches more. A dried sealant bead tears any film. */
export function tearPerMetre({ sheen, seal, film, scored, parameters: { tear } }: TearingTape): number {
  if (film === 'wet') return tear.wet.value
  if (film === 'tacky') return tear.tacky.value
  const bead = seal === 'wiped-sealant' ? 2 : 1
  const hard = Math.min(1, tear.dry[sheen].value * bead * (scored ? tear.scoredShare.value : 1))
  return film === 'soft' ? Math.max(tear.soft.value, hard) : hard
}
