import type { OwnRisks } from './ownRisks'
import type { Glaze, LiquidMask, Said, School, Sealant, Tape, TapeRoll, Pressing, Seal, Stroke } from '../../base/nouns'
import type { BesideCover } from '../covers/besideHem'
import type { EdgeSetup } from '../../nature/risk/bleed'
import type { CostParts, Recipe, RecipeCost, RecipeRisks, Way } from './recipe'

/** One way to treat a hem, judged: either ruled out by the first hard rule it breaks, or priced. */
export interface Candidate {
  readonly way: Way
  readonly school: School
  /** Null for ways without tape. */
  readonly tape: Tape | null
  readonly roll: TapeRoll | null
  readonly liquid: LiquidMask | null
  readonly seal: Seal
  readonly sealant: Sealant | null
  readonly glaze: Glaze | null
  /** False for a sealant that would do, but not in the colour the house wants. */
  readonly preferred: boolean
  readonly pressing: Pressing
  /** What set it apart from the other pressing, where the house leaves that open. */
  readonly pressedOver: PressedOver | null
  readonly stroke: Stroke
  readonly pull: Recipe['pull']
  /** The edge as the bleed model sees it; null without tape. */
  readonly setup: EdgeSetup | null
  readonly cover: BesideCover | null
  readonly tackMm: number | null
  readonly safeAgeRefMin: number | null
  readonly risks: RecipeRisks
  /** What moved them off what the models expect. */
  readonly own: OwnRisks
  /** Expected cost of one metre, minor units, not rounded. */
  readonly costPerM: RecipeCost
  readonly costParts: CostParts
  readonly ruledOut: Said | null
}

/** A pressing that was weighed and not taken. */
export interface PressedOver {
  readonly other: Pressing
  /**
   * What it would have cost more for a metre, minor units; less than nothing where it would have been cheaper but let
   * more through than an unsealed edge may. Null where a hard rule forbids it.
   */
  readonly morePerM: number | null
}

/** What seals the edge in a school. */
export interface Sealing {
  readonly seal: Seal
  readonly sealant: Sealant | null
  readonly glaze: Glaze | null
  readonly preferred: boolean
}

/** What stands in for figures nobody needs, since a rule forbids the candidate. */
export const NO_RISKS: RecipeRisks = {
  bleeds: { mean: 0, low: 0, high: 0 },
  bleedMm: { mean: 0, low: 0, high: 0 },
  bleedMm2: { mean: 0, low: 0, high: 0 },
  worstMm: 0,
  lift: { mean: 0, low: 0, high: 0 },
  tear: 0,
  residue: 0,
  band: 0,
  crack: 0,
  grit: 0,
}
export const UNPRICED: { readonly cost: RecipeCost; readonly parts: CostParts } = {
  cost: { material: 0, labour: 0, mending: 0, total: 0 },
  parts: {
    tape: 0,
    seal: 0,
    cover: 0,
    lay: 0,
    sealing: 0,
    cutIn: 0,
    pull: 0,
    bleeds: 0,
    lift: 0,
    tear: 0,
    residue: 0,
    band: 0,
    crack: 0,
    grit: 0,
    flakes: 0,
  },
}
