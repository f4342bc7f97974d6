import type { OutdoorHour } from '../air/weather'
import type { Sheen, Shelf, Tool } from '../catalogue/types'
import type { Soundness } from '../catalogue/soundness'
import type { Texture } from '../catalogue/textures'
import type { LogEvent } from '../pulls/events'
import type { UnitSystem } from '../units/length'

export const MATERIALS = [
  'plaster',
  'board',
  'wood',
  'metal',
  'glass',
  'tile',
  'vinyl',
  'carpet',
  'concrete',
  'brick',
  'plastic',
] as const
export type Material = (typeof MATERIALS)[number]

/** The finish that lies on a face when the job begins; `at` null means nobody knows. */
export interface LastCoat {
  readonly at: string | null
  readonly tool: Tool | null
  readonly coatingId: string | null
}

/** What a tape or a coat meets on one face. */
export interface Face {
  readonly material: Material
  readonly texture: Texture
  readonly sheen: Sheen
  readonly soundness: Soundness
  readonly dusty: boolean
  readonly colour: string
  /** Colour for drawings, `#rrggbb`. */
  readonly swatch: string
  readonly last: LastCoat | null
  /** The paint this face wears is on the van, so its own colour can seal an edge. */
  readonly paintAtHand: boolean
}

/** Turn at a wall's right-hand end, as seen from inside the room: `right` is an inner corner. */
export const TURNS = ['right', 'left'] as const
export type Turn = (typeof TURNS)[number]

/** A wall; walls follow one another to the right as seen from inside. */
export interface Wall {
  readonly id: string
  readonly name: string
  readonly lengthMm: number
  readonly turn: Turn
  readonly face: Face
}

export interface Skirting {
  readonly heightMm: number
  readonly face: Face
  /** Walls that have none. */
  readonly without: readonly string[]
}

export const OPENING_KINDS = ['door', 'window', 'gap'] as const
export type OpeningKind = (typeof OPENING_KINDS)[number]

/** A door, window or plain gap: `atMm` from the wall's left end, `sillMm` above the floor. */
export interface Opening {
  readonly id: string
  readonly name: string
  readonly kind: OpeningKind
  readonly wallId: string
  readonly atMm: number
  readonly sillMm: number
  readonly widthMm: number
  readonly heightMm: number
  /** Width of the trim outside the opening; 0 for none. */
  readonly casingMm: number
  readonly casing: Face | null
  /** The glass of a window or the leaf of a door. */
  readonly leaf: Face | null
}

export const FITTING_KINDS = [
  'socket',
  'switch',
  'thermostat',
  'light',
  'radiator',
  'vent',
  'alarm',
  'sprinkler',
  'flue',
] as const
export type FittingKind = (typeof FITTING_KINDS)[number]

/** Fittings that must breathe or be heard: covered ones are listed and signed off. */
export const BREATHER_KINDS: readonly FittingKind[] = ['vent', 'alarm', 'sprinkler', 'flue']

/** What the scope says of a fitting. */
export const FITTING_SCOPES = ['mask', 'take off', 'takes wall colour'] as const
export type FittingScope = (typeof FITTING_SCOPES)[number]

export interface Fitting {
  readonly id: string
  readonly name: string
  readonly kind: FittingKind
  readonly wallId: string
  readonly atMm: number
  readonly bottomMm: number
  readonly widthMm: number
  readonly heightMm: number
  readonly scope: FittingScope
}

/** Why an edge that exists gets no hem. */
export interface EdgeNote {
  readonly edge: string
  readonly note: 'shielded' | 'left out'
  readonly reason: string
}

/** A way chosen by hand for one hem, and why. It holds unless the facts make it unsafe. */
export interface HemChoice {
  readonly edge: string
  readonly school: School
  readonly tapeId: string
  readonly reason: string
}

/** Groups of faces a coating step can name; `wall:w1`, `casing:o2`, `leaf:o2` name single ones. */
export const TARGET_GROUPS = ['ceiling', 'walls', 'skirting', 'casings', 'leaves', 'floor'] as const
export type TargetGroup = (typeof TARGET_GROUPS)[number]

/** One colour put on some faces of a room; steps run in their order. */
export interface PaintStep {
  readonly id: string
  readonly name: string
  readonly targets: readonly string[]
  readonly coatingId: string
  readonly colour: string
  readonly swatch: string
  readonly tool: Tool
  readonly coats: number
}

export interface Room {
  readonly id: string
  readonly name: string
  readonly heightMm: number
  readonly walls: readonly Wall[]
  readonly ceiling: Face
  readonly floor: Face
  readonly skirting: Skirting | null
  readonly openings: readonly Opening[]
  readonly fittings: readonly Fitting[]
  readonly steps: readonly PaintStep[]
  readonly edgeNotes: readonly EdgeNote[]
  readonly choices: readonly HemChoice[]
  /** Crew that does the room; null lets the plan choose. */
  readonly crewId: string | null
  /** When the room must be free again, or null. */
  readonly neededBy: string | null
}

export interface Site {
  readonly place: string
  readonly zone: string
  readonly units: UnitSystem
  /** ISO 4217 code. */
  readonly currency: string
  readonly yearBuilt: number | null
  /** ISO 3166-1 alpha-2 code of the country, or '' when not told. */
  readonly country: string
  /** Degrees, north and east positive; null when not told, and then there is no sun in the plan. */
  readonly latDeg: number | null
  readonly lonDeg: number | null
}

/** Hours outside, from a weather service or a file: `hours[i]` holds from `from` + i hours. */
export interface OutsideAir {
  readonly source: 'weather service' | 'file'
  readonly from: string
  readonly hours: readonly OutdoorHour[]
}

export const WINDOWS = ['shut', 'open'] as const

/** Air on site: inside as read, °C and % relative humidity, and the hours outside where they are known. */
export interface SiteAir {
  readonly tempC: number
  readonly rh: number
  readonly windows: (typeof WINDOWS)[number]
  /** Null: the readings hold throughout. */
  readonly outside: OutsideAir | null
}

export const SKILLS = ['beginner', 'practised'] as const
export type Skill = (typeof SKILLS)[number]

export interface Painter {
  readonly name: string
  readonly skill: Skill
}

/** Hours of a working day on the site's clock; breaks split it. */
export interface Shift {
  /** 0 = Monday … 6 = Sunday. */
  readonly days: readonly number[]
  readonly from: string
  readonly to: string
  readonly breaks: readonly { readonly from: string; readonly to: string }[]
}

export interface Crew {
  readonly id: string
  readonly name: string
  readonly people: readonly Painter[]
  readonly shifts: readonly Shift[]
}

/** How this contractor makes an edge; docs/architecture.md says what each needs. */
export const SCHOOLS = ['wiped sealant', 'own-colour seal', 'barrier edge', 'press only'] as const
export type School = (typeof SCHOOLS)[number]

/** Work rates of one practised painter, minutes. */
export interface Rates {
  readonly layPerM: number
  readonly pressPerM: number
  readonly sealPerM: number
  readonly cutInPerM: number
  readonly brushPerM2: number
  readonly rollPerM2: number
  readonly sprayPerM2: number
  readonly pullPerM: number
  readonly coverPerM2: number
  readonly uncoverPerM2: number
}

/** This contractor's ways, limits and prices. */
export interface HouseRules {
  readonly school: School
  /** When tape comes off: before the skin forms, or once the film is hard. */
  readonly pull: 'wet' | 'dry'
  /** Seal every edge as insurance, or only where pressing alone would bleed. */
  readonly sealAlways: boolean
  /** Press with the thumb, or with a tool. */
  readonly press: 'thumb' | 'tool'
  /** First of several coats stays 1.5 mm off the tape; the edge is sealed before the last. */
  readonly holdFirstCoat: boolean
  /** Hours a fresh coat is left before tape goes on it, however soon its cure would allow it. */
  readonly restHours: number
  /** Most visible bleeds per metre accepted on paper. */
  readonly maxBleedsPerM: number
  /** Most risk of lift per metre accepted, 0 … 1. */
  readonly maxLift: number
  readonly wagePerHourMinor: number
  /** Mending: one bleed, one metre of lifted finish, one metre of torn edge. */
  readonly mendBleedMinor: number
  readonly mendLiftMinor: number
  readonly mendTearMinor: number
  /** Tape beyond the measured hems, %. */
  readonly wastePct: number
  readonly rates: Rates
}

/** Everything that is known of a job: one snapshot in, one plan out. */
export interface Job {
  readonly format: 'crisp-hem/job'
  readonly version: 1
  readonly id: string
  readonly name: string
  readonly site: Site
  /** When work may begin. */
  readonly start: string
  readonly air: SiteAir
  readonly house: HouseRules
  readonly crews: readonly Crew[]
  readonly shelf: Shelf
  readonly rooms: readonly Room[]
  readonly log: readonly LogEvent[]
}
