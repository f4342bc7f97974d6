import { said, type Said } from '../ground'
import { leadRisk } from '../survey/lead'
import type { Candidate } from './candidate'
import { scored } from './candidates'
import type { HemContext } from './hemContext'

/** Moisture, %, above which wood and mineral faces are left to dry before anything goes on. Common practice. */
const DAMP = { wood: 16, mineral: 12 } as const

/** What could hurt somebody here. */
export function recipeCautions(ctx: HemContext, pick: Candidate): Said[] {
  const care: Said[] = []
  const lead = leadRisk(ctx)
  if (lead?.mayHold) care.push(said('care.lead', { year: ctx.yearBuilt, limit: lead.limit.value }))
  if (ctx.keepFace.prep.includes('sand')) care.push(said('care.dust_mask'))
  const { moisturePct, material } = ctx.keepFace
  const damp = material === 'wood' || material === 'lapped-boards' ? DAMP.wood : DAMP.mineral
  if (moisturePct !== null && moisturePct > damp)
    care.push(said('care.damp', { face: ctx.keepName, reading: moisturePct, limit: damp }))
  if (ctx.coating.base === 'solvent') care.push(said('care.solvent'))
  if (ctx.step.tool === 'spray') care.push(said('care.spray'))
  if (ctx.hem.kind === 'wall-to-fitting') care.push(said('care.power'))
  if (scored(ctx, pick) || pick.liquid) care.push(said('care.blade'))
  if (pick.cover?.cover.kind === 'film') care.push(said('care.film'))
  return care
}
