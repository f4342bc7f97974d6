import { hash } from 'node:crypto'
import type { LogEvent } from '@crisp-hem/core'
import type { HistoryLine } from '@crisp-hem/core/wire'
import { ServerError } from '../errors'
import { atOnce, type Database } from './open'

interface Row {
  readonly job_id: string
  readonly id: string
  readonly seq: number
  readonly kind: string
  readonly at: string
  readonly crew_id: string | null
  readonly body: string
  readonly sent: string | null
}

/** A line as it was sent, and as it is kept: by whom, and with its time put right. */
interface SentEvent {
  readonly sent: LogEvent
  readonly kept: LogEvent
  /** A line that was here before a copy was put back: it has no sum, and is known by its id. */
  readonly isAgain?: boolean
}

/** Fields lines had not before version 21: left out where they say nothing, so that a line sent before and after has one sum. */
const NEWER: readonly string[] = ['look', 'mending']

const sumOf = (event: LogEvent): string => {
  const fields = Object.entries(event).filter(([name, value]) => value !== null || !NEWER.includes(name))
  return hash('sha256', JSON.stringify(fields.sort(([a], [b]) => (a < b ? -1 : 1))), 'base64')
}

/** The append-only log of each job. */
export function logTable(db: Database) {
  const sql = {
    all: db.prepare<[jobId: string], { body: string }>(`
      SELECT body FROM log_event WHERE job_id = ? ORDER BY seq`),
    since: db.prepare<[jobId: string, seq: number], { body: string }>(`
      SELECT body FROM log_event WHERE job_id = ? AND seq > ? ORDER BY seq`),
    latest: db.prepare<[jobId: string, most: number], { body: string }>(`
      SELECT body FROM log_event WHERE job_id = ? ORDER BY seq DESC LIMIT ?`),
    last: db.prepare<[jobId: string], { seq: number }>(`
      SELECT COALESCE(MAX(seq), 0) AS seq FROM log_event WHERE job_id = ?`),
    one: db.prepare<[jobId: string, id: string], { sent: string | null }>(`
      SELECT sent FROM log_event WHERE job_id = ? AND id = ?`),
    insert: db.prepare<[Row]>(`
      INSERT INTO log_event (job_id, id, seq, kind, at, crew_id, body, sent)
      VALUES (@job_id, @id, @seq, @kind, @at, @crew_id, @body, @sent)`),
  }
  const read = (rows: readonly { body: string }[]): LogEvent[] => rows.map(({ body }) => JSON.parse(body) as LogEvent)
  const marks = (jobId: string): number => sql.last.get(jobId)!.seq

  const append = atOnce(db, (jobId: string, events: readonly SentEvent[]): number => {
    let seq = marks(jobId)
    const first = seq
    for (const { sent, kept, isAgain } of events) {
      const { id, kind, at, crewId } = kept
      const sum = isAgain ? null : sumOf(sent)
      const known = sql.one.get(jobId, id)
      // Lines of before devices said so have no sum: they are known by their id alone.
      if (known && known.sent !== null && sum !== null && known.sent !== sum)
        throw new ServerError('log.id_taken', { id })
      if (known) continue
      seq += 1
      sql.insert.run({ job_id: jobId, id, seq, kind, at, crew_id: crewId, body: JSON.stringify(kept), sent: sum })
    }
    return seq - first
  })

  return {
    marks,
    read: (jobId: string): LogEvent[] => read(sql.all.all(jobId)),

    /** What arrived behind a mark. */
    since: (jobId: string, seq: number): LogEvent[] => read(sql.since.all(jobId, seq)),

    /** The log of a job as JSON text in pieces, as it is stored. */
    text: (jobId: string): string[] => sql.all.all(jobId).map(({ body }, i) => (i === 0 ? body : `,${body}`)),

    /**
     * Adds lines in one transaction. One that is there already changes nothing. Returns how many were new.
     * @throws ServerError log.id_taken where a line with the same id said something else
     */
    append,

    /** Adds the lines of a file as they are. */
    appendAsTheyAre: (jobId: string, events: readonly LogEvent[]): number =>
      append(
        jobId,
        events.map((event) => ({ sent: event, kept: event })),
      ),

    /** The latest lines as a history. */
    history: (jobId: string, most: number): HistoryLine[] =>
      read(sql.latest.all(jobId, most)).map((event) => ({
        at: event.at,
        // Lines of before people signed in name their crew.
        by: event.origin?.by ?? event.crewId,
        what: 'ticked',
        of: [event.kind, ...event.subjects.slice(0, 3)],
      })),
  }
}

export type LogTable = ReturnType<typeof logTable>
