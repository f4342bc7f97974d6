import { said, type Said, money, word } from '../../base/nouns'
import type { Candidate } from './candidate'
import type { HemContext } from './hemContext'
import type { CostParts, OtherWay } from './recipe'

/** Another safe way, with the part of its cost that differs most. */
export function otherWay(ctx: HemContext, each: Candidate, pick: Candidate): OtherWay {
  return {
    school: each.school,
    way: each.way,
    tapeId: each.tape?.id ?? null,
    liquidId: each.liquid?.id ?? null,
    seal: each.seal,
    pull: each.pull,
    costMinor: Math.round((each.costPerM.total * ctx.hem.lengthMm) / 1000),
    bleedMm: each.risks.bleedMm.mean,
    liftPerM: each.risks.lift.mean,
    why: mainDifference(ctx, each, pick),
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
function mainDifference(ctx: HemContext, each: Candidate, pick: Candidate): Said {
  const gap = (part: keyof CostParts) => each.costParts[part] - pick.costParts[part]
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
