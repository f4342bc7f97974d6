import { known, type Sealant, type Sheen, word } from '../ground'

/** Stiffness of a new film against stretch over a shrinking bead, by sheen: flat is brittle. From memory, order common practice. */
const STIFF: Record<Sheen, number> = {
  flat: 1,
  matt: 0.5,
  eggshell: 0.1,
  satin: 0.03,
  'semi-gloss': 0.02,
  gloss: 0.015,
}
/** Rim a wiped bead leaves: about 0.3 mm. */
export const BEAD_RIM_MM = known(0.3, 'mm', 'common-practice', word('source', 'rim-of-a-bead-wiped-almost-off'))
const CRACK_SCALE = 4 // from memory: sets flat over ordinary clear near certain, satin near none

/**
 * Chance that a metre of coat cracks over a wiped bead that was still wet: shrinkage × bead left × stiffness.
 * A sealant that may be painted at once counts a tenth. docs/science.md eq. 15b.
 */
export function crackPerMetre(sealant: Pick<Sealant, 'shrinkPct' | 'paintAtOnce'> | null, sheen: Sheen): number {
  if (!sealant) return 0
  const strain = (sealant.shrinkPct / 100) * BEAD_RIM_MM.value * STIFF[sheen] * (sealant.paintAtOnce ? 0.1 : 1)
  return 1 - Math.exp(-CRACK_SCALE * 8 * strain)
}
