import { readSubject, type LogEvent, type SubjectKey } from '../../base/nouns'
import { parseInstant } from '../../base/units/time'
import { standingEvents } from './hemStates'

/** One time something that must breathe, or a way out, was covered. Instants in minutes since the epoch. */
export interface RegisterLine {
  readonly subject: SubjectKey
  readonly roomId: string
  readonly coveredAt: number
  /** By whom: a person's name, or the crew's id, or null. */
  readonly coveredBy: string | null
  /** Null while it is covered still. */
  readonly offAt: number | null
  readonly offBy: string | null
}

/** The day was closed by somebody, and what was still covered then stayed so for a reason. */
export interface DayClosed {
  readonly at: number
  readonly by: string | null
  readonly open: readonly SubjectKey[]
  readonly why: string
}

const byOf = ({ origin, crewId }: LogEvent): string | null => origin?.by ?? crewId

/** Every fitting that was ever covered, the latest first; what is open still stands before all. */
export function coverRegister(log: readonly LogEvent[]): RegisterLine[] {
  const lines: RegisterLine[] = []
  const open = new Map<SubjectKey, number>()
  for (const event of standingEvents(log)) {
    if (event.kind !== 'covered' && event.kind !== 'uncovered') continue
    for (const subject of event.subjects) {
      const ref = readSubject(subject)
      if (ref?.of !== 'fitting') continue
      const at = open.get(subject)
      const before = at === undefined ? undefined : lines[at]
      if (event.kind === 'covered' && !before) {
        open.set(subject, lines.length)
        lines.push({
          subject,
          roomId: ref.roomId,
          coveredAt: parseInstant(event.at),
          coveredBy: byOf(event),
          offAt: null,
          offBy: null,
        })
      } else if (event.kind === 'uncovered' && at !== undefined && before) {
        lines[at] = { ...before, offAt: parseInstant(event.at), offBy: byOf(event) }
        open.delete(subject)
      }
    }
  }
  return lines.sort((a, b) => Number(b.offAt === null) - Number(a.offAt === null) || b.coveredAt - a.coveredAt)
}

/** When days were closed, the latest first. */
export const daysClosed = (log: readonly LogEvent[]): DayClosed[] =>
  standingEvents(log)
    .filter((event) => event.kind === 'day-closed')
    .map((event) => ({ at: parseInstant(event.at), by: byOf(event), open: event.subjects, why: event.note }))
    .reverse()
