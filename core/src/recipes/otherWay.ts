import { said, type Said } from '../ground'
import { formatMoney } from '../units/money'
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
    bleedsPerM: each.risks.bleeds.mean,
    liftPerM: each.risks.lift.mean,
    why: mainDifference(ctx, each, pick),
  }
}

const PART_WORDS: Record<keyof CostParts, string> = {
  tape: 'tape',
  seal: 'what seals it',
  cover: 'cover',
  lay: 'laying',
  sealing: 'sealing',
  cutIn: 'cutting in',
  pull: 'pulling',
  bleeds: 'mending faults of the line',
  lift: 'mending lift',
  tear: 'recutting torn edge',
  residue: 'cleaning residue',
  band: 'rolling out bands',
  flakes: 'sanding out flakes',
}

const COST_PARTS = Object.keys(PART_WORDS) as (keyof CostParts)[]

/** Which part of the cost sets two ways apart the most. */
function mainDifference(ctx: HemContext, each: Candidate, pick: Candidate): Said {
  const gap = (part: keyof CostParts) => each.costParts[part] - pick.costParts[part]
  const main = COST_PARTS.reduce((most, part) => (Math.abs(gap(part)) > Math.abs(gap(most)) ? part : most))
  const minor = (gap(main) * ctx.hem.lengthMm) / 1000
  if (Math.abs(minor) < 0.5) return said('other.alike')
  return said(minor > 0 ? 'other.more' : 'other.less', {
    part: PART_WORDS[main],
    cost: formatMoney(Math.abs(minor), ctx.currency),
  })
}
