import type { PaintClock } from '../../nature/cure/paintClocks'
import type { ActivityId, ActivityRef, FieldOrder, HemId, RoundId, Said, Skill, SubjectKey } from '../../base/nouns'

export type ActivityKind =
  'prep' | 'cover' | 'mark' | 'lay' | 'seal' | 'gun-up' | 'coat' | 'roll' | 'gun-down' | 'pull' | 'uncover' | 'look'

/**
 * A stretch of time on a clock: `plain` counts minutes, a paint clock its reference minutes, `cure` those
 * of the cure clock of a coating with this film-forming limit.
 */
export type Delay =
  | { readonly clock: 'plain'; readonly amount: number }
  | { readonly clock: PaintClock; readonly amount: number }
  | { readonly clock: 'cure'; readonly amount: number; readonly filmFormingC: number }

export const AT_ONCE: Delay = { clock: 'plain', amount: 0 }

/** How long must and how long may pass between the end of one activity and the start of another. */
export interface Lag {
  readonly from: ActivityId
  readonly to: ActivityId
  readonly min: Delay
  /** Null: as long as one likes. Nothing at all: the two follow one another without a break. */
  readonly max: Delay | null
}

type MinutePartName =
  | 'cover'
  | 'lay'
  | 'press'
  | 'liquid'
  | 'seal'
  | 'cut-in'
  | 'freehand'
  | 'field'
  | 'spray'
  | 'gun'
  | 'pull'
  | 'peel'
  | 'uncover'
  | 'tack'
  | 'prep'
  | 'doors'
  | 'mark'
  | 'look'
  | 'touch-up'

/** One part of an activity's work, minutes of one practised painter. */
export interface MinutePart {
  readonly part: MinutePartName
  readonly minutes: number
}

/** What an activity needs besides its minutes. */
export interface Needs {
  /** The crew that does the room. */
  readonly crewId: string
  /** Who may do it; null for anybody. */
  readonly skill: Skill | null
  readonly gun: boolean
  /** It reaches above what a step ladder does. */
  readonly tower: boolean
}

/** A piece of work: what, where, on what, by what means, and how much of it. */
export interface Activity {
  readonly id: ActivityId
  readonly ref: ActivityRef
  readonly kind: ActivityKind
  readonly roomId: string
  readonly stepId: string | null
  readonly roundId: RoundId | null
  /** Which coat, 1 for the first, of coats and rolled fields; null for other kinds. */
  readonly coat: number | null
  /** What it works on, in order: hems, fields, or a room. */
  readonly subjects: readonly SubjectKey[]
  readonly needs: Needs
  /** Minutes of one practised painter, part by part. */
  readonly work: readonly MinutePart[]
  /** Takes no less than this however many do it, minutes: a fresh edge settles at its own pace. */
  readonly leastMin: number
  /** May go on after a meal or the next day. */
  readonly divisible: boolean
  /** Not before this instant, minutes since the epoch, or null. */
  readonly release: number | null
  /** Hems whose tape, or whose coat, says that it was done even if nobody ticked it. */
  readonly impliedBy: { readonly tick: 'laid' | 'coated'; readonly hemIds: readonly HemId[] } | null
  /** What it is best done straight after, or null. */
  readonly follows: ActivityId | null
}

/** Hems of a round that come off together: tape wet or dry, or a liquid mask cut and peeled. */
export interface RoundPull {
  readonly manner: 'wet' | 'dry' | 'peel'
  readonly taskId: ActivityId
  readonly hemIds: readonly HemId[]
  /** Hours a mask waits after the last coat; 0 for tape. */
  readonly afterH: number
  /** It lies on a floor, and stays until the walls and the ceiling painted after its edge no longer drip. */
  readonly stays: boolean
}

/** Hems laid, sealed, coated and pulled together by one crew. */
export interface Round {
  readonly id: RoundId
  readonly name: Said
  readonly roomId: string
  readonly stepId: string
  readonly crewId: string
  readonly wallIds: readonly string[]
  /** Which part of its one wall it takes in; null for whole walls. */
  readonly part: number | null
  readonly hemIds: readonly HemId[]
  readonly wet: boolean
  /** When its field is rolled, by the house rule where it has a choice. */
  readonly fieldOrder: FieldOrder
  /** Its hems by how they come off, each with the activity that does it. Lines cut by hand are in none. */
  readonly pulls: readonly RoundPull[]
  readonly metres: number
  /** Minutes the worst hem waits from its first wet stroke to its pull, and how many it may. */
  readonly wetNeedMin: number
  readonly wetWindowMin: number | null
  /** For each wall, how long its band lies open before a pair rolls it, min; null where nobody rolls behind whoever cuts in. */
  readonly pairNeeds: Readonly<Record<string, number>> | null
  readonly why: Said
}

/** What a gun sprays from being made ready to being cleaned. */
export interface GunRun {
  /** Where it is made ready. */
  readonly first: { readonly roomId: string; readonly stepId: string }
  /** Where it is cleaned at the end. */
  readonly last: { readonly roomId: string; readonly stepId: string }
  readonly coatIds: readonly ActivityId[]
  /** Coating and colour: the same for whatever a gun sprays without being cleaned. */
  readonly paint: string
}

/** One pass of a gun through a room: its last coats, and the pulls and covers of the same colour that come off behind it. */
export interface SprayPass {
  /** Its last coats, and what comes off behind them. */
  readonly coatIds: readonly ActivityId[]
  readonly stripIds: readonly ActivityId[]
  /** All its coats, and what has to be on before the first of them. */
  readonly sprayIds: readonly ActivityId[]
  readonly shieldIds: readonly ActivityId[]
}

/** Tape that lies on a floor until all that still drips on it is on: the pull, and the last coats it waits for. */
export interface KeptPull {
  readonly pullId: ActivityId
  readonly coatIds: readonly ActivityId[]
}

/** All there is to do, and what must come before what. */
export interface Work {
  readonly rounds: readonly Round[]
  readonly activities: readonly Activity[]
  readonly lags: readonly Lag[]
  /** What stays on until a gun is through with a room: each colour that is sprayed there. */
  readonly passes: readonly SprayPass[]
  /** What stays on floors until walls and ceilings are done. */
  readonly keeps: readonly KeptPull[]
  /** What each gun sprays between being made ready and being cleaned. */
  readonly gunRuns: readonly GunRun[]
  /** What stands in the way already: rounds too long for their window. */
  readonly problems: readonly Said[]
}

/** Minutes of one practised painter in all. */
const workMinOf = (activity: Pick<Activity, 'work'>): number =>
  activity.work.reduce((sum, part) => sum + part.minutes, 0)

/** Parts that one gun does at its own pace, however many stand beside it. */
const OF_THE_GUN: readonly MinutePart['part'][] = ['spray', 'gun']

/** Work that one does with the gun while the others of a crew are free. */
export const isOfTheGun = ({ work }: Pick<Activity, 'work'>): boolean =>
  work.length > 0 && work.every(({ part }) => OF_THE_GUN.includes(part))

/** Whole minutes a crew worth so many practised painters takes; never less than one. A gun is not shared out. */
export function crewMinutes(activity: Pick<Activity, 'work' | 'leastMin'>, speed: number): number {
  const gunMin = workMinOf({ work: activity.work.filter(({ part }) => OF_THE_GUN.includes(part)) })
  const shared = workMinOf(activity) - gunMin
  return Math.max(1, Math.ceil(activity.leastMin), wholeMinutes(gunMin + shared / speed))
}

/**
 * Minutes begun count whole. Sums of many small parts miss a whole minute by the last bits of a number; a foreman's minute
 * is no smaller.
 */
export const wholeMinutes = (minutes: number): number => Math.ceil(Math.round(minutes * 1e6) / 1e6)
