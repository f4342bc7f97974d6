import type { FactChange } from '../../base/edits/edit'
import type {
  HouseRules,
  LogEvent,
  Shelf,
  JobFacts,
  PublishedPlan,
  PublishedTask,
  ErrorFacts,
  Said,
} from '../../base/nouns'

/** Stands on every answer of an office’s interface, so that devices tell it from a gateway’s or a portal’s page. */
export const OFFICE_HEADER = 'x-crisp-hem'

/** Id of whoever said what is sent, where somebody had signed in by then. */
export const SAID_BY_HEADER = 'x-said-by'

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
  readonly marks: JobMarks
  /** Which line of history the office's database is of; another one than before means that a copy was put back. */
  readonly epoch: string
}

/** How far the server’s log and edits of a job have come; what is behind them is still to be told. */
export interface JobMarks {
  readonly log: number
  readonly edit: number
}

/** An edit as others hear of it. */
export interface TakenEdit {
  readonly id: string
  readonly device: string
  readonly by: string | null
  readonly at: string
  /** What of it stands. */
  readonly changes: readonly FactChange[]
}

/** A change that did not come to stand: a later one of the same field was here, or its place is gone. */
export interface MissedChange {
  readonly editId: string
  readonly change: FactChange
  readonly why: 'later' | 'gone'
  /** What stands there instead, and by whom. */
  readonly now: unknown
  readonly by: string | null
}

/** What became of a batch of edits. */
export interface EditAnswer {
  readonly revision: number
  readonly marks: JobMarks
  readonly refused: readonly { readonly editId: string; readonly message: string; readonly place: string | null }[]
  readonly missed: readonly MissedChange[]
}

/** What became of a batch of ticks. Skew: by how much the device’s clock is behind, ms; 0 where it is right. */
export interface TickAnswer {
  readonly taken: number
  readonly marks: JobMarks
  readonly skewMs: number
}

/** What is new in a job since some marks. */
export interface JobNews {
  readonly marks: JobMarks
  readonly epoch: string
  readonly revision: number
  readonly log: readonly LogEvent[]
  readonly edits: readonly TakenEdit[]
  readonly published: PublishedPlan | null
  /** Prices moved for one who may not see them: the job is to be fetched anew. */
  readonly anew: boolean
}

export const ROLES = ['office', 'lead', 'painter'] as const
export type Role = (typeof ROLES)[number]

/** Somebody signed in. */
export interface Who {
  readonly id: string
  readonly name: string
  readonly role: Role
}

/** Who this device is for: nobody yet, or somebody; open where nobody has to sign in. */
export interface WhoAnswer {
  readonly who: Who | null
  readonly isOpen: boolean
  /** Nobody has an account yet: the first is made with the code the server printed. */
  readonly isFirst: boolean
}

/** One of the people, with the devices they are signed in on. */
export interface PersonAnswer extends Who {
  readonly hasPassword: boolean
  readonly devices: readonly {
    readonly id: string
    readonly name: string
    readonly since: string
    readonly seen: string
  }[]
}

/** One line of what happened to a job, the latest first. */
export interface HistoryLine {
  readonly at: string
  /** A person’s name, or the crew’s id, or null. */
  readonly by: string | null
  readonly what: 'edited' | 'ticked' | 'published'
  /** Fields changed, kinds ticked, or the plan’s number. */
  readonly of: readonly string[]
}

/** A plan to be published, and the number of the one it was made from. */
export interface PublishRequest {
  readonly basedOn: number | null
  readonly by: string
  readonly why: string
  readonly tasks: readonly PublishedTask[]
}

export type MessageState = 'waiting' | 'sending' | 'sent' | 'failed' | 'unsure'

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
  /** The time everybody practises with on this server, as it is now; null for the real clock. */
  readonly practiceClock: string | null
  /** The server’s own clock, so that a device can tell how wrong its own is. */
  readonly now: string
  /** What is not well: codes of sentences, none when all is. */
  readonly troubles: readonly string[]
}

/** What is asked of the weather service; the same names as in the address. */
export interface WeatherQuestion {
  readonly place: string
  readonly lat: string
  readonly lon: string
  readonly from: string
  readonly hours: number
}
