import { known } from '../known'
import { leadRisk } from '../survey/lead'
import type { EdgeKind } from '../hems/edges'
import { type STROKES, type Stroke } from '../risk/bleed'
import { said, type Said } from '../words/say'
import { scored, type Candidate } from './candidates'
import type { HemContext } from './hemContext'

/** Where the first coat is held off the tape, it stays this far away: about 1/16 in. */
export const STAND_OFF_MM = known(1.5, 'mm', 'common practice', 'about 1/16 in off the tape')

/** A glaze seal goes on this long before colour: common practice. */
export const GLAZE_AHEAD_MIN = { from: 15, to: 20 } as const

/** Folded back at this angle to the face. */
export const FOLD_DEG = known(45, '°', 'common practice', 'slowly, folded back at about 45°')

/** How much tape is set at a time, mm: 6 to 8 in on trim, 1 to 2 ft on long ceilings. Common practice. */
const SET_LENGTHS: Partial<Record<EdgeKind, readonly [number, number]>> = { 'wall to ceiling': [300, 600] }
const USUAL_SET_LENGTH: readonly [number, number] = [150, 200]
/** Round a rounded corner tape lies in pieces of 6 to 12 in. Common practice. */
const ROUNDED_PIECES: readonly [number, number] = [150, 300]

/** What a painter does on one hem, in order. */
export function recipeSteps(ctx: HemContext, pick: Candidate, holdFirst: boolean): Said[] {
  const [from, to] = ctx.hem.radiusMm > 0 ? ROUNDED_PIECES : (SET_LENGTHS[ctx.hem.kind] ?? USUAL_SET_LENGTH)
  const steps: Said[] = []
  const { hem } = ctx
  const prep = ctx.keepFace.prep.filter((each) => each !== 'dust')
  if (prep.length > 0) steps.push(said('step.prep', { face: ctx.keepWords, how: prep.join(', ') }))
  if (ctx.keepFace.dusty || ctx.keepFace.prep.includes('dust')) steps.push(said('step.clean', { face: ctx.keepWords }))
  if (hem.kind === 'two-tone line') steps.push(said('step.mark'))
  if (hem.line === 'straighten' && hem.wanderMm > 0) steps.push(said('step.straighten', { wander: hem.wanderMm }))
  steps.push(
    said('step.lay', { width: pick.roll.widthMm, tape: pick.tape.name, face: ctx.keepWords, from, to }),
    ...(hem.laps > 0 ? [said('step.laps', { strips: hem.laps })] : []),
    ...(hem.panes > 1 ? [said('step.panes', { panes: hem.panes })] : []),
    said('step.press', {
      press: pick.pressing === 'tool' ? 'a plastic tool' : 'the thumb',
      twice: isRough(ctx) ? ', twice' : '',
    }),
  )
  if (holdFirst)
    steps.push(
      said('step.hold_first', {
        which: ctx.step.coats === 2 ? 'First coat' : `Coats 1 to ${ctx.step.coats - 1}`,
        gap: STAND_OFF_MM.value,
      }),
      said('step.press_again'),
    )
  steps.push(...sealStep(ctx, pick))
  steps.push(
    said('step.coat', {
      coats: holdFirst ? 'Last coat' : ctx.step.coats === 1 ? 'One coat' : `${ctx.step.coats} coats`,
      coating: `${ctx.step.colour} (${ctx.coating.name})`,
      tool: ctx.step.tool,
      stroke: strokeWords(pick.setup.stroke),
    }),
  )
  const angle = FOLD_DEG.value
  steps.push(
    ctx.house.pull === 'wet'
      ? said('step.pull_wet', { angle })
      : said('step.pull_dry', { angle, score: scored(ctx, pick.seal) ? ', after scoring the edge' : '' }),
  )
  return steps
}

const isRough = (ctx: HemContext) => !['glassy', 'smooth'].includes(ctx.keepFace.texture)

function strokeWords(stroke: Stroke): string {
  const words: Record<(typeof STROKES)[number], string> = {
    outward: ', stroking lightly from the tape outward',
    'toward tape': '',
    along: ', stroking along the tape',
    roller: ', rolling to the edge without pressing',
    spray: '',
  }
  return words[stroke]
}

function sealStep(ctx: HemContext, pick: Candidate): Said[] {
  switch (pick.seal) {
    case 'own colour':
      return [said('step.seal_own', { colour: ctx.keepColour, minutes: ctx.keepTouchDryMin })]
    case 'clear glaze':
      return [said('step.seal_glaze', GLAZE_AHEAD_MIN)]
    case 'wiped sealant':
      return [said('step.seal_wiped', { sealant: pick.sealant!.name })]
    case 'none':
      return []
  }
}

/** Moisture, %, above which wood and mineral faces are left to dry before anything goes on. Common practice. */
const DAMP = { wood: 16, mineral: 12 } as const

/** What could hurt somebody here. */
export function recipeCautions(ctx: HemContext, pick: Candidate): Said[] {
  const care: Said[] = []
  const lead = leadRisk(ctx)
  if (lead?.mayHold) care.push(said('care.lead', { year: ctx.yearBuilt!, limit: lead.limit.value }))
  if (ctx.keepFace.prep.includes('sand')) care.push(said('care.dust_mask'))
  const { moisturePct, material } = ctx.keepFace
  const damp = material === 'wood' || material === 'lapped boards' ? DAMP.wood : DAMP.mineral
  if (moisturePct !== null && moisturePct > damp)
    care.push(said('care.damp', { face: ctx.keepWords, reading: moisturePct, limit: damp }))
  if (ctx.coating.base === 'solvent') care.push(said('care.solvent'))
  if (ctx.step.tool === 'spray') care.push(said('care.spray'))
  if (ctx.hem.kind === 'wall to fitting') care.push(said('care.power'))
  if (scored(ctx, pick.seal)) care.push(said('care.blade'))
  return care
}
