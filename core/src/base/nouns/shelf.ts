import type { Mark } from './known'
import type { Article, Remnant } from './stock'

/** How the tape's edge meets the face. */
export const EDGES = ['plain', 'fine-line', 'barrier'] as const
export type TapeEdge = (typeof EDGES)[number]

export const BACKINGS = ['creped-paper', 'washi', 'plastic'] as const
export type Backing = (typeof BACKINGS)[number]

export const SHEENS = ['flat', 'matt', 'eggshell', 'satin', 'semi-gloss', 'gloss'] as const
export type Sheen = (typeof SHEENS)[number]

export const TOOLS = ['brush', 'roller', 'spray'] as const
export type Tool = (typeof TOOLS)[number]

/** One width of a tape as sold: money in minor units of the site's currency. */
export interface TapeRoll {
  readonly widthMm: number
  readonly priceMinor: number
  /** Rolls in a pack, and the pack's price; a pack of 1 means singles only. */
  readonly packOf: number
  readonly packPriceMinor: number
  /** Length on the van, part rolls included, mm. */
  readonly stockMm: number
}

/** How a backing stands feet and shoulders that brush past it. */
export const TOUGHNESS = ['frail', 'usual', 'tough'] as const
/** How it starts and tears: straight by hand, in slivers, or by a blade only. */
export const TEARINGS = ['by-hand', 'in-slivers', 'by-blade'] as const
/** What it holds through on a wall outside. */
export const WEATHERS = ['dry', 'dew', 'rain'] as const

/** A tape on the shelf. Grip is peel adhesion at 180°, N per 25 mm. */
export interface Tape {
  readonly id: string
  readonly name: string
  readonly gripN25: number
  readonly edge: TapeEdge
  readonly backing: Backing
  /** Thickness of backing and glue, µm. */
  readonly thickUm: number
  /** The tightest curve it lies down on, as a radius in times its own width. */
  readonly bendTimes: number
  /** Days to clean removal at 23 °C indoors, and in full sun. */
  readonly stayDays: number
  readonly sunStayDays: number
  /** Its dye may stay on a white face. */
  readonly dye: boolean
  readonly tough: (typeof TOUGHNESS)[number]
  readonly tears: (typeof TEARINGS)[number]
  readonly holdsIn: (typeof WEATHERS)[number]
  readonly rollLengthMm: number
  readonly rolls: readonly TapeRoll[]
  /** No longer chosen; kept for the record. */
  readonly retired: boolean
  /** Values nobody entered, which are those of its class, by the names of the shelf's columns. */
  readonly defaults: readonly string[]
  /** How grip and stay are known. */
  readonly mark: Mark
}

/** A coating on the shelf. Label times are minutes at 23 °C / 50 % RH for one coat at label spread. */
export interface Coating {
  readonly id: string
  readonly name: string
  readonly sheen: Sheen
  readonly base: 'water' | 'solvent'
  /** It goes below other coats: never the colour a line is judged by, never held off tape. */
  readonly primer: boolean
  /** Until an edge can no longer be worked wet. */
  readonly openMin: number
  /** Set-to-touch and dry-to-touch as ISO 9117 / ASTM D1640 name them. */
  readonly touchDryMin: number
  readonly recoatMin: number
  /** Dry-hard: a dry edge parts instead of pulling into strings. */
  readonly hardDryMin: number
  readonly filmFormingC: number
  readonly maxC: number
  readonly maxRh: number
  /** Area a litre covers, m². */
  readonly spreadM2PerL: number
  readonly priceMinorPerL: number
  /** Viscosity at rest (recovered) and under the brush, Pa·s; surface tension, N/m. */
  readonly restPas: number
  readonly shearedPas: number
  readonly surfaceNm: number
  readonly retired: boolean
  readonly defaults: readonly string[]
  readonly mark: Mark
}

export const COVER_KINDS = ['film', 'paper', 'board', 'cloth'] as const
type CoverKind = (typeof COVER_KINDS)[number]

/** A cover as sold: a roll or piece of one width and length. */
export interface Cover {
  readonly id: string
  readonly name: string
  readonly kind: CoverKind
  readonly widthMm: number
  readonly lengthMm: number
  readonly gramsPerM2: number
  readonly priceMinor: number
  /** Cloths and boards come back to the van; film and paper are used up. */
  readonly reusable: boolean
  /** How many pieces of a reusable one the contractor owns; 0 for what is used up. */
  readonly owned: number
  readonly retired: boolean
}

/** A sealant for the wiped bead. */
export interface Sealant {
  readonly id: string
  readonly name: string
  readonly colour: 'clear' | 'white'
  /** Minutes at 23 °C / 50 % RH before the wiped bead skins. */
  readonly skinMin: number
  /** Volume lost on drying, %. */
  readonly shrinkPct: number
  /** May take paint at once without cracking it. */
  readonly paintAtOnce: boolean
  /** Metres of wiped bead from one cartridge. */
  readonly metresPerTube: number
  readonly priceMinor: number
  readonly retired: boolean
  readonly mark: Mark
}

/** A clear glaze for sealing: a thin pass along the edge that dries before colour comes. */
export interface Glaze {
  readonly id: string
  readonly name: string
  /** Litres in one tin. */
  readonly litres: number
  /** Area a litre covers, m². */
  readonly spreadM2PerL: number
  /** Minutes at 23 °C / 50 % RH until colour may follow, and until a brush can push nothing on. */
  readonly touchDryMin: number
  readonly throughMin: number
  readonly priceMinor: number
  readonly retired: boolean
  readonly defaults: readonly string[]
  readonly mark: Mark
}

export const LIQUID_HOWS = ['brush', 'aerosol'] as const

/** A liquid mask for panes: put on as a generous coat, cut round the edge once the paint is dry, peeled in a sheet. */
export interface LiquidMask {
  readonly id: string
  readonly name: string
  readonly how: (typeof LIQUID_HOWS)[number]
  /** Area of one tin or can at a generous, even coat, m². */
  readonly spreadM2: number
  /** Minutes at 23 °C / 50 % RH until it is clear and takes paint. */
  readonly clearMin: number
  /** Hours the paint is left before the mask is cut. */
  readonly cutAfterH: number
  /** Bare wood it laps over yellows until it is primed. */
  readonly yellows: boolean
  readonly priceMinor: number
  readonly retired: boolean
  readonly defaults: readonly string[]
  readonly mark: Mark
}

export const HAND_TOOL_KINDS = [
  'seal-brush',
  'press-tool',
  'scraper',
  'blade',
  'gun',
  'dispenser',
  'pole-roller',
  'line-brush',
  'dust-brush',
  'sealant-gun',
  'step-ladder',
  'tower',
  'laser',
  'spirit-level',
  'pencil',
  'chalk-line',
] as const
export type HandToolKind = (typeof HAND_TOOL_KINDS)[number]

/** How hard a pencil is; nothing else has a hardness. */
export const PENCIL_HARDNESSES = ['none', 'hard', 'medium', 'soft'] as const
export type PencilHardness = (typeof PENCIL_HARDNESSES)[number]

/** A tool on the van. */
export interface HandTool {
  readonly id: string
  readonly name: string
  readonly kind: HandToolKind
  readonly widthMm: number
  /** Of a gun: air it moves at the cover, m/s, and how far it lays mist beside a narrow trim in still air, mm. Else 0. */
  readonly airMs: number
  readonly reachMm: number
  /** Of a laser or a spirit level: how far its line may be off, mm for each metre. Else 0. */
  readonly offMmPerM: number
  readonly hardness: PencilHardness
  /** How many are on the van. */
  readonly count: number
  readonly retired: boolean
  readonly defaults: readonly string[]
  readonly mark: Mark
}

/** What the contractor can choose from. A job carries its own copy, so a plan needs nothing else. */
export interface Shelf {
  readonly tapes: readonly Tape[]
  readonly coatings: readonly Coating[]
  readonly covers: readonly Cover[]
  readonly sealants: readonly Sealant[]
  readonly glazes: readonly Glaze[]
  readonly liquids: readonly LiquidMask[]
  readonly tools: readonly HandTool[]
  /** Part rolls and offcuts on the van. */
  readonly remnants: readonly Remnant[]
  /** Where things are ordered; what has no line is bought over the counter. */
  readonly articles: readonly Article[]
}
