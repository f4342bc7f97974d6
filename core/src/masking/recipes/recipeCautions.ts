import { length, said, type Fitting, type Said } from '../../base/nouns'
import { isRoundFitting } from '../../survey/hems/deriveHems'
import { sure } from '../../base/units/sure'
import { highestMm, LADDER_REACH_MM } from '../../survey/rooms/reach'
import { dampLimit, isTooDamp } from '../../survey/rooms/damp'
import { leadRisk } from '../../survey/ready/lead'
import type { Candidate } from './candidate'
import { scored } from './candidates'
import type { HemContext } from './hemContext'

/** Tapes sold for no longer than this are day tapes, days: common practice. */
const DAY_TAPE_DAYS = 3

/** A day tape on a flat ceiling that nobody has dated or tested: it can take the finish, old as that may be. */
function isDayTapeOverhead({ hem, keepFace, keepFinish }: HemContext, { tape }: Candidate): boolean {
  if (!tape || hem.keep !== 'ceiling' || hem.keepStepId !== null) return false
  const isFlat = keepFace.sheen === 'flat' || keepFace.sheen === 'matt'
  const isKnown = keepFace.crossCut !== null || (keepFace.last !== null && keepFace.last.at !== null)
  return tape.stayDays <= DAY_TAPE_DAYS && isFlat && !isKnown && keepFinish.soundness !== 'unpainted-hard'
}

/** What could hurt somebody, or something, here. */
export function recipeCautions(ctx: HemContext, pick: Candidate): Said[] {
  const care: Said[] = []
  const lead = leadRisk(ctx)
  if (lead?.mayHold) care.push(said('care.lead', { year: ctx.yearBuilt, limit: lead.limit.value }))
  if (ctx.keepFace.prep.includes('sand')) care.push(said('care.dust_mask'))
  const { moisturePct } = ctx.keepFace
  if (moisturePct !== null && isTooDamp(ctx.keepFace))
    care.push(said('care.damp', { face: ctx.keepName, reading: moisturePct, limit: dampLimit(ctx.keepFace).value }))
  if (ctx.trimWidthMm !== null && ctx.hem.line === 'straighten' && ctx.hem.wanderMm >= ctx.trimWidthMm)
    care.push(
      said('care.wander', { wander: length(ctx.hem.wanderMm, ctx.units), width: length(ctx.trimWidthMm, ctx.units) }),
    )
  else if (ctx.trimWidthMm !== null && ctx.hem.line === 'straighten' && 2 * ctx.hem.wanderMm > ctx.trimWidthMm)
    care.push(
      said('care.half_trim', {
        wander: length(ctx.hem.wanderMm, ctx.units),
        width: length(ctx.trimWidthMm, ctx.units),
      }),
    )
  if (isDayTapeOverhead(ctx, pick)) care.push(said('care.day_tape', { tape: sure(pick.tape).name, face: ctx.keepName }))
  if (ctx.coating.base === 'solvent') care.push(said('care.solvent'))
  if (ctx.step.tool === 'spray') care.push(said('care.spray'))
  if (highestMm(ctx.hem.segments) > LADDER_REACH_MM.value) care.push(said('care.tower'))
  const live = careOfFitting(ctx)
  if (live) care.push(live)
  if (scored(ctx, pick) || pick.liquid) care.push(said('care.blade'))
  if (pick.cover?.cover.kind === 'film') {
    care.push(said('care.film'))
    if (ctx.outdoors) care.push(said('care.film_wind'))
  }
  return care
}

const careOfFitting = ({ hem, fittingKind }: HemContext): Said | null =>
  isRoundFitting(hem) ? careOfKind(fittingKind) : null

/** What a kind of fitting has of a caution of its own: what is live, what must breathe, hear, spray or be seen. */
export function careOfKind(kind: Fitting['kind'] | null): Said | null {
  switch (kind) {
    case 'sprinkler':
      return said('care.sprinkler')
    case 'alarm':
      return said('care.alarm')
    case 'exit':
      return said('care.exit')
    case 'flue':
    case 'vent':
    case 'air-inlet':
      return said('care.breathes')
    case 'tap':
      return null
    default:
      return said('care.power')
  }
}
