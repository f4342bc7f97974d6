import {
  bleedsOf,
  formatInstant,
  type Inspection,
  type LogEvent,
  type Mended,
  type Task,
  TICK_OF,
  UNSAID,
  writeSubject,
  type HemId,
  type SubjectKey,
} from '@crisp-hem/core'

type NewEvent = Omit<LogEvent, 'id'>

const blank = (at: number, crewId: string | null): NewEvent => ({
  ...UNSAID,
  kind: 'laid',
  at: formatInstant(Math.floor(at)),
  crewId,
  subjects: [],
})

interface TaskTickSetup {
  readonly task: Task
  readonly subjects: readonly SubjectKey[]
  readonly crewId: string | null
  readonly now: number
  readonly expected: number
}

/** The event that says a task is done for these subjects, with when the plan expected it. */
export const taskTick = ({ task, subjects, crewId, now, expected }: TaskTickSetup): NewEvent => ({
  ...blank(now, crewId),
  kind: TICK_OF[task.kind],
  subjects: [...subjects],
  coat: task.coat,
  expectedAt: formatInstant(Math.round(expected)),
})

export const pullTick = (
  hemIds: readonly HemId[],
  crewId: string | null,
  now: number,
  expected: number | null,
): NewEvent => ({
  ...blank(now, crewId),
  kind: 'pulled',
  subjects: [...hemIds],
  expectedAt: expected === null ? null : formatInstant(Math.round(expected)),
})

/** The day is over: what must breathe and is covered still, and why. */
export const dayClosedTick = (open: readonly string[], why: string, now: number): NewEvent => ({
  ...blank(now, null),
  kind: 'day-closed',
  subjects: [...open],
  note: why,
})

/** A picture of a hem that was put down under this id. */
export const pictureTick = (photoId: string, hemIds: readonly HemId[], words: string, now: number) => ({
  ...blank(now, null),
  id: photoId,
  kind: 'pictured' as const,
  subjects: [...hemIds],
  note: words,
})

/** The tape of a hem tore or came loose. */
export const tornTick = (hemId: HemId, crewId: string | null, now: number): NewEvent => ({
  ...blank(now, crewId),
  kind: 'torn',
  subjects: [hemId],
})

/** A line was looked along: what was seen, of which the bleeds are counted by themselves. */
export const inspectTick = (hemId: HemId, look: Inspection, now: number): NewEvent => ({
  ...blank(now, null),
  kind: 'inspected',
  subjects: [hemId],
  bleeds: bleedsOf(look),
  look,
})

/** Faults of a line were put right: it is looked along once more. */
export const mendTick = (hemId: HemId, mending: Mended, now: number): NewEvent => ({
  ...blank(now, null),
  kind: 'mended',
  subjects: [hemId],
  mending,
})

export const uncoverTick = (subject: SubjectKey, now: number): NewEvent => ({
  ...blank(now, null),
  kind: 'uncovered',
  subjects: [subject],
})

/** Breathers on masked fittings are listed as covered together with the laying of their tape. */
export const coverTick = (subjects: readonly SubjectKey[], now: number): NewEvent => ({
  ...blank(now, null),
  kind: 'covered',
  subjects: [...subjects],
})

/** One piece of a trial was looked along: so many places where paint ran under. */
export const triedTick = (trialId: string, piece: number, bleeds: number, now: number): NewEvent => ({
  ...blank(now, null),
  kind: 'tried',
  subjects: [writeSubject({ of: 'trial', trialId, piece })],
  bleeds,
})
