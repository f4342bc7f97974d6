import type { Sealant, Sheen } from '../../base/nouns'
import type { Parameters } from '../../base/parameters/parameters'

/**
 * Chance that a metre of coat cracks over a wiped bead that was still wet: shrinkage × bead left × stiffness of the
 * film by sheen. A sealant that may be painted at once counts a tenth. docs/science.md eq. 15b.
 */
export function crackPerMetre(
  sealant: Pick<Sealant, 'shrinkPct' | 'paintAtOnce'> | null,
  sheen: Sheen,
  { crack }: Pick<Parameters, 'crack'>,
): number {
  if (!sealant) return 0
  const atOnce = sealant.paintAtOnce ? 0.1 : 1
  const strain = (sealant.shrinkPct / 100) * crack.beadRimMm.value * crack.stiff[sheen].value * atOnce
  return 1 - Math.exp(-crack.scale.value * 8 * strain)
}
