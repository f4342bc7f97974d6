import { isFace, said, type Said } from '../../base/nouns'
import { isRoundFitting } from '../../survey/hems/deriveHems'
import type { Candidate } from './candidate'
import type { HemContext } from './hemContext'

/** How what a recipe asks for is done well, and how what goes wrong in it is mended: for whoever has not done it often. */
export const recipeCraft = (ctx: HemContext, pick: Candidate): Said[] =>
  pick.liquid ? liquidCraft(pick.liquid.how) : [...beforeTape(ctx), ...tapeCraft(ctx, pick), ...coatCraft(ctx)]

/** A skirting that has come off the wall is sealed while its line is masked. */
const beforeTape = ({ hem }: HemContext): Said[] => (hem.kind === 'wall-to-skirting' ? [said('craft.gap')] : [])

function tapeCraft({ hem }: HemContext, { tape, seal }: Candidate): Said[] {
  if (!tape) return []
  const ends = hem.panes === 0 && !isRoundFitting(hem) ? [said('craft.ends')] : []
  switch (seal) {
    case 'own-colour':
    case 'clear-glaze':
      return [...ends, said('craft.seal')]
    case 'wiped-sealant':
      return [...ends, said('craft.bead_late'), said('craft.bead_crack')]
    case 'none':
      return ends
  }
}

function coatCraft({ hem, steps, isTrimRun }: HemContext): Said[] {
  const isSprayed = steps.some(({ tool }) => tool === 'spray')
  const isBrushed = steps.some(({ tool }) => tool !== 'spray')
  const isPiece = isTrimRun || isFace(hem.paint, 'leaf') || isFace(hem.paint, 'piece')
  return [
    ...(isBrushed ? [said('craft.brush')] : []),
    ...(isFace(hem.paint, 'skirting') && hem.kind === 'wall-to-skirting' ? [said('craft.skirting_top')] : []),
    ...(isPiece && isBrushed ? [said('craft.lay_off')] : []),
    ...(isSprayed ? [said('craft.passes'), said('craft.corners')] : []),
  ]
}

const liquidCraft = (how: 'brush' | 'aerosol'): Said[] => [
  said('craft.liquid_stir'),
  ...(how === 'aerosol' ? [said('craft.liquid_creases'), said('craft.liquid_drift')] : []),
  said('craft.liquid_smear'),
  said('craft.liquid_blade'),
  said('craft.liquid_stuck'),
  said('craft.liquid_bled'),
]
