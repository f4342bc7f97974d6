import { TEXTURE_FACTS } from '../catalogue/textures'
import { instantOfGain, type RateClock } from '../cure/rateClock'
import type { School } from '../survey/types'
import { formatMoney } from '../units/money'
import type { WordCode } from '../words/en'
import { figure, said, sayText, type Said } from '../words/say'
import type { Candidate } from './candidate'
import { judgeCandidates, scored } from './candidates'
import type { HemContext } from './hemContext'
import { recipeLayers } from './layers'
import { nothingSafe } from './nothingSafe'
import type { CostParts, OtherWay, Recipe, RecipeAnswer, RuledOut } from './recipe'
import { recipeCautions } from './recipeCautions'
import { recipeSteps, sealDryMin, STAND_OFF_MM } from './recipeSteps'
import { reasonsFor } from './reasonsFor'
import { settingOf } from './setting'

/** Pressing alone is enough when it leaves less than this share of the bleeds the house accepts. From memory. */
const PRESS_ENOUGH_SHARE = 0.25

/**
 * What one hem gets, or why nothing on the shelf is safe.
 *
 * @param judged  candidates judged for a hem with the same {@link judgingKey}; judged here when left out
 * @param few  what keeping few tins open, or using up what is on the van, came to for this hem in place of the rule
 *
 * Rule of choice:
 * 1. candidates that break a hard rule are out, each with its reason;
 *    a way chosen by hand goes first among the others, and is challenged when it is out;
 * 2. where pressing alone all but stops bleeding and the house seals only where needed, press only;
 * 3. else the house school, its cheapest by expected cost;
 * 4. else the cheapest of the other schools, saying so.
 */
export function chooseRecipe(
  ctx: HemContext,
  judged: readonly Candidate[] = judgeCandidates(ctx),
  few: Picked | null = null,
): RecipeAnswer {
  const safe = safeOf(judged)
  const outside = safe.some((each) => each.ruledOut !== null)
  const chosen = ctx.choice ? chosenOf(ctx.choice, judged) : undefined
  const pick =
    chosen && chosen.ruledOut === null
      ? { candidate: chosen, why: said('why.own_choice', { reason: ctx.choice!.reason || '–' }) }
      : (few ?? pickCandidate(ctx, safe))
  const beside = outside ? [said('why.outside_kit')] : []
  const challenge = chosen?.ruledOut
    ? [
        said('why.choice_unsafe', {
          school: chosen.school,
          tape: chosen.tape?.name ?? chosen.liquid?.name ?? 'no tape',
          rule: sayText(chosen.ruledOut),
        }),
      ]
    : []
  const ruledOut = ruledOutOf(judged)
  if (!pick) return { safe: false, ...nothingSafe(ctx, judged), ruledOut }
  const others = safe
    .filter((each) => each !== pick.candidate)
    .filter((each, i, all) => all.findIndex((other) => other.school === each.school) === i || i < 2)
    .slice(0, 4)
    .map((each) => otherWay(ctx, each, pick.candidate))
  return {
    safe: true,
    ...recipeOf(ctx, pick.candidate, [
      ...challenge,
      ...beside,
      pick.why,
      ...reasonsFor(ctx, pick.candidate, safe.length),
    ]),
    others,
    ruledOut,
  }
}

/** Hems along the same faces share their candidates; what is safe of them is looked up once. */
const safeOnce = new WeakMap<readonly Candidate[], readonly Candidate[]>()
const ruledOutOnce = new WeakMap<readonly Candidate[], readonly RuledOut[]>()

/**
 * What is safe of what was judged, cheapest first. A kit is a wish: where nothing in it is safe, what is safe beside
 * it comes in.
 */
export function safeOf(judged: readonly Candidate[]): readonly Candidate[] {
  const known = safeOnce.get(judged)
  if (known) return known
  const inKit = judged.filter((each) => each.ruledOut === null)
  const taped = inKit.some((each) => each.tape)
  const beside = taped ? [] : judged.filter((each) => each.ruledOut?.code === 'out.not_in_kit')
  const safe = [...inKit, ...beside].sort(byCost)
  safeOnce.set(judged, safe)
  return safe
}

function ruledOutOf(judged: readonly Candidate[]): readonly RuledOut[] {
  const known = ruledOutOnce.get(judged)
  if (known) return known
  const list = judged.flatMap(({ ruledOut: why, school, tape, liquid }): RuledOut[] =>
    why ? [{ school, tapeId: tape?.id ?? null, liquidId: liquid?.id ?? null, why }] : [],
  )
  ruledOutOnce.set(judged, list)
  return list
}

/** A candidate and why it was taken. */
export interface Picked {
  readonly candidate: Candidate
  readonly why: Said
}

const byCost = (a: Candidate, b: Candidate): number =>
  a.costPerM.total - b.costPerM.total || (nameOf(a) < nameOf(b) ? -1 : 1)
const nameOf = ({ tape, liquid, school }: Candidate): string => tape?.id ?? liquid?.id ?? school

/** The candidate a choice by hand means; a liquid mask is the cheapest one that is safe. */
function chosenOf(choice: NonNullable<HemContext['choice']>, judged: readonly Candidate[]): Candidate | undefined {
  const same = judged.filter((each) => each.school === choice.school && (each.tape?.id ?? null) === choice.tapeId)
  return cheapestOf(same.filter((each) => each.ruledOut === null)) ?? same[0]
}

const PRESSED: readonly School[] = ['press only', 'plain, sprayed']

/** A seal over a barrier edge. */
const isStacked = (each: Candidate): boolean =>
  each.tape?.edge === 'barrier' && (each.seal === 'own colour' || each.seal === 'clear glaze')

/** From this mean depth of valleys on, µm, a face counts as textured where schools are stacked. From memory. */
const TEXTURED_UM = 80

/** What the house's rules choose among safe candidates; null where there are none. */
export function pickCandidate(ctx: HemContext, safe: readonly Candidate[]): Picked | null {
  const { house } = ctx
  const take = (candidate: Candidate, code: WordCode, facts: Said['facts'] = {}): Picked => ({
    candidate,
    why: said(code, facts),
  })
  const taped = safe.filter((each) => each.tape)
  const pressed = cheapestOf(
    taped.filter(
      (each) => PRESSED.includes(each.school) && each.risks.bleeds.mean <= house.maxBleedsPerM * PRESS_ENOUGH_SHARE,
    ),
  )
  const own = cheapestOf(safe.filter((each) => isOfSchool(ctx, each, house.school)))
  const liquid = house.liquidOnPanes ? cheapestOf(safe.filter((each) => each.liquid)) : undefined
  const best = (pressed && !house.sealAlways ? pressed : own) ?? cheapestOf(taped)
  if (liquid && ctx.hem.panes > 1 && (!best || liquid.costPerM.total < best.costPerM.total)) {
    const saved = best ? best.costPerM.total - liquid.costPerM.total : 0
    return take(liquid, 'why.liquid_cheaper', {
      panes: ctx.hem.panes,
      saved: formatMoney((saved * ctx.hem.lengthMm) / 1000, ctx.currency),
    })
  }
  if (own && house.school === 'freehand') return take(own, 'why.school', { school: house.school })
  if (pressed && !house.sealAlways)
    return take(pressed, 'why.press_enough', { bleeds: figure(pressed.risks.bleeds.mean) })
  const stacked =
    house.stackSeals && TEXTURE_FACTS[ctx.keepFace.texture].valleyUm.value >= TEXTURED_UM
      ? cheapestOf(safe.filter(isStacked))
      : undefined
  if (stacked) return take(stacked, 'why.stacked', { seal: stacked.seal })
  if (own) return take(own, 'why.school', { school: house.school })
  // A glaze seal stands in for own colour where nobody holds it.
  const glaze =
    house.school === 'own-colour seal' ? cheapestOf(safe.filter((each) => each.school === 'clear glaze')) : undefined
  if (glaze) return take(glaze, 'why.glaze_instead', { face: ctx.keepWords })
  const other = cheapestOf(taped) ?? cheapestOf(safe)
  return other ? take(other, 'why.school_fallback', { school: house.school, used: other.school }) : null
}

/** What is pressed only is one school, whether it is brushed, rolled or sprayed over. */
const isOfSchool = (ctx: HemContext, each: Candidate, school: School): boolean =>
  each.school === school || (school === 'press only' && ctx.step.tool === 'spray' && each.school === 'plain, sprayed')

/** The cheapest, among those in the colour the house wants where there are any. */
function cheapestOf(list: readonly Candidate[]): Candidate | undefined {
  let best: Candidate | undefined
  for (const each of list)
    if (!best || (each.preferred === best.preferred ? byCost(each, best) < 0 : each.preferred)) best = each
  return best
}

/** Another safe way, with the part of its cost that differs most. */
function otherWay(ctx: HemContext, each: Candidate, pick: Candidate): OtherWay {
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

type Chosen = Omit<Recipe, 'others' | 'ruledOut'>

function recipeOf(ctx: HemContext, pick: Candidate, reasonList: readonly Said[]): Chosen {
  const holdFirst = ctx.house.holdFirstCoat && ctx.step.coats > 1 && pick.way === 'tape'
  const safeAge = pick.safeAgeRefMin ?? 0
  const cure = ctx.clocks.cureAt(ctx.keepFilmFormingC)
  return {
    hemId: ctx.hem.id,
    setting: settingOf(ctx),
    way: pick.way,
    school: pick.school,
    tapeId: pick.tape?.id ?? null,
    widthMm: pick.roll?.widthMm ?? 0,
    liquidId: pick.liquid?.id ?? null,
    cover: pick.cover && {
      coverId: pick.cover.cover.id,
      hold: pick.cover.hold,
      reachMm: pick.cover.reachMm,
      tackMm: pick.tackMm,
    },
    pressing: pick.pressing,
    seal: pick.seal,
    sealantId: pick.sealant?.id ?? null,
    stroke: pick.stroke,
    standOffMm: holdFirst ? STAND_OFF_MM.value : 0,
    pull: pick.pull,
    pullAfterH: pick.liquid?.cutAfterH ?? 0,
    score: scored(ctx, pick),
    sealDryMin: pick.seal === 'own colour' || pick.seal === 'clear glaze' ? sealDryMin(ctx, pick.seal) : 0,
    safeAgeRefMin: safeAge,
    safeFrom: safeFrom(ctx, cure, safeAge),
    risks: pick.risks,
    cost: costOf(pick.costPerM, ctx.hem.lengthMm),
    costParts: pick.costParts,
    layers: recipeLayers(ctx, pick),
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
