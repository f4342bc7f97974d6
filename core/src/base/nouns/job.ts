import type { Customer } from './firm'
import type { UnitSystem } from '../units/length'
import type { OutdoorHour } from './air'
import type { Crew } from './crew'
import type { HouseRules } from './house'
import type { LogEvent } from './log'
import type { Planning } from './planning'
import type { Quote } from './quote'
import type { PublishedPlan, PublishedTask } from './published'
import type { Room } from './room'
import type { Shelf } from './shelf'
import type { Trial } from './trial'

/** Another address that belongs to the job. */
export interface SitePlace {
  readonly id: string
  readonly name: string
}

/** The way between two addresses of a job, the same both ways; `from` null is the site's own. */
export interface Drive {
  readonly from: string | null
  readonly to: string
  readonly minutes: number
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
  /** Other addresses of the same job, and the ways that were told. */
  readonly places: readonly SitePlace[]
  readonly drives: readonly Drive[]
  /** Whom the work is for, on quotes. */
  readonly customer: Customer
}

/** Hours outside, from a weather service or a file: `hours[i]` holds from `from` + i hours. */
export interface OutsideAir {
  readonly source: 'weather-service' | 'file'
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

/** A tape in one width, as it is carried. */
export interface KitKind {
  readonly tapeId: string
  readonly widthMm: number
}

/** The version of the job format; older files are brought up when they are read. */
export const JOB_VERSION = 21

/** Everything that is known of a job: one snapshot in, one plan out. */
export interface Job {
  readonly format: 'crisp-hem/job'
  readonly version: typeof JOB_VERSION
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
  readonly planning: Planning
  /** Quotes as they were given, the first first. */
  readonly quotes: readonly Quote[]
  /** Ways to make an edge, tried beside one another. */
  readonly trials: readonly Trial[]
  readonly log: readonly LogEvent[]
  /** The plan people work by, or null before one was published. */
  readonly published: PublishedPlan | null
  /**
   * What was found to be better than the first plan while nobody has been told any: proposed for as long as it fits and is cheaper. Of one
   * device, and never in a file.
   */
  readonly draft?: readonly PublishedTask[]
}

/** A job without what happened to it: what the survey screens edit. */
export type JobFacts = Omit<Job, 'log' | 'published' | 'draft'>
