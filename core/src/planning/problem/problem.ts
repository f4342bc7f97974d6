import type { ActivityId, RoundId } from '../../base/nouns'

/**
 * Scheduling as plain numbers: what has to be placed, who can do it and how fast, what must wait for what, when people
 * work, how each air's clocks run, what has been done. Nothing in it is a function, so it can be written to a file,
 * read again and gives the same plan. docs/problem.md shows it.
 *
 * Instants are minutes since the epoch. Ends are not included.
 */
export interface ScheduleProblem {
  readonly format: 'crisp-hem/problem'
  readonly version: 1
  /** Nothing undone starts before this. */
  readonly from: number
  /** How far ahead crews' shifts are laid out. */
  readonly horizon: number
  readonly activities: readonly ProblemActivity[]
  readonly lags: readonly ProblemLag[]
  readonly crews: readonly ProblemCrew[]
  /** What there is only so many of. */
  readonly resources: readonly Resource[]
  /** Addresses of the job, where there are several: who goes from one to another is on the way so long. */
  readonly places: readonly ProblemPlace[]
  readonly clocks: readonly ClockTable[]
  /** Air that coats must be kept out of. */
  readonly airs: readonly AirRule[]
  readonly pulls: readonly PullRule[]
  /** Fields that must be reached while the line cut in beside them is open. */
  readonly bands: readonly BandRule[]
  /** What stays on until a gun is through with a room. */
  readonly passes: readonly PassRule[]
  /** What stays on floors until what drips on it is done. */
  readonly keeps: readonly KeepRule[]
  readonly done: readonly DoneActivity[]
  /** Starts that were set by hand and stay. */
  readonly fixed: readonly FixedStart[]
  readonly goals: readonly Goal[]
}

/** One piece of work that is not done yet. */
export interface ProblemActivity {
  readonly id: ActivityId
  readonly roomId: string
  readonly modes: readonly Mode[]
  /** Crews that could lend a hand with it; none where this is left out. */
  readonly others?: readonly Mode[]
  /** Ids of resources it holds while it runs, one of each; twice where it holds two. */
  readonly uses: readonly string[]
  /** May go on after a break. */
  readonly divisible: boolean
  readonly release: number | null
  /** Which rule of the air it keeps to, where it puts paint on. */
  readonly air: string | null
  /** It follows this one straight away where that can be: the line just cut in is still open. */
  readonly follows: ActivityId | null
}

/** Tape on a floor, and the last coats it stays for. */
export interface KeepRule {
  readonly pullId: ActivityId
  readonly coatIds: readonly ActivityId[]
}

/** A field, and the line beside it: begun so long after its coat begins, and open for so much on a clock. */
export interface BandRule {
  readonly fieldId: ActivityId
  readonly lineId: ActivityId
  readonly startsAfterMin: number
  readonly clock: string
  readonly openMin: number
}

/**
 * The last coats of a colour sprayed in one room with the pulls and covers that come off behind all of them, and all its coats with
 * what has to be on before the first.
 */
export interface PassRule {
  readonly coatIds: readonly ActivityId[]
  readonly stripIds: readonly ActivityId[]
  readonly sprayIds: readonly ActivityId[]
  readonly shieldIds: readonly ActivityId[]
}

/** Who does something: a crew, or some of its people. */
export interface Hands {
  readonly crewId: string
  /** How many of its people; all of them where it is left out. */
  readonly hands?: number
}

/** One way of doing an activity: by whom, and how many whole minutes it takes. */
export interface Mode extends Hands {
  readonly minutes: number
}

/** How long must and may pass between the end of one activity and the start of another. */
export interface ProblemLag {
  readonly from: ActivityId
  readonly to: ActivityId
  readonly min: ClockDelay
  readonly max: ClockDelay | null
}

/** An amount on a clock of the problem; `clock` null counts plain minutes. */
export interface ClockDelay {
  readonly clock: string | null
  readonly amount: number
}

export interface ProblemCrew {
  readonly id: string
  /** How many there are who may each work by themselves; one, who is the whole crew, where it is left out. */
  readonly people?: number
  /** Unbroken stretches of work, in order, none before `from`. */
  readonly shifts: readonly (readonly [from: number, to: number])[]
  /** Minutes behind a day's last stretch for washing out: a gun is cleaned in them too. None when left out. */
  readonly washOutMin?: number
  /** How long they stay past the end of a stretch to finish what is not broken off, min. Not at all when left out. */
  readonly stayOnMin?: number
}

export interface Resource {
  readonly id: string
  readonly capacity: number
  /** Minutes to take one down in a room and put it up in another. */
  readonly carryMin: number
}

/** An address with its rooms. `minutes[i]` is the way to the i-th address of the list, none longer than by way of a third. */
export interface ProblemPlace {
  readonly id: string
  readonly roomIds: readonly string[]
  readonly minutes: readonly number[]
}

/** A clock as a table: hour i runs at `rates[i]` per minute; the first also before, the last also after. */
export interface ClockTable {
  readonly id: string
  readonly startMin: number
  readonly rates: readonly number[]
}

/**
 * Air that one coating must not meet: while it goes on; from its first minute until rain and dew no longer mark it, `safeMin` on the
 * clock of its film after its last; and cold from its first minute until its film has formed, `formedMin`. Stretches are in order and apart, or follow one another for another reason.
 */
export interface AirRule {
  readonly id: string
  readonly during: readonly AirBan[]
  readonly until: readonly AirBan[]
  readonly cold: readonly AirBan[]
  readonly clock: string
  readonly safeMin: number
  readonly formedMin: number
  /** Rain reaches it: a shower nobody forecast spoils it too. */
  readonly isOutdoors: boolean
}

/** A stretch of air that spoils a coat; `why` is the code of the fault. */
export interface AirBan {
  readonly from: number
  readonly to: number
  readonly why: string
}

/** When the tape of a pull may come off, counted from its last coat. */
export interface PullRule {
  readonly activityId: ActivityId
  readonly roundId: RoundId
  readonly manner: 'wet' | 'dry' | 'peel'
  /** The last coat, and when it went on where the log knows. */
  readonly coatId: ActivityId
  readonly coated: { readonly from: number; readonly to: number } | null
  /** The clock of the coat's surface, on which it settles and skins; that of its film, on which it hardens; that of a bead. */
  readonly clock: string
  readonly filmClock: string
  readonly beadClock: string
  readonly settleMin: number
  readonly openMin: number
  readonly hardDryMin: number
  /** The first bead to skin, when it was wiped or which activity wipes it. */
  readonly bead: { readonly sealId: ActivityId; readonly sealedAt: number | null; readonly skinMin: number } | null
  /** What each kind of tape may stay: laid at an instant, or by an activity. */
  readonly stays: readonly Stay[]
  /** Plain minutes a mask is left after the last coat. */
  readonly cutAfterMin: number
}

export interface Stay {
  readonly layId: ActivityId
  readonly laidAt: number | null
  readonly clock: string
  readonly amount: number
}

export interface DoneActivity {
  readonly id: ActivityId
  readonly roomId: string
  readonly crewId: string
  readonly uses: readonly string[]
  readonly from: number
  readonly to: number
}

export interface FixedStart {
  readonly id: ActivityId
  readonly at: number
}

/** What a plan is judged by, the weightier first. */
export type Goal =
  | { readonly goal: 'windows' }
  | {
      readonly goal: 'hand-back'
      readonly roomId: string
      readonly activityIds: readonly ActivityId[]
      readonly by: number
    }
  /**
   * Rooms in order of urgency, those that are alike together: of two activities that could start at once, the earlier
   * room's goes first, and of alike rooms the one that stands first among the activities.
   */
  | { readonly goal: 'rooms-in-order'; readonly rooms: readonly (readonly string[])[] }
  | { readonly goal: 'soon' }
