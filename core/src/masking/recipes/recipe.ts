import type { Said, School, Pressing, Seal, Stroke, HemId, FieldOrder } from '../../base/nouns'
import type { Layer } from './layer'
import type { CoverHold } from '../covers/besideHem'
import type { Estimate } from '../../nature/risk/normal'
import type { Setting } from './setting'

/** How a line is kept: taped and brushed or rolled, taped and sprayed, masked by a liquid, or cut by hand. */
export const WAYS = ['tape', 'mask-and-spray', 'liquid-mask', 'freehand'] as const
export type Way = (typeof WAYS)[number]

/** Risks of a recipe on one hem, each per metre. */
export interface RecipeRisks {
  /** Faults of the line that show: bleeds under a tape, slips of a free hand, nicks of a peeled mask. */
  readonly bleeds: Estimate
  /** Edge that shows such a fault, mm, paint beyond it, mm², and the farthest run to expect, mm. */
  readonly bleedMm: Estimate
  readonly bleedMm2: Estimate
  readonly worstMm: number
  readonly lift: Estimate
  readonly tear: number
  readonly residue: number
  /** A brushed band that shows beside the rolled field. */
  readonly band: number
  /** Coat that cracks over a bead that was still wet. */
  readonly crack: number
  /** Texture that a can leaves on the wood beside the glass. */
  readonly grit: number
}

/** Expected cost of one hem, minor units. */
export interface RecipeCost {
  readonly material: number
  readonly labour: number
  readonly mending: number
  readonly total: number
}

/** What the cost of a metre is made of, minor units; the first three are material, then labour, then mending. */
export interface CostParts {
  readonly tape: number
  readonly seal: number
  readonly cover: number
  readonly lay: number
  readonly sealing: number
  readonly cutIn: number
  readonly pull: number
  readonly bleeds: number
  readonly lift: number
  readonly tear: number
  readonly residue: number
  readonly band: number
  readonly crack: number
  readonly grit: number
  readonly flakes: number
}

/** The cover beside a sprayed hem. */
interface RecipeCover {
  readonly coverId: string
  readonly hold: CoverHold
  readonly reachMm: number
  /** Distance between tacks, mm; null where it is taped along its whole edge or lies. */
  readonly tackMm: number | null
}

/** What the house's own walls make of what the models expect, and metres of them: in all, and with this tape on this texture. */
export interface OwnTimes {
  readonly bleeds: number
  readonly lift: number
  readonly tear: number
  readonly residue: number
  readonly metres: number
  readonly ofTape: number
}

/** What one hem gets. */
export interface Recipe {
  readonly hemId: HemId
  readonly setting: Setting
  readonly way: Way
  readonly school: School
  /** Null for ways without tape; its width is 0 then. */
  readonly tapeId: string | null
  readonly widthMm: number
  readonly liquidId: string | null
  /** Minutes one practised painter lays a metre of its tape, without pressing; 0 without tape. */
  readonly layMinPerM: number
  /** Straight pieces it is laid in along a curve; 0 on a straight line, or where the tape bends round. */
  readonly curvePieces: number
  readonly pressing: Pressing
  readonly seal: Seal
  readonly sealantId: string | null
  readonly glazeId: string | null
  readonly cover: RecipeCover | null
  readonly stroke: Stroke
  /** First of several coats stays this far off the tape, mm; 0 for both onto it. */
  readonly standOffMm: number
  /** A free hand leaves nothing to pull. */
  readonly pull: 'wet' | 'dry' | 'none'
  /** When the face in its colour is rolled, where tape comes off wet beside it. */
  readonly fieldOrder: FieldOrder
  /** The colour that drips on the floor its tape lies on, and that it stays for; null where it comes off after its own. */
  readonly keptFor: string | null
  /** How long its tape is expected to stay on, min; 0 without tape. */
  readonly stayMin: number
  /** Hours a dry pull waits after the last coat beyond its drying, at least; 0 for tape. */
  readonly pullAfterH: number
  readonly score: boolean
  /** Minutes between seal and colour at 23 °C / 50 % RH, least; 0 when none. */
  readonly sealDryMin: number
  /** Cure age the keep side needs before the tape goes on, reference minutes. */
  readonly safeAgeRefMin: number
  /** The same as an instant, when the keep side's last coat is known; null otherwise. */
  readonly safeFrom: number | null
  readonly risks: RecipeRisks
  /** How many times what the models expect its risks are, by the house's own walls; null where nobody has looked along any. */
  readonly own: OwnTimes | null
  readonly cost: RecipeCost
  /** What a metre costs, part by part. */
  readonly costParts: CostParts
  readonly layers: readonly Layer[]
  readonly steps: readonly Said[]
  /** How they are done well. */
  readonly craft: readonly Said[]
  readonly reasons: readonly Said[]
  readonly cautions: readonly Said[]
  /** Other ways that would be safe, cheapest first. */
  readonly others: readonly OtherWay[]
  readonly ruledOut: readonly RuledOut[]
}

export interface OtherWay {
  readonly school: School
  readonly way: Way
  readonly tapeId: string | null
  readonly liquidId: string | null
  readonly seal: Seal
  readonly pull: Recipe['pull']
  readonly costMinor: number
  readonly bleedMm: number
  readonly liftPerM: number
  /** What makes it dearer or cheaper than the one chosen. */
  readonly why: Said
}

export interface RuledOut {
  readonly school: School
  /** What the rule speaks of: a tape or a liquid mask by id; null for a free hand. */
  readonly tapeId: string | null
  readonly liquidId: string | null
  readonly why: Said
}

/** Nothing on the shelf is safe: an answer, with what would help. */
export interface NoRecipe {
  readonly hemId: HemId
  readonly reasons: readonly Said[]
  readonly wouldHelp: readonly Said[]
  readonly ruledOut: readonly RuledOut[]
}

export type RecipeAnswer = ({ readonly safe: true } & Recipe) | ({ readonly safe: false } & NoRecipe)
