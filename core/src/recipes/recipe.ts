import type { Estimate } from '../risk/normal'
import type { Pressing, Seal, Stroke } from '../risk/bleed'
import type { School } from '../survey/types'
import type { Said } from '../words/say'

/** Risks of a recipe on one hem, each per metre. */
export interface RecipeRisks {
  readonly bleeds: Estimate
  readonly lift: Estimate
  readonly tear: number
  readonly residue: number
}

/** Expected cost of one hem, minor units. */
export interface RecipeCost {
  readonly material: number
  readonly labour: number
  readonly mending: number
  readonly total: number
}

/** What one hem gets. */
export interface Recipe {
  readonly hemId: string
  readonly school: School
  readonly tapeId: string
  readonly widthMm: number
  readonly pressing: Pressing
  readonly seal: Seal
  readonly sealantId: string | null
  readonly stroke: Stroke
  /** First of several coats stays this far off the tape, mm; 0 for both onto it. */
  readonly standOffMm: number
  readonly pull: 'wet' | 'dry'
  readonly score: boolean
  /** Minutes between seal and colour at 23 °C / 50 % RH, least; 0 when none. */
  readonly sealDryMin: number
  /** Cure age the keep side needs before the tape goes on, reference minutes. */
  readonly safeAgeRefMin: number
  /** The same as an instant, when the keep side's last coat is known; null otherwise. */
  readonly safeFrom: number | null
  readonly risks: RecipeRisks
  readonly cost: RecipeCost
  readonly steps: readonly Said[]
  readonly reasons: readonly Said[]
  readonly cautions: readonly Said[]
  /** Other ways that would be safe, cheapest first. */
  readonly others: readonly OtherWay[]
  readonly ruledOut: readonly RuledOut[]
}

export interface OtherWay {
  readonly school: School
  readonly tapeId: string
  readonly seal: Seal
  readonly costMinor: number
  readonly bleedsPerM: number
  readonly liftPerM: number
}

export interface RuledOut {
  readonly school: School
  readonly tapeId: string
  readonly why: Said
}

/** Nothing on the shelf is safe: an answer, with what would help. */
export interface NoRecipe {
  readonly hemId: string
  readonly reasons: readonly Said[]
  readonly wouldHelp: readonly Said[]
  readonly ruledOut: readonly RuledOut[]
}

export type RecipeAnswer = ({ readonly safe: true } & Recipe) | ({ readonly safe: false } & NoRecipe)
