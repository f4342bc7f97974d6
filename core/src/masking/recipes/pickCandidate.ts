import { groupedBy } from '../../base/units/groupedBy'
import { onceFor } from '../../base/units/onceFor'
import { sure } from '../../base/units/sure'
import { said, type Said, type School, money, word } from '../../base/nouns'
import type { Candidate } from './candidate'
import type { HemContext } from './hemContext'
import { needsWidthMm } from './setting'

/**
 * What is safe of what was judged, cheapest first. A kit is a wish: where nothing in it is safe, what is safe beside
 * it comes in. Hems along the same faces share their candidates; it is looked up once for them.
 */
export const safeOf = onceFor((judged: readonly Candidate[]): readonly Candidate[] => {
  const inKit = judged.filter((candidate) => candidate.ruledOut === null)
  const taped = inKit.some((candidate) => candidate.tape)
  const beside = taped ? [] : judged.filter((candidate) => candidate.ruledOut?.code === 'out.not_in_kit')
  return [...inKit, ...beside].sort(byCost)
})

/** A candidate and why it was taken. */
export interface Picked {
  readonly candidate: Candidate
  /** The rule of the house that came to it. */
  readonly why: Said
  /** What else spoke for it: a kind of tape or a tin that is spared. */
  readonly also?: Said
}

const byCost = (a: Candidate, b: Candidate): number =>
  a.costPerM.total - b.costPerM.total || (nameOf(a) < nameOf(b) ? -1 : 1)
const nameOf = ({ tape, liquid, school }: Candidate): string => tape?.id ?? liquid?.id ?? school

/** The candidate a choice by hand means: its sealant or glaze, and a mask it does not name, are the house's cheapest. */
export function chosenOf(
  choice: NonNullable<HemContext['choice']>,
  judged: readonly Candidate[],
): Candidate | undefined {
  const same = judged.filter(
    (candidate) =>
      candidate.school === choice.school &&
      (candidate.tape?.id ?? null) === choice.tapeId &&
      (choice.liquidId === null || candidate.liquid?.id === choice.liquidId),
  )
  return cheapestOf(same.filter((candidate) => candidate.ruledOut === null)) ?? same[0]
}

/** Candidates that a choice by hand can tell apart, each as it would then be made; in the order given. */
export const choosable = onceFor((safe: readonly Candidate[]): readonly Candidate[] =>
  [...groupedBy(safe, wayKey).values()].map((same) => sure(cheapestOf(same))),
)

/** What a choice by hand names. */
export const wayKey = ({ school, tape, liquid }: Candidate): string => `${school}|${tape?.id}|${liquid?.id}`

/** A seal over a barrier edge. */
const isStacked = (candidate: Candidate): boolean => candidate.tape?.edge === 'barrier' && candidate.seal !== 'none'

/** From this mean depth of valleys on, µm, a face counts as textured where schools are stacked. From memory. */
const TEXTURED_UM = 80

/**
 * What the house's rules choose among safe candidates; null where there are none. A house that keeps to a school does so
 * wherever that is safe; else, and where its school will not do, in this order: a liquid mask on many panes where it is
 * cheaper; schools stacked on texture; a seal where every edge gets one; the cheapest there is.
 */
export function pickCandidate(ctx: HemContext, judgedSafe: readonly Candidate[]): Picked | null {
  const { house } = ctx
  const safe = allowed(ctx, wideFirst(ctx, judgedSafe))
  const taped = safe.filter((candidate) => candidate.tape)
  const { school } = house
  const own =
    school === 'least-cost' ? undefined : cheapestOf(safe.filter((candidate) => isOfSchool(ctx, candidate, school)))
  const best = own ?? cheapestOf(taped)
  const liquid = cheapestOf(safe.filter((candidate) => candidate.liquid))
  if (liquid && own !== liquid && ctx.hem.panes > 1 && (!best || liquid.costPerM.total < best.costPerM.total))
    return liquidInstead(ctx, liquid, best)
  const stacked = school === 'freehand' && own ? undefined : stackedOf(ctx, safe)
  if (stacked) return take(stacked, said('why.stacked', { seal: word('seal', stacked.seal) }))
  if (own) return take(own, said('why.school', { school: word('school', own.school) }))
  // A glaze seal stands in for own colour where nobody holds it.
  const glaze =
    school === 'own-colour-seal'
      ? cheapestOf(safe.filter((candidate) => candidate.school === 'clear-glaze'))
      : undefined
  if (glaze) return take(glaze, said('why.glaze_instead', { face: ctx.keepName }))
  // A house that seals always seals here too, by whichever way that can.
  const sealed = house.sealAlways ? cheapestOf(taped.filter((candidate) => candidate.seal !== 'none')) : undefined
  const other = sealed ?? cheapestOf(safe)
  if (!other) return null
  const used = word('school', other.school)
  return school === 'least-cost'
    ? take(other, said(sealed ? 'why.sealed_always' : 'why.least_cost', { school: used }))
    : take(other, said('why.school_fallback', { school: word('school', school), used }))
}

const take = (candidate: Candidate, why: Said): Picked => ({ candidate, why })

/** A liquid mask only where the house has them, whatever it costs. */
const allowed = ({ house }: HemContext, safe: readonly Candidate[]): readonly Candidate[] =>
  house.liquidOnPanes || house.school === 'liquid-mask' ? safe : safe.filter((candidate) => !candidate.liquid)

function liquidInstead(ctx: HemContext, liquid: Candidate, best: Candidate | undefined): Picked {
  const saved = best ? best.costPerM.total - liquid.costPerM.total : 0
  return take(
    liquid,
    said('why.liquid_cheaper', {
      panes: ctx.hem.panes,
      saved: money((saved * ctx.hem.lengthMm) / 1000, ctx.currency),
    }),
  )
}

const stackedOf = (ctx: HemContext, safe: readonly Candidate[]): Candidate | undefined =>
  ctx.house.stackSeals && ctx.parameters.textures[ctx.keepFace.texture].valleyUm.value >= TEXTURED_UM
    ? cheapestOf(safe.filter(isStacked))
    : undefined

/** Kinds as wide as the hem wants go before narrower ones, which do where nothing else is there. */
function wideFirst(ctx: HemContext, safe: readonly Candidate[]): readonly Candidate[] {
  const needsMm = needsWidthMm(ctx)
  const wide = safe.filter(({ roll }) => roll === null || roll.widthMm >= needsMm)
  return wide.some((candidate) => candidate.tape) ? wide : safe
}

/** What is pressed only is one school, whether it is brushed, rolled or sprayed over. */
const isOfSchool = (ctx: HemContext, candidate: Candidate, school: School): boolean =>
  candidate.school === school ||
  (school === 'press-only' && ctx.step.tool === 'spray' && candidate.school === 'plain-sprayed')

/** A bead of the right colour may cost so much more, mending and all: one that cracks under matt paint is no use. From memory. */
const COLOUR_WORTH = 1.25

/** The cheapest in the colour the house wants, unless another is much cheaper; the cheapest where there is none. */
function cheapestOf(list: readonly Candidate[]): Candidate | undefined {
  const cheapest = (preferred: boolean) =>
    list.reduce<Candidate | undefined>(
      (best, candidate) =>
        candidate.preferred === preferred && (!best || byCost(candidate, best) < 0) ? candidate : best,
      undefined,
    )
  const [right, other] = [cheapest(true), cheapest(false)]
  return right && other && right.costPerM.total > COLOUR_WORTH * other.costPerM.total ? other : (right ?? other)
}
