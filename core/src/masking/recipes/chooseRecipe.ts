import type { OwnFactor } from '../../nature/learn/ownFactors'
import type { OwnRisks } from './ownRisks'
import type { OwnTimes } from './recipe'
import { said, type Said, when, word } from '../../base/nouns'
import { onceFor } from '../../base/units/onceFor'
import { instantOfGain, type RateClock } from '../../nature/cure/rateClock'
import type { Candidate } from './candidate'
import { expectedStayMin, judgeCandidates, scored } from './candidates'
import { isHeldOff, type HemContext } from './hemContext'
import { recipeLayers } from './layers'
import { curvePieces } from './curvePieces'
import { layMinPerM } from './laying'
import { nothingSafe } from './nothingSafe'
import { otherWay } from './otherWay'
import { choosable, chosenOf, pickCandidate, safeOf, wayKey, type Picked } from './pickCandidate'
import type { Recipe, RecipeAnswer, RuledOut } from './recipe'
import { recipeCautions } from './recipeCautions'
import { recipeCraft } from './recipeCraft'
import { recipeSteps, sealDryMin, STAND_OFF_MM } from './recipeSteps'
import { reasonsFor } from './reasonsFor'
import { settingOf } from './setting'

/**
 * What one hem gets, or why nothing on the shelf is safe. The rule of choice is that of {@link pickCandidate}; a way
 * chosen by hand goes first, and is challenged when a hard rule forbids it or when it is no longer to be had.
 *
 * @param judged  candidates judged for a hem with the same key, see judgingKey; judged here when left out
 * @param few  what keeping few tins open, or using up what is on the van, came to for this hem in place of the rule
 */
export function chooseRecipe(
  ctx: HemContext,
  judged: readonly Candidate[] = judgeCandidates(ctx),
  few: Picked | null = null,
): RecipeAnswer {
  const safe = safeOf(judged)
  const chosen = ctx.choice ? chosenOf(ctx.choice, judged) : undefined
  const pick =
    chosen && chosen.ruledOut === null
      ? ({ candidate: chosen, why: said('why.own_choice', { reason: ctx.choice?.reason || '–' }) } as Picked)
      : (few ?? pickCandidate(ctx, safe))
  const ruledOut = ruledOutOf(judged)
  if (!pick) return { safe: false, ...nothingSafe(ctx, judged), ruledOut }
  const others = choosable(safe)
    .filter((candidate) => wayKey(candidate) !== wayKey(pick.candidate))
    .filter((candidate, i, all) => all.findIndex((other) => other.school === candidate.school) === i || i < 2)
    .slice(0, 4)
    .map((candidate) => otherWay(ctx, candidate, pick.candidate))
  return {
    safe: true,
    ...recipeOf(ctx, pick.candidate, [
      ...challengeOf(ctx, chosen),
      ...(pick.candidate.ruledOut ? [said('why.outside_kit')] : []),
      ...(ctx.isAtPlannedHour ? [said('why.at_its_hour', { when: when(ctx.layAt, ctx.layAt, ctx.zone) })] : []),
      pick.why,
      ...(pick.also ? [pick.also] : []),
      ...reasonsFor(ctx, pick.candidate, safe.length),
    ]),
    others,
    ruledOut,
  }
}

/** What stands against a way chosen by hand. */
function challengeOf(ctx: HemContext, chosen: Candidate | undefined): Said[] {
  if (!ctx.choice) return []
  if (!chosen) return [said('why.choice_gone', { school: word('school', ctx.choice.school) })]
  if (!chosen.ruledOut) return []
  return [
    said('why.choice_unsafe', {
      school: word('school', chosen.school),
      tape: chosen.tape?.name ?? chosen.liquid?.name ?? word('tape', 'none'),
      rule: chosen.ruledOut,
    }),
  ]
}

/** Hems along the same faces share their candidates; what is ruled out for them is listed once. */
const ruledOutOf = onceFor((judged: readonly Candidate[]): readonly RuledOut[] =>
  judged.flatMap(({ ruledOut: why, school, tape, liquid }): RuledOut[] =>
    why ? [{ school, tapeId: tape?.id ?? null, liquidId: liquid?.id ?? null, why }] : [],
  ),
)

type Chosen = Omit<Recipe, 'others' | 'ruledOut'>

function recipeOf(ctx: HemContext, pick: Candidate, reasonList: readonly Said[]): Chosen {
  const holdFirst = pick.way === 'tape' && isHeldOff(ctx)
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
    layMinPerM: pick.tape ? layMinPerM(ctx, pick.tape, pick.roll?.widthMm ?? 0, ctx.parameters) : 0,
    curvePieces: pick.tape ? curvePieces(ctx.hem.curve, pick.tape, pick.roll?.widthMm ?? 0).count : 0,
    pressing: pick.pressing,
    seal: pick.seal,
    sealantId: pick.sealant?.id ?? null,
    glazeId: pick.glaze?.id ?? null,
    stroke: pick.stroke,
    standOffMm: holdFirst ? STAND_OFF_MM.value : 0,
    pull: pick.pull,
    fieldOrder: ctx.fieldOrder,
    keptFor: pick.tape && pick.pull === 'dry' ? (ctx.keptFor?.stepId ?? null) : null,
    stayMin: pick.tape && pick.pull !== 'none' ? expectedStayMin(ctx, pick.pull) : 0,
    pullAfterH: pick.liquid?.cutAfterH ?? 0,
    score: scored(ctx, pick),
    sealDryMin: sealDryMin(ctx, pick),
    safeAgeRefMin: safeAge,
    safeFrom: safeFrom(ctx, cure, safeAge),
    risks: pick.risks,
    own: ownTimes(pick.own),
    cost: costOf(pick.costPerM, ctx.hem.lengthMm),
    costParts: pick.costParts,
    layers: recipeLayers(ctx, pick),
    steps: recipeSteps(ctx, pick, holdFirst),
    craft: recipeCraft(ctx, pick),
    reasons: reasonList,
    cautions: recipeCautions(ctx, pick),
  }
}

function ownTimes(own: OwnRisks): OwnTimes | null {
  const all = Object.values(own).flatMap((each) => (each ? [each] : []))
  if (all.length === 0) return null
  const most = (of: (each: OwnFactor) => number) => Math.max(...all.map(of))
  return {
    bleeds: own.bleeds?.mean ?? 1,
    lift: own.lift?.mean ?? 1,
    tear: own.tear?.mean ?? 1,
    residue: own.residue?.mean ?? 1,
    metres: Math.round(most(({ metres }) => metres)),
    ofTape: Math.round(most(({ ofTape }) => ofTape)),
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
