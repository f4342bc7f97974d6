import type { HouseRules, LogEvent, Shelf, JobFacts, PublishedPlan, PublishedTask, ErrorFacts, Said } from '../ground'

/** One line of the list of jobs. */
export interface JobSummary {
  readonly id: string
  readonly name: string
  readonly place: string
  readonly zone: string
  readonly rooms: number
  readonly revision: number
  readonly changedAt: string
}

/** A job as the server sends it: facts with their revision, and the log in order of arrival. */
export interface JobAnswer {
  readonly facts: JobFacts
  readonly revision: number
  readonly log: readonly LogEvent[]
  /** The plan people work by, or null. */
  readonly published: PublishedPlan | null
}

/** A plan to be published, and the number of the one it was made from. */
export interface PublishRequest {
  readonly basedOn: number | null
  readonly by: string
  readonly why: string
  readonly tasks: readonly PublishedTask[]
}

export const MESSAGE_STATES = ['waiting', 'sending', 'sent', 'failed', 'unsure'] as const
export type MessageState = (typeof MESSAGE_STATES)[number]

/** What a crew was told of a plan, and whether it went out. Instants ISO UTC. */
export interface MessageAnswer {
  readonly number: number
  readonly crewId: string
  readonly at: string
  readonly lines: readonly Said[]
  readonly state: MessageState
  readonly toldAt: string | null
}

/** Asks for a better plan at an instant; null: now. */
export interface BetterRequest {
  readonly at: string | null
  readonly limitMs: number
  readonly seed: number
}

/** The best plan found, instants ISO UTC; what is done is left out. */
export interface BetterAnswer {
  readonly endsAt: string
  readonly boundAt: string | null
  readonly isProved: boolean
  readonly lateMin: number
  readonly won: { readonly lateMin: number; readonly endMin: number; readonly moves: number }
  readonly tasks: readonly PublishedTask[]
}

/** What a contractor keeps for new jobs, and since when. */
export interface ContractorAnswer {
  readonly house: HouseRules
  readonly shelf: Shelf
  readonly changedAt: string
}

/** The one form of every error answer. */
export interface ErrorAnswer {
  readonly code: string
  readonly message: string
  /** What the code's sentence is filled with, in any language. */
  readonly facts: ErrorFacts
  /** Where, when the request or file had a wrong place. */
  readonly place: string | null
}

export interface HealthAnswer {
  readonly ok: true
  readonly version: string
  /** A fixed site time to practise with, as set by the demo; null for the real clock. */
  readonly practiceClock: string | null
}

/** What is asked of the weather service; the same names as in the address. */
export interface WeatherQuestion {
  readonly place: string
  readonly lat: string
  readonly lon: string
  readonly from: string
  readonly hours: number
}
