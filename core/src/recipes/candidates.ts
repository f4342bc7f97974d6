import type { Sealant, Tape, TapeRoll } from '../catalogue/types'
import { bleedsPerMetre, gentleStroke, type EdgeSetup, type Pressing, type Seal } from '../risk/bleed'
import { liftPerMetre, safeAgeRefMin } from '../risk/lift'
import { residuePerMetre, STAY_MARGIN, stayDaysOf, stayUsed } from '../risk/residue'
import { needsScore, tearPerMetre } from '../risk/tear'
import { MIN_PER_DAY } from '../units/time'
import { leadRisk } from '../survey/lead'
import { SCHOOLS, type HouseRules, type School } from '../survey/types'
import { figure, said, type Said } from '../words/say'
import type { HemContext } from './hemContext'
import type { RecipeCost, RecipeRisks } from './recipe'

/** One way to treat a hem, judged: either ruled out by the first hard rule it breaks, or priced. */
export interface Candidate {
  readonly school: School
  readonly tape: Tape
  readonly roll: TapeRoll
  readonly seal: Seal
  readonly sealant: Sealant | null
  readonly pressing: Pressing
  readonly setup: EdgeSetup
  readonly safeAgeRefMin: number | null
  readonly risks: RecipeRisks
  /** Expected cost of one metre, minor units, not rounded. */
  readonly costPerM: RecipeCost
  readonly ruledOut: Said | null
}

/** What two hems must share so that candidates judged for one hold for the other, metre for metre. */
export const judgingKey = (ctx: HemContext): string =>
  [ctx.hem.keep, ctx.hem.keepStepId, ctx.hem.stepId, WIDE_KINDS.includes(ctx.hem.kind), ctx.layAt].join('|')

/** Every school with every tape on the shelf, judged for one metre of a hem. */
export function judgeCandidates(ctx: HemContext): Candidate[] {
  const rolls = ctx.shelf.tapes.map((tape) => ({ tape, roll: rollFor(ctx, tape) }))
  return SCHOOLS.flatMap((school) => rolls.map(({ tape, roll }) => judge(ctx, school, tape, roll)))
}

function judge(ctx: HemContext, school: School, tape: Tape, roll: TapeRoll): Candidate {
  const { seal, sealant } = sealOf(ctx, school)
  const pressing: Pressing = ctx.house.press
  const setup = edgeSetup(ctx, tape, seal, pressing)
  const safeAge = safeAgeRefMin(tape.gripN25, ctx.keepFinish, liftLimit(ctx))
  const stayDays = stayDaysOf(tape, ctx.outdoors)
  const used = stayUsed(ctx.clocks.stay, stayDays, ctx.layAt, ctx.layAt + expectedStayMin(ctx))
  const risks: RecipeRisks = {
    bleeds: bleedsPerMetre(setup),
    lift: liftPerMetre(tape.gripN25, ctx.keepFinish),
    tear: tearPerMetre(ctx.coating.sheen, seal, ctx.house.pull, true),
    residue: residuePerMetre(used),
  }
  const costPerM = expectedCost(ctx, tape, roll, seal, sealant, risks)
  const ruledOut =
    hardRule(ctx, school, tape, seal, sealant, risks, safeAge, used) ??
    (isCarried(ctx, tape, roll) && roll.widthMm >= Math.min(needsWidthMm(ctx), 24) ? null : said('out.not_in_kit'))
  return { school, tape, roll, seal, sealant, pressing, setup, safeAgeRefMin: safeAge, risks, costPerM, ruledOut }
}

/** What seals the edge in a school: own colour where it is at hand, else glaze; a sealant the new sheen can bear. */
function sealOf(ctx: HemContext, school: School): { seal: Seal; sealant: Sealant | null } {
  switch (school) {
    case 'wiped sealant': {
      const fits = ctx.shelf.sealants.filter(
        (each) => !each.retired && (each.paintAtOnce || ctx.coating.sheen !== 'flat'),
      )
      const sealant = [...fits].sort((a, b) => a.priceMinor / a.metresPerTube - b.priceMinor / b.metresPerTube)
      // A rim of white shows beside colour; clear stays unseen in the shadow of the tape.
      const white = ctx.keepSwatch.toLowerCase() === '#ffffff' && ctx.step.swatch.toLowerCase() === '#ffffff'
      return {
        seal: 'wiped sealant',
        sealant: sealant.find((each) => (each.colour === 'white') === white) ?? sealant[0] ?? null,
      }
    }
    case 'own-colour seal':
      return { seal: ctx.keepPaintAtHand ? 'own colour' : 'clear glaze', sealant: null }
    case 'barrier edge':
    case 'press only':
      return { seal: 'none', sealant: null }
  }
}

/** The edge as the bleed model sees it. */
export const edgeSetup = (ctx: HemContext, tape: Tape, seal: Seal, pressing: Pressing): EdgeSetup => ({
  texture: ctx.keepFace.texture,
  dusty: ctx.keepFace.dusty,
  edge: tape.edge,
  backing: tape.backing,
  gripN25: tape.gripN25,
  pressing,
  seal,
  stroke: gentleStroke(ctx.step.tool),
  openGrain: ctx.keepFinish.soundness === 'bare wood',
  coating: ctx.coating,
})

/** How long the tape will be on, minutes, before there is a schedule: coats, their gaps, and a night for each gap over half a shift. */
export function expectedStayMin(ctx: HemContext): number {
  const gap = ctx.coating.recoatMin > 180 ? MIN_PER_DAY : ctx.coating.recoatMin
  const dry = ctx.house.pull === 'dry' ? MIN_PER_DAY : 60
  return (ctx.step.coats - 1) * gap + dry
}

const WIDE_KINDS = ['skirting to floor', 'wall to floor', 'wall to fitting']

/** Least width that does the job: 24 mm on most edges, 36 mm where feet, knees or whole plates are covered. */
export const needsWidthMm = (ctx: HemContext): number => (WIDE_KINDS.includes(ctx.hem.kind) ? 36 : 24)

/** The narrowest roll that does the job, of those carried where a kit was chosen. */
function rollFor(ctx: HemContext, tape: Tape): TapeRoll {
  const carried = tape.rolls.filter((roll) => isCarried(ctx, tape, roll))
  const byWidth = [...(carried.length > 0 ? carried : tape.rolls)].sort((a, b) => a.widthMm - b.widthMm)
  return byWidth.find((roll) => roll.widthMm >= needsWidthMm(ctx)) ?? byWidth[byWidth.length - 1]!
}

const isCarried = ({ kit }: HemContext, tape: Tape, roll: TapeRoll): boolean =>
  kit === null || kit.some((kind) => kind.tapeId === tape.id && kind.widthMm === roll.widthMm)

/** What a metre of tape costs with its waste, minor units. */
export const rollCostPerM = (tape: Tape, roll: TapeRoll, house: Pick<HouseRules, 'wastePct'>): number =>
  (1000 / tape.rollLengthMm) * roll.priceMinor * (1 + house.wastePct / 100)

function expectedCost(
  ctx: HemContext,
  tape: Tape,
  roll: TapeRoll,
  seal: Seal,
  sealant: Sealant | null,
  risks: RecipeRisks,
): RecipeCost {
  const { house } = ctx
  const tapeMinor = rollCostPerM(tape, roll, house)
  const beadMinor = sealant ? sealant.priceMinor / sealant.metresPerTube : 0
  const sealMin = seal === 'none' ? 0 : house.rates.sealPerM
  const minutes = house.rates.layPerM + house.rates.pressPerM + sealMin + house.rates.pullPerM
  const mending =
    ctx.visibility * (risks.bleeds.mean * house.mendBleedMinor + risks.tear * house.mendTearMinor) +
    risks.lift.mean * house.mendLiftMinor +
    risks.residue * house.mendTearMinor
  const material = tapeMinor + beadMinor
  const labour = (minutes / 60) * house.wagePerHourMinor
  return { material, labour, mending, total: material + labour + mending }
}

/** The first hard rule a candidate breaks, or null. The order is the order in which a foreman would object. */
function hardRule(
  ctx: HemContext,
  school: School,
  tape: Tape,
  seal: Seal,
  sealant: Sealant | null,
  risks: RecipeRisks,
  safeAge: number | null,
  used: number,
): Said | null {
  const { house, keepWords: face } = ctx
  // Written out only for a candidate that is ruled out: most are judged for nothing but their numbers.
  const grip = () => figure(tape.gripN25)
  if (tape.retired) return said('out.retired')
  if (
    (school === 'barrier edge') !== (tape.edge === 'barrier') &&
    (school === 'barrier edge' || school === 'press only')
  ) {
    return said('out.not_barrier')
  }
  if (school === 'barrier edge') {
    if (ctx.coating.base === 'solvent') return said('out.barrier_solvent')
    if (ctx.keepFace.dusty) return said('out.barrier_dust', { face })
  }
  if (seal === 'wiped sealant') {
    if (!sealant) return said(ctx.shelf.sealants.length ? 'out.flat_cracks' : 'out.no_sealant')
    if (isFullSkim(ctx)) return said('out.full_skim', { face })
    if (house.pull === 'dry') return said('out.bead_dry')
  }
  if (risks.lift.mean > liftLimit(ctx) && risks.lift.mean <= house.maxLift)
    return said('out.lead_lift', {
      grip: grip(),
      face,
      lift: figure(risks.lift.mean * 100),
      limit: figure(liftLimit(ctx) * 100),
    })
  if (safeAge === null) return said('out.never_safe', { grip: grip(), face, soundness: ctx.keepFinish.soundness })
  if (risks.lift.mean > house.maxLift)
    return said('out.lift', { grip: grip(), face, lift: figure(risks.lift.mean * 100) })
  if (used > STAY_MARGIN.value) {
    const label = stayDaysOf(tape, ctx.outdoors)
    return said('out.stay', { need: figure(used * label), label: figure(label) })
  }
  if (risks.bleeds.mean > house.maxBleedsPerM) {
    return said('out.bleeds', { bleeds: figure(risks.bleeds.mean), limit: house.maxBleedsPerM })
  }
  return null
}

/** Share of the accepted lift that is left where the old finish may hold lead: a chip of it is more than a touch-up. From memory. */
const LEAD_LIFT_SHARE = 0.25

/** Most lift accepted on this keep side. */
const liftLimit = (ctx: HemContext): number =>
  ctx.hem.keepStepId === null && ctx.keepFinish.soundness !== 'unpainted hard' && leadRisk(ctx)?.mayHold
    ? ctx.house.maxLift * LEAD_LIFT_SHARE
    : ctx.house.maxLift

/** A full skim shows everything that stays on it. */
const isFullSkim = (ctx: HemContext): boolean =>
  ctx.keepFace.texture === 'smooth' && (ctx.keepFace.material === 'plaster' || ctx.keepFace.material === 'board')

/** Whether the dry pull of a candidate is scored first. */
export const scored = (ctx: HemContext, seal: Seal): boolean =>
  ctx.house.pull === 'dry' && needsScore(ctx.coating.sheen, seal)
