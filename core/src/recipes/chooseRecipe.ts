import { instantOfGain, type RateClock } from '../cure/rateClock'
import { formatMoney } from '../units/money'
import { BARRIER_GAP_UM, closedGapUm, criticalGapUm, meanGapUm } from '../risk/bleed'
import { whenText } from '../units/time'
import { figure, said, sayText, type Said } from '../words/say'
import { judgeCandidates, scored, type Candidate } from './candidates'
import type { HemContext } from './hemContext'
import type { NoRecipe, Recipe, RecipeAnswer } from './recipe'
import { GLAZE_AHEAD_MIN, recipeCautions, recipeSteps, STAND_OFF_MM } from './recipeSteps'

/** Pressing alone is enough when it leaves less than this share of the bleeds the house accepts. From memory. */
const PRESS_ENOUGH_SHARE = 0.25

/**
 * What one hem gets, or why nothing on the shelf is safe.
 *
 * @param judged  candidates judged for a hem with the same {@link judgingKey}; judged here when left out
 *
 * Rule of choice:
 * 1. candidates that break a hard rule are out, each with its reason;
 *    a way chosen by hand goes first among the others, and is challenged when it is out;
 * 2. where pressing alone all but stops bleeding and the house seals only where needed, press only;
 * 3. else the house school, its cheapest by expected cost;
 * 4. else the cheapest of the other schools, saying so.
 */
export function chooseRecipe(ctx: HemContext, judged: readonly Candidate[] = judgeCandidates(ctx)): RecipeAnswer {
  const inKit = judged.filter((each) => each.ruledOut === null)
  // A kit is a wish: where nothing in it is safe, what is safe beside it comes in, and the answer says so.
  const outside = inKit.length === 0 ? judged.filter((each) => each.ruledOut?.code === 'out.not_in_kit') : []
  const safe = [...inKit, ...outside].sort(
    (a, b) => a.costPerM.total - b.costPerM.total || (a.tape.id < b.tape.id ? -1 : 1),
  )
  const chosen =
    ctx.choice && judged.find((each) => each.school === ctx.choice!.school && each.tape.id === ctx.choice!.tapeId)
  const pick =
    chosen && chosen.ruledOut === null
      ? { candidate: chosen, why: said('why.own_choice', { reason: ctx.choice!.reason || '–' }) }
      : pickCandidate(ctx, safe)
  const beside = outside.length > 0 ? [said('why.outside_kit')] : []
  const challenge = chosen?.ruledOut
    ? [said('why.choice_unsafe', { school: chosen.school, tape: chosen.tape.name, rule: sayText(chosen.ruledOut) })]
    : []
  const ruledOut = judged.flatMap((each) =>
    each.ruledOut && each.ruledOut.code !== 'out.not_barrier'
      ? [{ school: each.school, tapeId: each.tape.id, why: each.ruledOut }]
      : [],
  )
  if (!pick) return { safe: false, ...nothingSafe(ctx, judged), ruledOut }
  const others = safe
    .filter((each) => each !== pick.candidate)
    .filter((each, i, all) => all.findIndex((other) => other.school === each.school) === i || i < 2)
    .slice(0, 4)
    .map(({ school, tape, seal, costPerM, risks }) => ({
      school,
      tapeId: tape.id,
      seal,
      costMinor: Math.round((costPerM.total * ctx.hem.lengthMm) / 1000),
      bleedsPerM: risks.bleeds.mean,
      liftPerM: risks.lift.mean,
    }))
  return {
    safe: true,
    ...recipeOf(ctx, pick.candidate, [...challenge, ...beside, pick.why, ...reasons(ctx, pick.candidate, safe.length)]),
    others,
    ruledOut,
  }
}

/** What the house's rules choose among safe candidates; null where there are none. */
export function pickCandidate(ctx: HemContext, safe: readonly Candidate[]): { candidate: Candidate; why: Said } | null {
  const { house } = ctx
  const pressed = cheapestOf(
    safe.filter(
      (each) => each.school === 'press only' && each.risks.bleeds.mean <= house.maxBleedsPerM * PRESS_ENOUGH_SHARE,
    ),
  )
  if (pressed && !house.sealAlways) {
    return { candidate: pressed, why: said('why.press_enough', { bleeds: figure(pressed.risks.bleeds.mean) }) }
  }
  const own = cheapestOf(safe.filter((each) => each.school === house.school))
  if (own) return { candidate: own, why: said('why.school', { school: house.school }) }
  const other = cheapestOf(safe)
  return other
    ? { candidate: other, why: said('why.school_fallback', { school: house.school, used: other.school }) }
    : null
}

const cheapestOf = (list: readonly Candidate[]): Candidate | undefined =>
  [...list].sort((a, b) => a.costPerM.total - b.costPerM.total || (a.tape.id < b.tape.id ? -1 : 1))[0]

type Chosen = Omit<Recipe, 'others' | 'ruledOut'>

function recipeOf(ctx: HemContext, pick: Candidate, reasonList: readonly Said[]): Chosen {
  const holdFirst = ctx.house.holdFirstCoat && ctx.step.coats > 1
  const safeAge = pick.safeAgeRefMin ?? 0
  const cure = ctx.clocks.cureAt(ctx.keepFilmFormingC)
  return {
    hemId: ctx.hem.id,
    school: pick.school,
    tapeId: pick.tape.id,
    widthMm: pick.roll.widthMm,
    pressing: pick.pressing,
    seal: pick.seal,
    sealantId: pick.sealant?.id ?? null,
    stroke: pick.setup.stroke,
    standOffMm: holdFirst ? STAND_OFF_MM.value : 0,
    pull: ctx.house.pull,
    score: scored(ctx, pick.seal),
    sealDryMin:
      pick.seal === 'own colour' ? ctx.keepTouchDryMin : pick.seal === 'clear glaze' ? GLAZE_AHEAD_MIN.from : 0,
    safeAgeRefMin: safeAge,
    safeFrom: safeFrom(ctx, cure, safeAge),
    risks: pick.risks,
    cost: costOf(pick.costPerM, ctx.hem.lengthMm),
    steps: recipeSteps(ctx, pick, holdFirst),
    reasons: reasonList,
    cautions: recipeCautions(ctx, pick),
  }
}

/** When the keep side bears the tape: cured enough, and rested as the house wants it. */
function safeFrom(ctx: HemContext, cure: RateClock, safeAge: number): number | null {
  if (ctx.keepCoatedAt === null) return null
  const cured = instantOfGain(cure, ctx.keepCoatedAt, safeAge)
  return cured === null ? null : Math.max(cured, ctx.keepCoatedAt + 60 * ctx.house.restHours)
}

const costOf = (perM: Recipe['cost'], lengthMm: number): Recipe['cost'] => {
  const [material, labour, mending] = [perM.material, perM.labour, perM.mending].map((each) =>
    Math.round((each * lengthMm) / 1000),
  ) as [number, number, number]
  return { material, labour, mending, total: material + labour + mending }
}

/** The two or three facts that decided. */
function reasons(ctx: HemContext, pick: Candidate, safeCount: number): Said[] {
  const face = ctx.keepWords
  const found: Said[] = []
  if (ctx.keepFinish.ageRefMin === null) found.push(said('why.unknown_history', { face }))
  found.push(
    said('why.lift_safe', {
      grip: figure(pick.tape.gripN25),
      face,
      lift: figure(pick.risks.lift.mean * 100),
      limit: figure(ctx.house.maxLift * 100),
    }),
    said('why.texture_gap', {
      texture: ctx.keepFace.texture,
      gap: (meanGapUm(pick.setup) / 1000).toFixed(3),
      critical: (criticalGapUm(pick.setup) / 1000).toFixed(3),
    }),
  )
  if (pick.seal !== 'none') {
    found.push(said('why.seal_closes', { seal: pick.seal, closes: (closedGapUm(pick.setup) / 1000).toFixed(1) }))
  } else if (pick.tape.edge === 'barrier') {
    found.push(said('why.barrier_closes', { closes: (BARRIER_GAP_UM.value / 1000).toFixed(2) }))
  }
  if (pick.seal === 'clear glaze') found.push(said('why.glaze_instead', { face }))
  if (pick.safeAgeRefMin && pick.safeAgeRefMin > 0 && ctx.keepCoatedAt !== null) {
    found.push(said('why.cure_needed', { face, hours: figure(pick.safeAgeRefMin / 60) }))
  }
  if (ctx.coating.sheen !== 'flat' && ctx.coating.sheen !== 'matt')
    found.push(said('why.sheen_wet', { sheen: ctx.coating.sheen }))
  found.push(
    said('why.cheapest', {
      count: safeCount,
      cost: formatMoney((pick.costPerM.total * ctx.hem.lengthMm) / 1000, ctx.currency),
      mending: formatMoney((pick.costPerM.mending * ctx.hem.lengthMm) / 1000, ctx.currency),
    }),
  )
  return found
}

/** Why nothing is safe, and the smallest changes that would make something so. */
function nothingSafe(ctx: HemContext, judged: readonly Candidate[]): Omit<NoRecipe, 'ruledOut'> {
  const face = ctx.keepWords
  const distinct = new Map(
    judged.flatMap((each) =>
      each.ruledOut && each.ruledOut.code !== 'out.not_barrier' ? [[each.ruledOut.code, each.ruledOut]] : [],
    ),
  )
  const lifting = judged.filter(
    (each) => each.ruledOut?.code === 'out.lift' || each.ruledOut?.code === 'out.never_safe',
  )
  const help: Said[] = []
  const soonest = soonestSafe(ctx, judged)
  if (soonest) help.push(said('help.wait', { when: whenText(soonest.at, ctx.layAt, ctx.zone), tape: soonest.tape }))
  if (lifting.some((each) => each.ruledOut?.code === 'out.never_safe')) {
    const gentle = [...ctx.shelf.tapes].sort((a, b) => a.gripN25 - b.gripN25)[0]
    if (gentle) help.push(said('help.sound', { face, tape: gentle.name }))
  }
  if (distinct.has('out.bleeds')) help.push(said('help.seal', { limit: ctx.house.maxBleedsPerM }))
  if (distinct.has('out.stay')) help.push(said('help.tape', { need: 'a longer clean-removal time' }))
  help.push(said('help.freehand'))
  return { hemId: ctx.hem.id, reasons: [said('none.title', { face }), ...distinct.values()], wouldHelp: help }
}

function soonestSafe(ctx: HemContext, judged: readonly Candidate[]): { at: number; tape: string } | null {
  if (ctx.keepCoatedAt === null) return null
  const cure = ctx.clocks.cureAt(ctx.keepFilmFormingC)
  const times = judged
    .filter((each) => each.ruledOut?.code === 'out.lift' && each.safeAgeRefMin !== null)
    .map((each) => ({ at: instantOfGain(cure, ctx.keepCoatedAt!, each.safeAgeRefMin!), tape: each.tape.name }))
    .filter((each): each is { at: number; tape: string } => each.at !== null)
  return times.sort((a, b) => a.at - b.at)[0] ?? null
}
