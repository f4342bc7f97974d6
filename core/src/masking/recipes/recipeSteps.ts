import { sure } from '../../base/units/sure'
import { isRoundFitting } from '../../survey/hems/deriveHems'
import {
  type FieldOrder,
  type HandToolKind,
  isFace,
  known,
  length,
  type PaintStep,
  roughLength,
  said,
  type Said,
  word,
  listed,
} from '../../base/nouns'
import { coatOfStep } from '../../nature/cure/film'
import type { EdgeKind } from '../../survey/hems/edge'
import type { Candidate } from './candidate'
import { scored } from './candidates'
import { SHORT_PIECES } from './laying'
import { longestFreeMm, sagMm } from '../../survey/lines/sag'
import type { SnapLine } from '../../survey/lines/snapLine'
import type { Arc } from '../../survey/rooms/curve'
import { curvePieces } from './curvePieces'
import { tellLump } from './tellLump'
import type { HemContext } from './hemContext'
import { highestMm, LADDER_REACH_MM, STANDING_REACH_MM } from '../../survey/rooms/reach'
import { recipeLayers } from './layers'
import { PAST_LINE } from '../../survey/rooms/areas'
import { tellReady } from './tellReady'
import { settingOf } from './setting'

/** Where the first coat is held off the tape, it stays this far away: about 1/16 in. */
export const STAND_OFF_MM = known(1.5, 'mm', 'common-practice', word('source', 'about-1-16-in-off-the-tape'))

/** A glaze seal waits no longer than a third beyond its time, 15 to 20 min: then colour still closes over it. Common practice. */
const GLAZE_WAIT = 4 / 3

/** Folded back at this angle to the face. */
export const FOLD_DEG = known(45, '°', 'common-practice', word('source', 'slowly-folded-back-at-about-45'))

/** How much tape is set at a time, mm: 6 to 8 in on trim, 1 to 2 ft on long ceilings. Common practice. */
const SET_LENGTHS: Partial<Record<EdgeKind, readonly [number, number]>> = { 'wall-to-ceiling': [300, 600] }
const USUAL_SET_LENGTH: readonly [number, number] = [150, 200]
/** Round a rounded corner tape lies in pieces of 6 to 12 in. Common practice. */
const ROUNDED_PIECES: readonly [number, number] = [150, 300]
/** How far a can of liquid mask is held from the glass, mm: 4 to 6 in. From memory. */
const CAN_AWAY: readonly [number, number] = [100, 150]
/** Tape of less grip than this hardly holds on itself, N per 25 mm. From memory. */
const EASY_RELEASE_N25 = 2.2
/** What a line may hang low before it shows against a level edge, mm. From memory. */
const HANGS_MM = 0.5
/** A run shorter than this goes on in one piece either way, mm. */
const LONG_RUN_MM = 2000

/** Tape that waited longer than this for its seal or coat is pressed again. */
export const PRESS_AGAIN_MIN = known(20, 'min', 'common-practice', word('source', 'tape-that-waits-is-pressed-again'))

/**
 * A seal of own colour is a thin smear: dry to touch in a third of the time of a full film, and in no less than a quarter of an
 * hour. Common practice is 15 to 20 min ahead of the coat; the share is from memory.
 */
export const SMEAR_SHARE = known(1 / 3, '', 'from-memory', word('source', 'a-smear-dries-in-a-third-of-a-film'))
export const SMEAR_LEAST_MIN = known(15, 'min', 'common-practice', word('source', 'a-seal-15-to-20-min-ahead'))

/**
 * Minutes at 23 °C / 50 % RH between a dried seal and colour, as the house wants it: until the smear is dry to touch, or for as
 * long as a full film takes to be; 0 where nothing dries first. Nobody waits for a whole recoat time.
 */
export function sealDryMin(ctx: HemContext, { seal, glaze }: Pick<Candidate, 'seal' | 'glaze'>): number {
  const through = ctx.house.sealDry === 'through'
  if (seal === 'own-colour') return through ? ctx.keepTouchDryMin : smearMin(ctx.keepTouchDryMin)
  if (!glaze) return 0
  return through ? glaze.throughMin : glaze.touchDryMin
}

const smearMin = (touchDryMin: number): number =>
  Math.min(touchDryMin, Math.max(SMEAR_LEAST_MIN.value, Math.round(touchDryMin * SMEAR_SHARE.value)))

/** What a painter does on one hem, in order. */
export function recipeSteps(ctx: HemContext, pick: Candidate, holdFirst: boolean): Said[] {
  const steps = [...highSteps(ctx), ...makeReady(ctx)]
  if (pick.liquid) return [...steps, ...liquidSteps(ctx, pick)]
  if (!pick.tape) return [...steps, said('step.hand'), ...coatSteps(ctx, pick, ctx.steps, false)]
  steps.push(
    ...layingSteps(ctx, pick),
    said('step.press', {
      press: word('press', pick.pressing),
      twice: word('twice', isRough(ctx) ? 'yes' : 'no'),
      // Tape lets go a little while it waits, whichever coat comes next.
      wait: PRESS_AGAIN_MIN.value,
    }),
    ...coverSteps(ctx, pick),
  )
  const seal = sealStep(ctx, pick)
  const [below, last] = [ctx.steps.slice(0, -1), ctx.steps.slice(-1)]
  // A seal goes on before the first coat that comes near the tape; what lies below the last colour always does.
  if (below.length > 0) steps.push(...seal, ...coatSteps(ctx, pick, below, holdFirst))
  if (holdFirst)
    steps.push(
      said('step.hold_first', {
        held: ctx.step.coats - 1,
        colour: ctx.step.colour,
        gap: length(STAND_OFF_MM.value, ctx.units),
      }),
      // Tape that waited is pressed again; for a seal, since that is pushed at its edge, else for the coat.
      said(pick.seal === 'none' || below.length > 0 ? 'step.press_again_coat' : 'step.press_again'),
    )
  steps.push(...(below.length > 0 ? [] : seal), ...coatSteps(ctx, pick, last, holdFirst))
  if (isFace(ctx.hem.paint, 'floor')) steps.push(said('step.to_door'))
  const angle = FOLD_DEG.value
  steps.push(
    pick.pull === 'wet'
      ? said('step.pull_wet', { angle })
      : said('step.pull_dry', { angle, score: word('score', scored(ctx, pick) ? 'yes' : 'no') }),
  )
  if (rollOrder(ctx, pick) === 'after-pull') steps.push(said('step.roll_after'))
  return steps
}

/** What to stand on where the line runs above a standing person's reach. */
function highSteps({ hem, units }: HemContext): Said[] {
  const high = highestMm(hem.segments)
  if (high > LADDER_REACH_MM.value) return [said('step.tower', { high: length(high, units) })]
  return high > STANDING_REACH_MM.value ? [said('step.ladder')] : []
}

/** Cleaning, and lines that are not given by an edge. */
function makeReady(ctx: HemContext): Said[] {
  const { hem, keepFace: face } = ctx
  const steps: Said[] = []
  const ready = ctx.keepReady.filter(({ act }) => act !== 'wipe')
  if (ready.length > 0)
    steps.push(said('step.prep', { face: ctx.keepName, how: listed(ready.map((step) => tellReady(step, ctx.units))) }))
  if (face.dusty || ctx.keepReady.some(({ act }) => act === 'wipe'))
    steps.push(said('step.clean', { face: ctx.keepName }))
  // A crooked edge that is followed needs no mark: it is there.
  if (hem.kind === 'two-tone-line' && hem.line === 'straighten') steps.push(...markSteps(ctx))
  if (hem.line === 'straighten' && hem.snap) steps.push(snapStep(hem.snap, ctx.units))
  else if (hem.line === 'straighten' && hem.wanderMm > 0)
    steps.push(said('step.straighten', { wander: length(hem.wanderMm, ctx.units) }))
  return [...steps, ...hem.lumps.map((answer) => tellLump(answer, ctx.units))]
}

/** How a line is set out and drawn with what is on the shelf. */
function markSteps({ hem, shelf, units, keepColour, turnsCorner }: HemContext): Said[] {
  const own = (kind: HandToolKind) => shelf.tools.find((tool) => tool.kind === kind && !tool.retired && tool.count > 0)
  const level = own('laser') ?? own('spirit-level')
  const over = hem.lengthMm
  const isStraight = hem.curve === null && hem.orientation !== 'loop'
  const setOut = level?.kind === 'laser' ? 'step.set_out' : 'step.set_out_by_hand'
  // The first of two colours goes past the line, or the old one shows between them.
  const past =
    hem.keepStepId === null ? [] : [said('step.carry_past', { by: length(PAST_LINE.value, units), colour: keepColour })]
  return [
    ...past,
    ...(level && isStraight
      ? [
          said(setOut, {
            tool: level.name,
            over: length(over, units),
            off: length(Math.max(1, Math.round((level.offMmPerM * over) / 1000)), units),
          }),
        ]
      : []),
    said('step.mark', { hardness: own('pencil')?.hardness ?? 'none' }),
    ...(own('chalk-line') ? [said('step.no_chalk')] : []),
    ...(turnsCorner ? [said('step.turns')] : []),
  ]
}

/** Where a line is snapped, by readings of the old edge. */
function snapStep({ leftMm, rightMm, joint, mostMm }: SnapLine, units: HemContext['units']): Said {
  const mm = (value: number) => length(value, units)
  const facts = { left: mm(leftMm), right: mm(rightMm), most: mm(mostMm) }
  return joint
    ? said('step.snap_two', { ...facts, joint: mm(joint.atMm), there: mm(joint.offMm) })
    : said('step.snap', facts)
}

/** How the tape goes on, as the setting wants it. */
function layingSteps(ctx: HemContext, pick: Candidate): Said[] {
  const { hem } = ctx
  const setting = settingOf(ctx)
  const tape = { width: length(sure(pick.roll).widthMm, ctx.units), tape: sure(pick.tape).name, face: ctx.keepName }
  const [from, to] = hem.radiusMm > 0 ? ROUNDED_PIECES : (SET_LENGTHS[hem.kind] ?? USUAL_SET_LENGTH)
  const steps: Said[] = []
  const lining = recipeLayers(ctx, pick).find((layer) => layer.kind === 'lining')
  if (lining) steps.push(said('step.slide_under', { paper: lining.name, gap: length(hem.gapMm, ctx.units) }))
  switch (setting) {
    case 'skirting-over-carpet':
      steps.push(said('step.lay_carpet', tape))
      break
    case 'tight-joint-at-the-floor':
      // One long run along a flush joint; pieces only where it opens and closes.
      steps.push(said('step.clean_joint'), said(hem.gapVaries ? 'step.lay_pieces' : 'step.lay_joint', tape))
      break
    case 'thing-on-the-wall':
      steps.push(said('step.lay_round', tape))
      break
    case 'plate':
      steps.push(said('step.lay_plate', tape))
      break
    default:
      if (hem.kind === 'casing-to-floor') steps.push(said('step.clean_joint'), said('step.lay_foot', tape))
      else if (lining) steps.push(said('step.lay_lining', tape))
      else steps.push(said('step.lay', { ...tape, set: roughLength(from, ctx.units, to) }))
  }
  if (hem.radiusMm > 0) steps.push(said('step.rounded'))
  if (hem.curve) steps.push(curveStep(ctx, hem.curve, pick))
  if (hem.laps > 0) steps.push(said('step.laps', { strips: hem.laps }))
  if (setting === 'panes') steps.push(said('step.panes', { panes: hem.panes }))
  if (isLongRun(ctx) && !hem.gapVaries) steps.push(runStep(ctx))
  if (hangsFree(ctx)) steps.push(sagStep(ctx))
  if (
    sure(pick.tape).gripN25 < EASY_RELEASE_N25 &&
    (hem.corners > 0 || hem.laps > 0 || ctx.house.runs === 'short-pieces')
  )
    steps.push(said('step.fix_overlaps'))
  return steps
}

/** Along a curve: bent round in one run, or in straight pieces so short that their corners are not seen. */
function curveStep(ctx: HemContext, curve: Arc, pick: Candidate): Said {
  const radius = length(Math.round(curve.radiusMm), ctx.units)
  const { count, chordMm } = curvePieces(curve, sure(pick.tape), sure(pick.roll).widthMm)
  return count === 0
    ? said('step.curve_bent', { radius })
    : said('step.curve_pieces', { radius, n: count, long: length(Math.floor(chordMm), ctx.units) })
}

const isLongRun = ({ hem }: HemContext): boolean =>
  hem.lengthMm >= LONG_RUN_MM &&
  hem.laps === 0 &&
  hem.panes === 0 &&
  hem.radiusMm === 0 &&
  hem.curve === null &&
  !isRoundFitting(hem)

/** A level line on a wall with no edge to lay it along: between hand and wall the tape hangs below the marks. */
const hangsFree = (ctx: HemContext): boolean =>
  isLongRun(ctx) && ctx.hem.orientation === 'level' && settingOf(ctx) === 'line-to-make'

function sagStep({ hem, units }: HemContext): Said {
  const setMm = Math.floor(longestFreeMm(HANGS_MM) / 100) * 100
  return said('step.sag', {
    long: length(hem.lengthMm, units),
    low: length(Math.round(sagMm(hem.lengthMm)), units),
    set: roughLength(setMm, units),
  })
}

const runStep = (ctx: HemContext): Said =>
  ctx.house.runs === 'one-run'
    ? said(isAtFloor(ctx) ? 'step.run_one_low' : 'step.run_one')
    : said('step.run_short', {
        piece: roughLength(SHORT_PIECES.pieceMm, ctx.units),
        lap: roughLength(SHORT_PIECES.lapMm, ctx.units),
      })

/** Along a floor nobody stands on a ladder. */
const isAtFloor = ({ hem }: HemContext): boolean =>
  isFace(hem.keep, 'floor') || isFace(hem.paint, 'skirting') || isFace(hem.keep, 'skirting')

/** Covers, each over the tape before it. */
function coverSteps(ctx: HemContext, pick: Candidate): Said[] {
  const steps = coversOver(ctx, pick)
  const dispensed = steps.some(
    ({ code }) => code === 'step.paper_over' || code === 'step.film_hung' || code === 'step.film_across',
  )
  return dispensed ? [...steps, said('step.by_hand')] : steps
}

function coversOver(ctx: HemContext, pick: Candidate): Said[] {
  return recipeLayers(ctx, pick).flatMap((layer): Said[] => {
    const facts = { cover: layer.name }
    switch (layer.kind) {
      case 'paper':
        return [said(settingOf(ctx) === 'cabinets-in-use' ? 'step.paper_mouths' : 'step.paper_over', facts)]
      case 'film':
        if (settingOf(ctx) === 'thing-on-the-wall') return [said('step.bag', facts)]
        return layer.tackMm === null
          ? [said(pick.cover?.hold === 'taut' ? 'step.film_taut' : 'step.film_over', facts)]
          : [
              said(settingOf(ctx) === 'below-a-dry-ceiling' ? 'step.film_across' : 'step.film_hung', {
                ...facts,
                tack: roughLength(layer.tackMm, ctx.units),
              }),
            ]
      case 'cloth':
        return [said('step.cloths', facts)]
      default:
        return []
    }
  })
}

/** A liquid mask: on generously, clear, painted over, cut, peeled. */
function liquidSteps(ctx: HemContext, pick: Candidate): Said[] {
  const { name, how, clearMin, cutAfterH, yellows } = sure(pick.liquid)
  const { panes } = ctx.hem
  const [nearest, farthest] = CAN_AWAY
  return [
    how === 'brush'
      ? said('step.liquid_brush', { mask: name, panes })
      : said('step.liquid_can', { mask: name, panes, away: roughLength(nearest, ctx.units, farthest) }),
    ...(yellows ? [said('step.liquid_prime')] : []),
    said('step.liquid_pools'),
    said('step.liquid_clear', { minutes: clearMin }),
    ...coatSteps(ctx, pick, ctx.steps, false),
    said('step.liquid_cut', { hours: cutAfterH, angle: FOLD_DEG.value }),
  ]
}

/** Every colour the masking stays on for; a first coat that was held off has been told already. */
function coatSteps(ctx: HemContext, pick: Candidate, steps: readonly PaintStep[], holdFirst: boolean): Said[] {
  return steps.map((step) =>
    said('step.coat', {
      coats: said(coatsCode(ctx, step, holdFirst), { count: step.coats }),
      colour: step.colour,
      coating: coatOfStep(ctx.shelf, step).name,
      tool: word('tool', step.tool),
      stroke: word('stroke', pick.tape ? strokeCode(ctx, pick, step) : 'any'),
    }),
  )
}

/** With coats held off, each coat says how near it comes: the ones below go up to the tape, and of the last colour the last. */
function coatsCode(ctx: HemContext, step: PaintStep, holdFirst: boolean) {
  if (!holdFirst) return 'step.coats'
  return step === ctx.step ? 'step.coats_last' : 'step.coats_to_tape'
}

const isRough = (ctx: HemContext) => !['glassy', 'smooth'].includes(ctx.keepFace.texture)

/** When the last coat's field is rolled beside a line whose tape comes off wet. */
const rollOrder = ({ fieldOrder, step }: HemContext, pick: Candidate): FieldOrder =>
  step.tool === 'roller' && pick.pull === 'wet' ? fieldOrder : 'within'

/** How the brush or roller goes, as a word of the catalogue. */
function strokeCode(ctx: HemContext, pick: Candidate, step: PaintStep): string {
  const { stroke, seal } = pick
  const order = step === ctx.step ? rollOrder(ctx, pick) : 'within'
  if (order !== 'within') return order
  if (step.tool === 'roller' && stroke === 'outward') return 'off-the-tape'
  // Over a dried seal the edge is shut, and the brush may go as it likes.
  if (stroke === 'outward' && (seal === 'own-colour' || seal === 'clear-glaze')) return 'freely'
  return stroke
}

function sealStep(ctx: HemContext, pick: Candidate): Said[] {
  switch (pick.seal) {
    case 'own-colour':
      return [said('step.seal_own', { colour: ctx.keepColour, minutes: sealDryMin(ctx, pick) })]
    case 'clear-glaze':
      return [glazeStep(ctx, pick)]
    case 'wiped-sealant':
      return [said('step.seal_wiped', { sealant: sure(pick.sealant).name })]
    case 'none':
      return []
  }
}

function glazeStep(ctx: HemContext, pick: Candidate): Said {
  const minutes = sealDryMin(ctx, pick)
  const glaze = sure(pick.glaze).name
  if (ctx.house.sealDry === 'through') return said('step.seal_glaze_through', { glaze, minutes })
  return said('step.seal_glaze', { glaze, from: minutes, to: Math.round(minutes * GLAZE_WAIT) })
}
