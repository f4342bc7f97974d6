import type { LogEvent } from '@crisp-hem/core'
import { atOnce, type Database } from './open'

/** The append-only log of each job. */
export function logTable(db: Database) {
  const sql = {
    all: db.prepare<[jobId: string], { body: string }>(`
      SELECT body FROM log_event WHERE job_id = ? ORDER BY seq`),
    last: db.prepare<[jobId: string], { seq: number }>(`
      SELECT COALESCE(MAX(seq), 0) AS seq FROM log_event WHERE job_id = ?`),
    insert: db.prepare<
      [{ job_id: string; id: string; seq: number; kind: string; at: string; crew_id: string | null; body: string }]
    >(`
      INSERT INTO log_event (job_id, id, seq, kind, at, crew_id, body)
      VALUES (@job_id, @id, @seq, @kind, @at, @crew_id, @body)
      ON CONFLICT (job_id, id) DO NOTHING`),
  }
  return {
    read: (jobId: string): LogEvent[] => sql.all.all(jobId).map(({ body }) => JSON.parse(body) as LogEvent),

    /** The log of a job as JSON text in pieces, as it is stored. */
    text: (jobId: string): string[] => sql.all.all(jobId).map(({ body }, i) => (i === 0 ? body : `,${body}`)),

    /** Adds events in one transaction. One that is there already changes nothing. Returns how many were new. */
    append: atOnce(db, (jobId: string, events: readonly LogEvent[]): number => {
      let seq = sql.last.get(jobId)!.seq
      let fresh = 0
      for (const event of events) {
        const { id, kind, at, crewId } = event
        const { changes } = sql.insert.run({
          job_id: jobId,
          id,
          seq: seq + 1,
          kind,
          at,
          crew_id: crewId,
          body: JSON.stringify(event),
        })
        seq += changes
        fresh += changes
      }
      return fresh
    }),
  }
}

export type LogTable = ReturnType<typeof logTable>
