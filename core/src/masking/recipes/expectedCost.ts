import {
  type Glaze,
  type HouseRules,
  type LiquidMask,
  type Sealant,
  type Tape,
  type TapeRoll,
  type Pressing,
  type Seal,
} from '../../base/nouns'
import { shareOnLadder } from '../../survey/rooms/reach'
import type { Parameters } from '../../base/parameters/parameters'
import type { BesideCover } from '../covers/besideHem'
import { mendingPlaces } from '../../nature/risk/bleedSize'
import { averageOver } from '../../nature/risk/normal'
import type { HemContext } from './hemContext'
import { layMinPerM, runWay } from './laying'
import { pressMinPerM } from './pressing'
import type { CostParts, RecipeCost, RecipeRisks } from './recipe'

/** What a way to treat a hem uses up. */
export interface WayUse {
  readonly tape: Tape | null
  readonly roll: TapeRoll | null
  readonly pressing: Pressing
  readonly seal: Seal
  readonly sealant: Sealant | null
  readonly glaze: Glaze | null
  readonly liquid: LiquidMask | null
  readonly cover: BesideCover | null
  readonly tackMm: number | null
  readonly risks: RecipeRisks
}

/** What is mended, part by part. */
const MENDING = ['bleeds', 'lift', 'tear', 'residue', 'band', 'crack', 'grit', 'flakes'] as const

/** What a metre of tape costs with its waste, minor units. */
export const rollCostPerM = (tape: Tape, roll: TapeRoll, house: Pick<HouseRules, 'wastePct'>): number =>
  (1000 / tape.rollLengthMm) * roll.priceMinor * (1 + house.wastePct / 100)

/**
 * Expected cost of one metre, minor units: material + labour + Σ P(defect) × cost of mending it, where a defect that
 * only shows counts by how much it shows. docs/science.md eq. 20.
 */
export function expectedCost(ctx: HemContext, use: WayUse): { cost: RecipeCost; parts: CostParts } {
  const { house } = ctx
  const { rates } = house
  const run = runWay(house)
  const minor = (minutes: number) => (minutes / 60) * house.wagePerHourMinor
  const coats = ctx.steps.reduce((sum, step) => sum + (step.tool === 'spray' ? 0 : step.coats), 0)
  const tape = use.tape && use.roll ? rollCostPerM(use.tape, use.roll, house) * (1 + run.lapShare) : 0
  const cover = use.cover ? (use.cover.cover.priceMinor * 1000) / use.cover.cover.lengthMm : 0
  const coverM2 = use.cover ? use.cover.openMm / 1000 : 0
  const seal = sealMinor(ctx, use)
  const liquid = use.liquid ? (use.liquid.priceMinor * ctx.glassM2PerM) / use.liquid.spreadM2 : 0
  const parts: CostParts = {
    tape,
    seal: seal + liquid,
    cover,
    lay: minor(
      layMinutes(ctx, use) +
        coverM2 * (rates.coverPerM2 + rates.uncoverPerM2) +
        tackMinutes(use.tackMm, ctx.parameters),
    ),
    sealing: minor(use.seal === 'none' ? 0 : rates.sealPerM),
    cutIn: minor(coats * (use.tape || use.liquid ? (ctx.isTrimRun ? 0 : rates.cutInPerM) : rates.freehandPerM)),
    pull: use.liquid
      ? minor(rates.peelPerM + ladderMin(ctx)) + ctx.comeBackMinorPerM
      : minor(use.tape ? rates.pullPerM : 0),
    ...mending(ctx, use),
  }
  const material = parts.tape + parts.seal + parts.cover
  const labour = parts.lay + parts.sealing + parts.cutIn + parts.pull
  const mend = MENDING.reduce((sum, part) => sum + parts[part], 0)
  return { cost: { material, labour, mending: mend, total: material + labour + mend }, parts }
}

/**
 * What seals a metre: its part of a tube, a thin pass of glaze, or of the keep side's paint at the price and spread of
 * the new coat, since nobody knows what the old one was.
 */
function sealMinor(ctx: HemContext, { seal, sealant, glaze }: WayUse): number {
  if (sealant) return sealant.priceMinor / sealant.metresPerTube
  const passM = ctx.parameters.work.sealPassM.value
  if (glaze) return (passM * glaze.priceMinor) / (glaze.litres * glaze.spreadM2PerL)
  if (seal === 'own-colour') return (passM * ctx.coating.priceMinorPerL) / ctx.coating.spreadM2PerL
  return 0
}

/** Tacks for a metre of hung cover, minutes. */
export const tackMinutes = (tackMm: number | null, { work }: Pick<Parameters, 'work'>): number =>
  tackMm === null ? 0 : (1000 / tackMm) * work.tackMin.value

/** Moving a ladder along a line above reach: for the mask, and once more for its blade. */
const ladderMin = ({ hem, house }: HemContext): number => shareOnLadder(hem.segments) * house.rates.ladderPerM

function layMinutes(ctx: HemContext, { tape, roll, liquid, pressing }: WayUse): number {
  const { house, parameters } = ctx
  const { rates } = house
  if (tape) return layMinPerM(ctx, tape, roll?.widthMm ?? 0, parameters) + pressMinPerM(pressing, rates, parameters)
  if (liquid) return (liquid.how === 'brush' ? rates.liquidBrushPerM : rates.liquidSprayPerM) + ladderMin(ctx)
  return 0
}

function mending(ctx: HemContext, { cover, risks }: WayUse) {
  const { house, visibility } = ctx
  // Bleed on glass is cut off with a blade instead of being touched up.
  const glass = ctx.keepFace.material === 'glass' ? ctx.parameters.work.glassMendShare.value : 1
  return {
    bleeds:
      visibility *
      glass *
      mendingPlaces(risks.bleedMm.mean, risks.bleedMm2.mean, ctx.parameters) *
      house.mendBleedMinor,
    // Finish that comes off is dear, and what lifts it is known least: the whole span counts, not its middle.
    lift: averageOver(risks.lift, (chance) => chance) * house.mendLiftMinor,
    tear: visibility * risks.tear * house.mendTearMinor,
    residue: risks.residue * house.mendTearMinor,
    band: risks.band * house.mendBandMinor,
    // A crack is raked out and filled as a torn edge is; a gritty bar is rubbed down as a band is.
    crack: visibility * risks.crack * house.mendTearMinor,
    grit: risks.grit * house.mendBandMinor,
    flakes: (cover?.flakesPerM ?? 0) * house.mendBleedMinor,
  }
}
