import { said, type Said, money, word } from '../../base/nouns'
import type { Candidate } from './candidate'
import type { HemContext } from './hemContext'
import type { CostParts, OtherWay } from './recipe'

/** Another safe way, with the part of its cost that differs most. */
export function otherWay(ctx: HemContext, candidate: Candidate, pick: Candidate): OtherWay {
  return {
    school: candidate.school,
    way: candidate.way,
    tapeId: candidate.tape?.id ?? null,
    liquidId: candidate.liquid?.id ?? null,
    seal: candidate.seal,
    pull: candidate.pull,
    costMinor: Math.round((candidate.costPerM.total * ctx.hem.lengthMm) / 1000),
    bleedMm: candidate.risks.bleedMm.mean,
    liftPerM: candidate.risks.lift.mean,
    why: mainDifference(ctx, candidate, pick),
  }
}

const COST_PARTS = [
  'tape',
  'seal',
  'cover',
  'lay',
  'sealing',
  'cutIn',
  'pull',
  'bleeds',
  'lift',
  'tear',
  'residue',
  'band',
  'crack',
  'grit',
  'flakes',
] as const satisfies readonly (keyof CostParts)[]

/** Which part of the cost sets two ways apart the most. */
function mainDifference(ctx: HemContext, candidate: Candidate, pick: Candidate): Said {
  const gap = (part: keyof CostParts) => candidate.costParts[part] - pick.costParts[part]
  const main = COST_PARTS.reduce<keyof CostParts>(
    (most, part) => (Math.abs(gap(part)) > Math.abs(gap(most)) ? part : most),
    'tape',
  )
  const minor = (gap(main) * ctx.hem.lengthMm) / 1000
  if (Math.abs(minor) < 0.5) return said('other.alike')
  return said(minor > 0 ? 'other.more' : 'other.less', {
    part: word('costPart', main),
    cost: money(Math.abs(minor), ctx.currency),
  })
}
