import type { Inspection, Mended } from './inspection'
import type { SubjectKey } from './subject'
import type { HybridClock } from '../units/hybridClock'

/** What can be ticked on site. `torn` is of tape that tore or came loose, and is laid anew; `done` is of work that is ticked as a whole; `inspected` is a look along lines, `mended` what was put right along them; `tried` is what one piece of a trial showed; `pictured` is a picture of a hem, kept under the line’s own id; `received`, `returned` and `counted` are of stock on the van; `cut` is a length cut off a roll for a room; `day-closed` names what stays covered overnight, and why; `undone` takes one earlier event back; nothing is ever erased. */
export const EVENT_KINDS = [
  'covered',
  'laid',
  'torn',
  'sealed',
  'coated',
  'pulled',
  'inspected',
  'mended',
  'tried',
  'skipped',
  'uncovered',
  'done',
  'pictured',
  'day-closed',
  'received',
  'returned',
  'counted',
  'cut',
  'undone',
] as const
type EventKind = (typeof EVENT_KINDS)[number]

/**
 * One line of the append-only log. Ids are made on the device, so sending one twice is harmless.
 */
export interface LogEvent {
  readonly id: string
  readonly kind: EventKind
  /** When it happened, ISO UTC. */
  readonly at: string
  readonly crewId: string | null
  /** The hems it is about; for covered and uncovered the room (`room:r1`), fitting (`fitting:r1/f2`)
   * or a colour's covers (`work:r1/s2/cover`); a piece of a trial (`trial:t1/0`, counted from the first row's left); for done the work (`work:r1/prep`); for stock the article (`stock:tape:t1/24`), for cut article and room. */
  readonly subjects: readonly SubjectKey[]
  /** Which coat, for `coated`: 1 is the first. */
  readonly coat: number | null
  /** Visible bleeds counted, for `inspected`; faults at the piece, for `tried`. */
  readonly bleeds: number | null
  /** What was seen and how it was looked at, for `inspected`; null where only bleeds were counted. */
  readonly look: Inspection | null
  /** For `mended`. */
  readonly mending: Mended | null
  /** When the plan on the board expected it, ISO UTC, if it did. */
  readonly expectedAt: string | null
  /** Of stock: how much came, went back, was found or cut, in mm, ml or pieces. */
  readonly amount: number | null
  /** The event taken back, for `undone`. */
  readonly undoes: string | null
  readonly note: string
  /** Which device made it, and who held it; null for lines of files and of before devices said so. */
  readonly origin: EventOrigin | null
}

/** Where a line of the log comes from. */
export interface EventOrigin {
  /** Id of the device, made on it. */
  readonly device: string
  /** The device’s how-manieth line, 1 for the first. */
  readonly seq: number
  /** Name of the person signed in on it; null where nobody was. */
  readonly by: string | null
  /** Hybrid logical clock: of two lines said of the same minute the later one counts. */
  readonly clock: HybridClock
  /** When it happened by the device’s own clock, where that was wrong and `at` was put right; else null. */
  readonly saidAt: string | null
}

/** What most lines of a log leave unsaid. */
export const UNSAID = {
  crewId: null,
  coat: null,
  bleeds: null,
  look: null,
  mending: null,
  expectedAt: null,
  amount: null,
  undoes: null,
  note: '',
  origin: null,
} as const satisfies Partial<LogEvent>
