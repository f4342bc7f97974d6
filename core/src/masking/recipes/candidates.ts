import {
  said,
  type Said,
  type School,
  SCHOOLS,
  type Tape,
  type TapeRoll,
  isFace,
  type FaceKey,
  type Pressing,
  type Seal,
  type Stroke,
} from '../../base/nouns'
import { isRoundFitting } from '../../survey/hems/deriveHems'
import { nth, sure } from '../../base/units/sure'
import { coverBeside, tackMm, type BesideCover } from '../covers/besideHem'
import { crackPerMetre } from '../../nature/risk/crack'
import { bandPerMetre } from '../../nature/risk/banding'
import { gentleStroke, type EdgeSetup } from '../../nature/risk/bleed'
import { bleedSize, type BleedSize } from '../../nature/risk/bleedSize'
import { builtGripN25, liftPerMetre, safeAgeRefMin } from '../../nature/risk/lift'
import { dyedPerMetre, residuePerMetre, stayDaysOf, stayUsed } from '../../nature/risk/residue'
import { isPulledSoft } from '../../nature/cure/softPull'
import { needsScore, tearPerMetre } from '../../nature/risk/tear'
import { scaled, type Estimate } from '../../nature/risk/normal'
import { MIN_PER_DAY } from '../../base/units/time'
import { betterPressed } from './betterPressed'
import { isWhite, lightness } from '../../survey/rooms/contrast'
import { coatingOf } from '../../survey/shelf/find'
import { expectedCost } from './expectedCost'
import { NO_RISKS, UNPRICED, type Candidate, type Sealing } from './candidate'
import { bleedRule, carryRule, liftLimit, schoolRule, tapeRule, weatherRule } from './hardRules'
import { isHeldOff, type HemContext } from './hemContext'
import { layMinPerM } from './laying'
import { faultsOf, freehandWay, liquidWays } from './otherWays'
import { chanceAsOwn, ownRisks, risksAsOwn, type OwnRisks } from './ownRisks'
import { pressingsOf } from './pressing'
import type { RecipeRisks } from './recipe'
import { besidePlaceOf, isBrushedPast, needsWidthMm, settingOf } from './setting'

/**
 * What two hems of a room must share so that candidates judged for one hold for the other, metre for metre: not the
 * face itself, but all that decides of it. Panes are each judged for themselves, by their corners.
 */
export function judgingKey(ctx: HemContext): string {
  const { hem, keepFace: face, keepFinish: finish, choice } = ctx
  const setting = settingOf(ctx)
  return [
    setting === 'panes' ? hem.id : setting,
    hem.stepIds.join('+'),
    hem.kind,
    hem.radiusMm > 20,
    hem.keepStepId === null,
    isNarrow(hem.paint),
    face.material,
    face.texture,
    face.dusty,
    face.moisturePct,
    finish.soundness,
    finish.crossCut,
    finish.tool,
    finish.sheen,
    finish.ageRefMin,
    finish.dayRefMin,
    ctx.keepSwatch,
    ctx.keepPaintAtHand,
    ctx.glassM2PerM,
    ctx.fittingKind,
    choice?.pressing,
    choice?.pull,
    ctx.layAt,
    ctx.isTrimRun,
    layMinPerM(ctx, EASY_TO_TEAR, 0, ctx.parameters),
    hem.curve?.radiusMm,
    hem.curve?.arcDeg,
    isBrushedPast(ctx),
    ctx.byLearner,
    ctx.isFloorPapered,
    ctx.fieldOrder,
    ctx.pull,
    ctx.keptFor?.minutes,
    ctx.plannedStayMin,
  ].join('|')
}

const EASY_TO_TEAR = { tears: 'by-hand', bendTimes: 0 } as const

/** Every way with everything on the shelf, judged for one metre of a hem. */
export function judgeCandidates(ctx: HemContext): Candidate[] {
  const setting = settingOf(ctx)
  const cover = ctx.step.tool === 'spray' ? coverOf(ctx, setting) : null
  const seals = tapeSchools(ctx).flatMap((school) => sealingsOf(ctx, school).map((sealing) => ({ school, sealing })))
  const taped = ctx.shelf.tapes.flatMap((tape) => {
    const facts = tapeFacts(ctx, tape, cover, needsWidthMm(ctx))
    return seals
      .filter(({ school }) => fitsEdge(school, tape))
      .map(({ school, sealing }) => judgeTape(ctx, school, sealing, facts))
  })
  return [...taped, ...liquidWays(ctx), freehandWay(ctx)]
}

/** Schools that work with tape, for the tool of a step: what is pressed only is called by how it is painted. */
const tapeSchools = (ctx: HemContext): School[] =>
  SCHOOLS.filter(
    (school) =>
      school !== 'liquid-mask' &&
      school !== 'freehand' &&
      school !== (ctx.step.tool === 'spray' ? 'press-only' : 'plain-sprayed'),
  )

const fitsEdge = (school: School, tape: Tape): boolean => {
  if (school === 'barrier-edge') return tape.edge === 'barrier'
  return (school !== 'press-only' && school !== 'plain-sprayed') || tape.edge !== 'barrier'
}

function coverOf(ctx: HemContext, setting: ReturnType<typeof settingOf>): BesideCover | null {
  // A plate's tape covers it; what stands out has its bag; the foot of a casing its pieces of tape.
  if (isRoundFitting(ctx.hem) || ctx.hem.kind === 'casing-to-floor') return null
  const place = besidePlaceOf(setting, ctx.hem.kind)
  if (place === 'floor' && ctx.isFloorPapered) return null
  return coverBeside({
    shelf: ctx.shelf,
    place,
    narrow: isNarrow(ctx.hem.paint),
    coats: ctx.coats,
    // Below a sprayed ceiling the whole wall hangs under film; across a dry one it is opened as far as mist drifts.
    dropM: setting === 'ceiling-last' ? ctx.roomHeightMm / 1000 : null,
    windMs: ctx.windMs,
    parameters: ctx.parameters,
  })
}

/** Trim, which the gun passes once; a field is passed over and over. */
const isNarrow = (key: FaceKey): boolean => isFace(key, 'skirting') || isFace(key, 'casing') || isFace(key, 'leaf')

/** What a tape does on a hem whichever way its edge is sealed. */
interface TapeFacts {
  readonly tape: Tape
  readonly roll: TapeRoll
  readonly inKit: boolean
  readonly cover: BesideCover | null
  readonly tackMm: number | null
  readonly safeAge: number | null
  readonly lift: Estimate
  /** What the house's own walls say of it here. */
  readonly own: OwnRisks
  readonly used: number
  readonly stayMin: number
  readonly pull: 'wet' | 'dry'
  readonly rule: Said | null
}

function tapeFacts(ctx: HemContext, tape: Tape, cover: BesideCover | null, needsMm: number): TapeFacts {
  const roll = rollFor(ctx, tape, needsMm)
  const pull = ctx.choice?.pull ?? ctx.pull
  const stayMin = expectedStayMin(ctx, pull)
  const stayDays = stayDaysOf(tape, ctx.outdoors)
  const used = stayUsed(ctx.clocks.stay, stayDays, ctx.layAt, ctx.layAt + stayMin)
  const gripN25 = builtGripN25(tape.gripN25, used * stayDays * MIN_PER_DAY, ctx.parameters)
  const own = ownRisks(ctx, tape)
  const lift = chanceAsOwn(liftPerMetre(gripN25, ctx.keepFinish, ctx.parameters), own.lift)
  const allowed = liftLimit(ctx) / (own.lift?.mean ?? 1)
  const safeAge = safeAgeRefMin(gripN25, ctx.keepFinish, allowed, ctx.parameters)
  return {
    tape,
    roll,
    inKit: isCarried(ctx, tape, roll) && roll.widthMm >= Math.min(needsMm, 24),
    cover,
    tackMm: cover && cover.loadNPerM > 0 ? tackMm(tape, cover.loadNPerM, ctx.parameters) : null,
    safeAge,
    lift,
    own,
    used,
    stayMin,
    pull,
    rule:
      tapeRule({ ctx, tape, lift, safeAge, used }) ?? weatherRule(ctx, tape, stayMin) ?? carryRule(ctx, tape, cover),
  }
}

/** A tape in a school, pressed as the house presses; where it leaves that open, as it is safe, then as it costs least. */
function judgeTape(ctx: HemContext, school: School, sealing: Sealing, facts: TapeFacts): Candidate {
  const pressings = ctx.choice?.pressing ? [ctx.choice.pressing] : pressingsOf(ctx.house)
  const [first, second] = pressings.map((pressing) => judgePressed({ ctx, school, sealing, facts, pressing }))
  return second ? betterPressed(sure(first), second) : sure(first)
}

interface JudgePressedSetup {
  readonly ctx: HemContext
  readonly school: School
  readonly sealing: Sealing
  readonly facts: TapeFacts
  readonly pressing: Pressing
}

function judgePressed({ ctx, school, sealing, facts, pressing }: JudgePressedSetup): Candidate {
  const { tape, roll, cover, pull, tackMm: tacks } = facts
  const { seal, sealant, glaze } = sealing
  const setup = edgeSetup({ ctx, tape, seal, pressing, pull })
  const rule =
    (tape.retired ? said('out.retired') : null) ?? schoolRule({ ctx, school, tape, sealing, pull }) ?? facts.rule
  // What a rule forbids is not priced: most candidates end here.
  const risks = rule ? NO_RISKS : risksAsOwn(tapeRisks(ctx, setup, facts, sealant), facts.own)
  const { cost, parts } = rule
    ? UNPRICED
    : expectedCost(ctx, { tape, roll, pressing, seal, sealant, glaze, liquid: null, cover, tackMm: tacks, risks })
  return {
    way: ctx.step.tool === 'spray' ? 'mask-and-spray' : 'tape',
    school,
    tape,
    roll,
    liquid: null,
    seal,
    sealant,
    glaze,
    preferred: sealing.preferred,
    pressing,
    pressedOver: null,
    stroke: setup.stroke,
    pull,
    setup,
    cover,
    tackMm: tacks,
    safeAgeRefMin: facts.safeAge,
    risks,
    own: facts.own,
    costPerM: cost,
    costParts: parts,
    ruledOut: rule ?? bleedRule(ctx, risks) ?? (facts.inKit ? null : said('out.not_in_kit')),
  }
}

const tapeRisks = (ctx: HemContext, setup: EdgeSetup, facts: TapeFacts, sealant: Sealing['sealant']): RecipeRisks => ({
  ...asSeen(ctx, bleedSize(setup, ctx.parameters)),
  lift: facts.lift,
  tear: either(
    tearPerMetre({
      sheen: ctx.coating.sheen,
      seal: setup.seal,
      film: facts.pull === 'dry' && isPulledSoft(ctx) ? 'soft' : facts.pull,
      scored: facts.pull === 'dry' && needsScore(ctx.coating.sheen, setup.seal),
      // A gun cannot stay off the tape, nor does a brush where the house takes every coat up to it.
      skins: isHeldOff(ctx) ? 0 : ctx.coats - 1,
      parameters: ctx.parameters,
    }),
    brushedOff(ctx, facts),
  ),
  residue: either(residuePerMetre(facts.used, ctx.parameters), dyed(ctx, facts)),
  band:
    ctx.step.tool === 'roller' && setup.stroke !== 'roller'
      ? bandPerMetre(ctx.coating.sheen, lightness(ctx.step.swatch), ctx.parameters) * bandShare(ctx, facts.pull)
      : 0,
  crack: crackPerMetre(sealant, ctx.coating.sheen, ctx.parameters),
  grit: 0,
})

/** Chance of one fault or another. */
const either = (a: number, b: number): number => 1 - (1 - a) * (1 - b)

/** Torn by people who pass, where the tape stays on over a night. */
const brushedOff = (ctx: HemContext, { tape, stayMin }: TapeFacts): number =>
  stayMin >= MIN_PER_DAY / 2 && isBrushedPast(ctx) ? ctx.parameters.tear.brushedPast[tape.tough].value : 0

const dyed = (ctx: HemContext, { tape, stayMin }: TapeFacts): number =>
  tape.dye && isWhite(ctx.keepSwatch) ? dyedPerMetre(stayMin / MIN_PER_DAY, ctx.parameters) : 0

/** Where the field is rolled next to a line just cut in, the roller meets part of it while it is still open. */
const bandShare = ({ fieldOrder, parameters }: HemContext, pull: 'wet' | 'dry'): number =>
  pull === 'wet' && fieldOrder !== 'within' ? parameters.band.metOpen.value : 1

/** Round panes every corner is one more place to slip; tucked under a skirting the edge hardly matters. */
export function asSeen(
  ctx: HemContext,
  size: BleedSize,
): Pick<RecipeRisks, 'bleeds' | 'bleedMm' | 'bleedMm2' | 'worstMm'> {
  const { count, lengthMm, areaMm2, worstMm } = size
  // Below a skirting on carpet, and where a front meets the ground, nobody sees the edge.
  const isTucked = ctx.keepFace.material === 'carpet' || settingOf(ctx) === 'ground-line'
  const seen = isTucked ? ctx.parameters.work.tuckedShare.value : 1
  const edge = {
    bleeds: scaled(count, seen),
    bleedMm: scaled(lengthMm, seen),
    bleedMm2: scaled(areaMm2, seen),
    worstMm: isTucked ? 0 : worstMm,
  }
  if (isTucked || ctx.hem.panes <= 1 || ctx.glassM2PerM === 0) return edge
  const more = (ctx.hem.corners / ctx.hem.lengthMm) * 1000 * ctx.parameters.slips.paneCorner.value
  const slips = faultsOf({ mean: more, low: more / 2, high: 2 * more }, ctx.parameters)
  return {
    bleeds: plus(edge.bleeds, slips.bleeds),
    bleedMm: plus(edge.bleedMm, slips.bleedMm),
    bleedMm2: plus(edge.bleedMm2, slips.bleedMm2),
    worstMm: Math.max(edge.worstMm, slips.worstMm),
  }
}

const plus = (a: Estimate, b: Estimate): Estimate => ({
  mean: a.mean + b.mean,
  low: a.low + b.low,
  high: a.high + b.high,
})

/**
 * The seals a school may use. A wiped bead takes any sealant, and cracks as the new sheen has it: between whites white is right and
 * clear will do; beside colour the rim of a white bead shows, so clear it is, and white only where there is no clear
 * and the house has no rule. One sealing without a sealant, or without a glaze, stands for "none fits".
 */
function sealingsOf(ctx: HemContext, school: School): Sealing[] {
  const plain = { sealant: null, glaze: null, preferred: true } as const
  if (school === 'own-colour-seal') return [{ ...plain, seal: 'own-colour' }]
  if (school === 'clear-glaze') {
    const glazes = ctx.shelf.glazes.filter((glaze) => !glaze.retired)
    return (glazes.length > 0 ? glazes : [null]).map((glaze) => ({ ...plain, seal: 'clear-glaze', glaze }))
  }
  if (school !== 'wiped-sealant') return [{ ...plain, seal: 'none' }]
  const alwaysClear = ctx.house.sealantColour === 'clear'
  const wanted = !alwaysClear && isWhite(ctx.keepSwatch) && isWhite(ctx.step.swatch) ? 'white' : 'clear'
  const fits = ctx.shelf.sealants.filter((sealant) => !sealant.retired)
  const clear = fits.filter((fit) => fit.colour === 'clear')
  const usable = wanted === 'white' ? fits : clear.length > 0 || alwaysClear ? clear : fits
  const seal = 'wiped-sealant'
  if (usable.length === 0) return [{ ...plain, seal }]
  return usable.map((sealant) => ({
    ...plain,
    seal,
    sealant,
    preferred: sealant.colour === wanted || wanted === 'clear',
  }))
}

/** How the colour meets the edge: a roller that is kept off it, or comes once the tape is gone, leaves a band to the brush. */
function strokeOf({ step, house, fieldOrder }: HemContext, pull: 'wet' | 'dry'): Stroke {
  const isApart = pull === 'wet' && fieldOrder !== 'within'
  return step.tool === 'roller' && (isApart || !house.rollOverEdge) ? 'outward' : gentleStroke(step.tool)
}

interface EdgePair {
  readonly ctx: HemContext
  readonly tape: Tape
  readonly seal: Seal
  readonly pressing: Pressing
  readonly pull: 'wet' | 'dry'
}

/** The edge as the bleed model sees it. */
export const edgeSetup = ({ ctx, tape, seal, pressing, pull }: EdgePair): EdgeSetup => ({
  texture: ctx.keepFace.texture,
  dusty: ctx.keepFace.dusty,
  edge: tape.edge,
  backing: tape.backing,
  gripN25: tape.gripN25,
  pressing,
  seal,
  stroke: strokeOf(ctx, pull),
  // Board of pressed fibres has no vessels.
  openGrain: ctx.keepFinish.soundness === 'bare-wood' && ctx.keepFace.material !== 'board',
  dryRate: ctx.dryRate,
  hand: ctx.byLearner ? 'beginner' : 'practised',
  thickUm: tape.thickUm,
  laidAtC: ctx.laidAtC,
  coating: ctx.coating,
})

/**
 * How long the tape will be on, minutes: as a plan has it, or before there is one the coats of all its steps, their gaps, and a
 * night for as many gaps as are likely to go over one, and on a floor what is painted above it after that.
 */
export function expectedStayMin(
  ctx: Pick<HemContext, 'shelf' | 'steps' | 'plannedStayMin' | 'keptFor'>,
  pull: 'wet' | 'dry',
): number {
  if (ctx.plannedStayMin !== null) return ctx.plannedStayMin
  const gaps = ctx.steps.map((step) => {
    const { recoatMin } = coatingOf(ctx.shelf, step.coatingId)
    return { coats: step.coats, gap: recoatMin + overNight(recoatMin) * (MIN_PER_DAY - recoatMin) }
  })
  const afterLast = gaps.at(-1)?.gap ?? 0
  const untilOff = pull === 'dry' ? (ctx.keptFor?.minutes ?? MIN_PER_DAY) : 60
  return gaps.reduce((sum, { coats, gap }) => sum + coats * gap, 0) - afterLast + untilOff
}

/** How likely the next coat is another day's, by its recoat time: seldom under two hours, mostly over four. From memory. */
const overNight = (recoatMin: number): number => Math.min(1, Math.max(0, (recoatMin - 120) / 120))

/** The narrowest roll that does the job, of those carried where a kit was chosen. */
function rollFor(ctx: HemContext, tape: Tape, needsMm: number): TapeRoll {
  const carried = ctx.kit === null ? tape.rolls : tape.rolls.filter((roll) => isCarried(ctx, tape, roll))
  const byWidth = [...(carried.length > 0 ? carried : tape.rolls)].sort((a, b) => a.widthMm - b.widthMm)
  return byWidth.find((roll) => roll.widthMm >= needsMm) ?? nth(byWidth, byWidth.length - 1)
}

const isCarried = ({ kit }: HemContext, tape: Tape, roll: TapeRoll): boolean =>
  kit === null || kit.some((kind) => kind.tapeId === tape.id && kind.widthMm === roll.widthMm)

/** Whether the dry pull of a candidate is scored first. */
export const scored = (ctx: HemContext, pick: Pick<Candidate, 'seal' | 'pull' | 'tape'>): boolean =>
  pick.tape !== null && pick.pull === 'dry' && needsScore(ctx.coating.sheen, pick.seal)
