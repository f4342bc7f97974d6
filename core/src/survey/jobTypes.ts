import type { OutdoorHour } from '../air/weather'
import type { Shelf } from '../catalogue/types'
import type { LogEvent } from '../pulls/events'
import type { UnitSystem } from '../units/length'
import type { Room } from './types'

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
  /** What carrying one more kind of tape costs: mix-ups, part rolls, room in the bag. */
  readonly kindMinor: number
  readonly rates: Rates
}

/** A tape in one width, as it is carried. */
export interface KitKind {
  readonly tapeId: string
  readonly widthMm: number
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
  /** Kinds of tape carried for this job; null takes the best for each hem. */
  readonly kit: readonly KitKind[] | null
  readonly rooms: readonly Room[]
  readonly log: readonly LogEvent[]
}
