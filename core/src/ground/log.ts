/** What can be ticked on site. `done` is of work that is ticked as a whole; `undone` takes one earlier event back; nothing is ever erased. */
export const EVENT_KINDS = [
  'covered',
  'laid',
  'sealed',
  'coated',
  'pulled',
  'inspected',
  'skipped',
  'uncovered',
  'done',
  'undone',
] as const
export type EventKind = (typeof EVENT_KINDS)[number]

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
   * or a colour's covers (`work:r1/s2/cover`); for done the work (`work:r1/prep`). */
  readonly subjects: readonly string[]
  /** Which coat, for `coated`: 1 is the first. */
  readonly coat: number | null
  /** Visible bleeds counted, for `inspected`. */
  readonly bleeds: number | null
  /** When the plan on the board expected it, ISO UTC, if it did. */
  readonly expectedAt: string | null
  /** The event taken back, for `undone`. */
  readonly undoes: string | null
  readonly note: string
}

/** What most lines of a log leave unsaid. */
export const UNSAID = {
  crewId: null,
  coat: null,
  bleeds: null,
  expectedAt: null,
  undoes: null,
  note: '',
} as const satisfies Partial<LogEvent>
