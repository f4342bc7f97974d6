import { sure } from '../../base/units/sure'
import { closedGapUm, criticalGapUm, meanGapUm } from '../../nature/risk/bleed'
import { type Pressing, said, type Said, money, word, figureOf, decimals, length, roughLength } from '../../base/nouns'
import type { Candidate, PressedOver } from './candidate'
import type { OwnFactor } from '../../nature/learn/ownFactors'
import { isWhite } from '../../survey/rooms/contrast'
import { dyedPerMetre } from '../../nature/risk/residue'
import { MIN_PER_DAY } from '../../base/units/time'
import { expectedStayMin } from './candidates'
import type { HemContext } from './hemContext'
import { leastWidthMm, needsWidthMm, settingOf } from './setting'

/** The facts that decided, with their figures, the weightiest first. */
export function reasonsFor(ctx: HemContext, pick: Candidate, safeCount: number): Said[] {
  const face = ctx.keepName
  const reasons: Said[] = []
  if (pick.way === 'freehand') reasons.push(handReason(ctx, pick))
  if (pick.liquid)
    reasons.push(said('why.liquid', { bleeds: figureOf(pick.risks.bleeds.mean), hours: pick.liquid.cutAfterH }))
  if (pick.tape) {
    if (ctx.keepFinish.ageRefMin === null) reasons.push(said('why.unknown_history', { face }))
    reasons.push(
      said('why.lift_safe', {
        grip: figureOf(pick.tape.gripN25),
        face,
        lift: figureOf(pick.risks.lift.mean * 100),
        limit: figureOf(ctx.house.maxLift * 100),
      }),
    )
  }
  if (pick.setup) reasons.push(...edgeReasons(ctx, pick))
  if (pick.own.bleeds) reasons.push(ownReason(ctx, pick.own.bleeds))
  if (pick.tape?.dye && isWhite(ctx.keepSwatch)) {
    const days = expectedStayMin(ctx, pick.pull === 'dry' ? 'dry' : 'wet') / MIN_PER_DAY
    const dyed = dyedPerMetre(days, ctx.parameters)
    reasons.push(said('why.dye', { dyed: figureOf(dyed * 100), days: Math.max(1, Math.round(days)) }))
  }
  if (pick.sealant && pick.risks.crack >= TOLD_CRACK)
    reasons.push(
      said('why.bead_cracks', {
        sheen: word('sheen', ctx.coating.sheen),
        sealant: pick.sealant.name,
        crack: figureOf(pick.risks.crack * 100),
      }),
    )
  if (pick.roll && ctx.byLearner && pick.roll.widthMm === needsWidthMm(ctx)) {
    const leastMm = leastWidthMm(settingOf(ctx), ctx.hem.radiusMm)
    if (leastMm < pick.roll.widthMm)
      reasons.push(
        said('why.learner_wide', { width: length(pick.roll.widthMm, ctx.units), usual: length(leastMm, ctx.units) }),
      )
  }
  if (pick.pressedOver) reasons.push(pressReason(ctx, pick.pressing, pick.pressedOver))
  if (pick.roll && pick.roll.stockMm > 0)
    reasons.push(said('why.in_stock', { metres: Math.round(pick.roll.stockMm / 1000) }))
  if (pick.cover) reasons.push(...coverReasons(ctx, pick))
  if (pick.safeAgeRefMin && pick.safeAgeRefMin > 0 && ctx.keepCoatedAt !== null)
    reasons.push(said('why.cure_needed', { face, hours: figureOf(pick.safeAgeRefMin / 60) }))
  if (pick.tape && ctx.pullWhy) reasons.push(ctx.pullWhy)
  else if (pick.tape && !SNAPS.includes(ctx.coating.sheen))
    reasons.push(said('why.sheen_wet', { sheen: word('sheen', ctx.coating.sheen) }))
  if (pick.tape && pick.pull === 'wet' && ctx.fieldOrder === 'within' && ctx.house.fieldOrder === 'by-price')
    reasons.push(said('why.rolled_within', { sheen: word('sheen', ctx.coating.sheen), colour: ctx.step.colour }))
  reasons.push(
    said('why.cheapest', {
      count: safeCount,
      cost: money((pick.costPerM.total * ctx.hem.lengthMm) / 1000, ctx.currency),
      mending: money((pick.costPerM.mending * ctx.hem.lengthMm) / 1000, ctx.currency),
    }),
  )
  return reasons
}
/** What the house's own walls say, wherever they were asked. */
function ownReason({ units }: HemContext, { mean, metres, ofTape }: OwnFactor): Said {
  const run = (m: number) => roughLength(Math.round(m) * 1000, units)
  return said('why.own', {
    run: run(metres),
    tape: ofTape >= 1 ? 'yes' : 'no',
    ofTape: run(ofTape),
    times: decimals(mean, 1),
  })
}

/** A crack on fewer metres than this is not worth a sentence. */
const TOLD_CRACK = 0.02

/** Why it is pressed as it is, where both are at hand. */
function pressReason(ctx: HemContext, pressing: Pressing, { other: than, morePerM }: PressedOver): Said {
  const [press, other] = [word('press', pressing), word('press', than)]
  if (morePerM === null) return said('why.press_safe', { press, other })
  const spares = money((morePerM * ctx.hem.lengthMm) / 1000, ctx.currency)
  return said('why.press_cheaper', { press, other, spares })
}

const SNAPS: readonly string[] = ['flat', 'matt']

const handReason = (ctx: HemContext, pick: Candidate): Said =>
  said('why.hand', { slips: figureOf(pick.risks.bleeds.mean), contrast: Math.round(ctx.visibility * 100) })

/** Why the edge stays shut. */
function edgeReasons(ctx: HemContext, pick: Candidate): Said[] {
  const setup = sure(pick.setup)
  const mm = (um: number, digits: number) => decimals(um / 1000, digits)
  const gap = said('why.texture_gap', {
    texture: word('texture', ctx.keepFace.texture),
    gap: mm(meanGapUm(setup, ctx.parameters), 3),
    critical: mm(criticalGapUm(setup, ctx.parameters), 3),
  })
  if (pick.seal !== 'none')
    return [
      said('why.seal_closes', { seal: word('seal', pick.seal), closes: mm(closedGapUm(setup, ctx.parameters), 1) }),
      gap,
    ]
  if (setup.edge === 'barrier')
    return [said('why.barrier_closes', { closes: mm(ctx.parameters.bleed.barrierGapUm.value, 2) }), gap]
  return [gap]
}

/** How far mist reaches, and how the cover is held against it. */
function coverReasons(ctx: HemContext, pick: Candidate): Said[] {
  const { cover, hold, reachMm, loadNPerM } = sure(pick.cover)
  const reach = said('why.reach', {
    reach: roughLength(reachMm, ctx.units),
    cover: cover.name,
    width: length(cover.widthMm, ctx.units),
  })
  if (hold !== 'hung' || pick.tackMm === null) return [reach]
  return [
    reach,
    said('why.tacks', {
      load: figureOf(loadNPerM),
      grip: figureOf(sure(pick.tape).gripN25),
      tack: roughLength(pick.tackMm, ctx.units),
    }),
  ]
}
