import { said, type Said, type School, type Tape, figureOf, word } from '../../base/nouns'
import { gripFloorN25, tackMm, type BesideCover } from '../covers/besideHem'
import { crackPerMetre } from '../../nature/risk/crack'
import type { Estimate } from '../../nature/risk/normal'
import { stayDaysOf } from '../../nature/risk/residue'
import { wetBetween } from '../../nature/air/wet'
import { dampLimit, isTooDamp } from '../../survey/rooms/damp'
import { leadRisk } from '../../survey/ready/lead'
import type { Sealing } from './candidate'
import { isSealedLast, type HemContext } from './hemContext'
import type { RecipeRisks } from './recipe'

interface SchoolRuleSetup {
  readonly ctx: HemContext
  readonly school: School
  readonly tape: Tape
  readonly sealing: Sealing
  readonly pull: 'wet' | 'dry'
}

/**
 * Hard rules: what no price makes good. Each gives the first thing a foreman would object to, or null. Texts are
 * written out only for what is ruled out: most candidates are judged for nothing but their numbers. They never name the
 * face: hems along faces that are alike share their candidates.
 */

/** Rules on how the edge is made. */
export function schoolRule({
  ctx,
  school,
  tape,
  sealing: { seal, sealant, glaze },
  pull,
}: SchoolRuleSetup): Said | null {
  if (seal !== 'none' && ctx.keepFace.material === 'carpet') return said('out.seal_carpet')
  if (tape.edge === 'barrier') {
    if (ctx.keepFace.material === 'carpet') return said('out.barrier_carpet')
    if (school === 'barrier-edge') {
      if (ctx.coating.base === 'solvent') return said('out.barrier_solvent')
      if (ctx.keepFace.dusty) return said('out.barrier_dust')
    } else if (!ctx.house.stackSeals) return said('out.no_stack')
  }
  if (seal === 'clear-glaze' && !glaze) return said('out.no_glaze')
  if (seal === 'own-colour' && !ctx.keepPaintAtHand) return said('out.no_own_paint')
  if (seal === 'wiped-sealant') {
    if (!sealant) return said('out.no_sealant')
    const crack = crackPerMetre(sealant, ctx.coating.sheen, ctx.parameters)
    // Who has done it for years may: by hand it is a chance that is told and mended, not a ban.
    if (crack > MOSTLY_CRACKS && ctx.choice?.school !== 'wiped-sealant')
      return said('out.bead_cracks', {
        sealant: sealant.name,
        sheen: word('sheen', ctx.coating.sheen),
        crack: figureOf(crack * 100),
      })
    if (isFullSkim(ctx)) return said('out.full_skim')
    if (pull === 'dry') return said('out.bead_dry')
    // Below the first of several coats onto the tape it is dry by the last.
    if (ctx.coats > 1 && !isSealedLast(ctx)) return said('out.bead_below', { coats: ctx.coats })
  }
  return null
}

/** A bead over which paint cracks on more metres than this is no way to seal, unless somebody chose it. From memory. */
const MOSTLY_CRACKS = 0.83

interface TapeRuleSetup {
  readonly ctx: HemContext
  readonly tape: Tape
  readonly lift: Estimate
  readonly safeAge: number | null
  readonly used: number
}

/** Rules on the tape itself: its grip against the finish, its stay against the plan. */
export function tapeRule({ ctx, tape, lift, safeAge, used }: TapeRuleSetup): Said | null {
  const { house, keepFace } = ctx
  if (keepFace.moisturePct !== null && isTooDamp(keepFace))
    return said('out.damp', { reading: keepFace.moisturePct, limit: dampLimit(keepFace).value })
  const grip = () => figureOf(tape.gripN25)
  const limit = liftLimit(ctx)
  if (lift.mean > limit && lift.mean <= house.maxLift) {
    return said('out.lead_lift', {
      grip: grip(),
      lift: figureOf(lift.mean * 100),
      limit: figureOf(limit * 100),
    })
  }
  if (safeAge === null)
    return said('out.never_safe', { grip: grip(), soundness: word('soundness', ctx.keepFinish.soundness) })
  if (lift.mean > house.maxLift) return said('out.lift', { grip: grip(), lift: figureOf(lift.mean * 100) })
  if (used > ctx.parameters.residue.stayMargin.value) {
    const label = stayDaysOf(tape, ctx.outdoors)
    return said('out.stay', { need: figureOf(used * label), label: figureOf(label) })
  }
  return null
}

/** Rule on rain and dew: outside a tape has to hold in what is to come while it is on. */
export function weatherRule(ctx: HemContext, tape: Tape, stayMin: number): Said | null {
  if (!ctx.outdoors || tape.holdsIn === 'rain') return null
  const wet = wetBetween(ctx.clocks.air, ctx.layAt, ctx.layAt + stayMin)
  return wet === 'rain' || (wet === 'dew' && tape.holdsIn === 'dry')
    ? said('out.wet', { wet: word('holds_in', wet), holds: word('holds_in', tape.holdsIn) })
    : null
}

/** Grip has a floor too: a tape that carries film holds it, in the gun's air and the wind. */
export const carryRule = (
  { parameters }: Pick<HemContext, 'parameters'>,
  tape: Tape,
  cover: BesideCover | null,
): Said | null =>
  cover && cover.loadNPerM > 0 && tackMm(tape, cover.loadNPerM, parameters) === null
    ? said('out.cant_carry', {
        grip: figureOf(tape.gripN25),
        floor: figureOf(gripFloorN25(cover.loadNPerM, parameters)),
      })
    : null

/** Rule on faults of the line that show. */
export const bleedRule = (
  ctx: HemContext,
  risks: RecipeRisks,
  code: 'out.bleeds' | 'out.slips' = 'out.bleeds',
): Said | null =>
  risks.bleedMm.mean > ctx.house.maxBleedMm
    ? said(code, { bleed: figureOf(risks.bleedMm.mean), limit: ctx.house.maxBleedMm })
    : null

/** Share of the accepted lift that is left where the old finish may hold lead: a chip of it is more than a touch-up. From memory. */
const LEAD_LIFT_SHARE = 0.25

/** Most lift accepted on this keep side. */
export const liftLimit = (ctx: HemContext): number =>
  ctx.hem.keepStepId === null && !NO_OLD_PAINT.includes(ctx.keepFinish.soundness) && leadRisk(ctx)?.mayHold
    ? ctx.house.maxLift * LEAD_LIFT_SHARE
    : ctx.house.maxLift

/** Nothing here was ever painted. */
const NO_OLD_PAINT: readonly HemContext['keepFinish']['soundness'][] = ['unpainted-hard', 'lacquered']

/** A full skim shows everything that stays on it. */
const isFullSkim = (ctx: HemContext): boolean =>
  ctx.keepFace.texture === 'smooth' && (ctx.keepFace.material === 'plaster' || ctx.keepFace.material === 'board')
