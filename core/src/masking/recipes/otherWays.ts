import { said, type Said } from '../../base/nouns'
import { bandPerMetre } from '../../nature/risk/banding'
import { gentleStroke } from '../../nature/risk/bleed'
import { scaled, type Estimate } from '../../nature/risk/normal'
import { handSlipsPerMetre } from '../../nature/risk/slips'
import { NO_RISKS, UNPRICED, type Candidate } from './candidate'
import { bleedRule } from './hardRules'
import { lightness } from '../../survey/rooms/contrast'
import { expectedCost } from './expectedCost'
import type { HemContext } from './hemContext'
import { NOTHING_OWN } from './ownRisks'
import type { RecipeRisks } from './recipe'

/** What ways without tape share: nothing grips, nothing is sealed, nothing hangs from an edge. */
const TAPELESS = {
  tape: null,
  roll: null,
  seal: 'none',
  sealant: null,
  glaze: null,
  preferred: true,
  pressing: 'none',
  pressedOver: null,
  setup: null,
  cover: null,
  tackMm: null,
  safeAgeRefMin: 0,
  own: NOTHING_OWN,
} as const

/** Slips and nicks by their size: each is about as long and as wide as the next. */
export function faultsOf(
  bleeds: Estimate,
  { slips }: HemContext['parameters'],
): Pick<RecipeRisks, 'bleeds' | 'bleedMm' | 'bleedMm2' | 'worstMm'> {
  const [long, wide] = [slips.longMm.value, slips.wideMm.value]
  return {
    bleeds,
    bleedMm: scaled(bleeds, long),
    bleedMm2: scaled(bleeds, long * wide),
    worstMm: bleeds.mean > 0 ? wide : 0,
  }
}

/** Liquid masks on the shelf, judged on a hem; only glass takes them, so elsewhere there are none to judge. */
export function liquidWays(ctx: HemContext): Candidate[] {
  if (ctx.keepFace.material !== 'glass' || ctx.glassM2PerM === 0) return []
  return ctx.shelf.liquids.map((liquid): Candidate => {
    const fault = ctx.parameters.slips.peel[liquid.how].value
    const risks: RecipeRisks = {
      ...NO_RISKS,
      ...faultsOf({ mean: fault, low: fault / 2, high: 2 * fault }, ctx.parameters),
      tear: ctx.parameters.slips.strings[liquid.how].value,
      grit: liquid.how === 'aerosol' ? ctx.parameters.slips.canGrit.value : 0,
    }
    const { cost, parts } = expectedCost(ctx, { ...TAPELESS, liquid, risks })
    return {
      ...TAPELESS,
      way: 'liquid-mask',
      school: 'liquid-mask',
      liquid,
      stroke: gentleStroke(ctx.step.tool),
      pull: 'dry',
      risks,
      costPerM: cost,
      costParts: parts,
      ruledOut: liquidRule(ctx, liquid.retired, liquid.yellows, risks),
    }
  })
}

function liquidRule(ctx: HemContext, retired: boolean, yellows: boolean, risks: RecipeRisks): Said | null {
  if (retired) return said('out.retired')
  if (ctx.texturedGlass) return said('out.liquid_textured')
  if (yellows && ctx.paintFace.soundness === 'bare-wood' && !ctx.isPrimed) return said('out.liquid_yellows')
  return bleedRule(ctx, risks)
}

/** The line cut by hand. */
export function freehandWay(ctx: HemContext): Candidate {
  const rule = handRule(ctx)
  if (rule) return { ...BY_HAND, risks: NO_RISKS, costPerM: UNPRICED.cost, costParts: UNPRICED.parts, ruledOut: rule }
  const risks: RecipeRisks = {
    ...NO_RISKS,
    ...faultsOf(handSlipsPerMetre(ctx.hem.kind, ctx.keepFace.texture, ctx.visibility, ctx.parameters), ctx.parameters),
    // A hand cuts with a brush, whatever fills the field.
    band: ctx.step.tool === 'roller' ? bandPerMetre(ctx.coating.sheen, lightness(ctx.step.swatch), ctx.parameters) : 0,
  }
  const { cost, parts } = expectedCost(ctx, { ...TAPELESS, liquid: null, risks })
  return { ...BY_HAND, risks, costPerM: cost, costParts: parts, ruledOut: bleedRule(ctx, risks, 'out.slips') }
}

const BY_HAND = {
  ...TAPELESS,
  way: 'freehand',
  school: 'freehand',
  liquid: null,
  stroke: 'along',
  pull: 'none',
} as const

function handRule(ctx: HemContext): Said | null {
  if (!ctx.house.provenHand) return said('out.no_hand')
  return ctx.step.tool === 'spray' ? said('out.hand_spray') : null
}
