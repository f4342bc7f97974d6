import type { CrewMessage, PublishedPlan, Said } from '@crisp-hem/core'
import type { MessageAnswer, MessageState } from '@crisp-hem/core/wire'
import type { Database } from './open'

/** A message on its way: what it is called everywhere, and what it says. */
export interface OutMessage {
  readonly jobId: string
  readonly number: number
  readonly crewId: string
  readonly lines: readonly Said[]
}

interface Row {
  readonly job_id: string
  readonly number: number
  readonly crew_id: string
  readonly at: string
  readonly body: string
  readonly state: MessageState
  readonly tries: number
  readonly told_at: string | null
}

/** Messages to crews, one for each plan and crew it touches. */
export function messageTable(db: Database) {
  const sql = {
    add: db.prepare<[Pick<Row, 'job_id' | 'number' | 'crew_id' | 'at' | 'body'>]>(`
      INSERT INTO message (job_id, number, crew_id, at, body) VALUES (@job_id, @number, @crew_id, @at, @body)`),
    of: db.prepare<[jobId: string], Row>('SELECT * FROM message WHERE job_id = ? ORDER BY number DESC, crew_id'),
    next: db.prepare<[most: number], Row>(`
      SELECT * FROM message WHERE state = 'waiting' OR (state = 'failed' AND tries < ?)
      ORDER BY tries, at, number, crew_id LIMIT 1`),
    begin: db.prepare<[Pick<Row, 'job_id' | 'number' | 'crew_id'>]>(`
      UPDATE message SET state = 'sending', tries = tries + 1
      WHERE job_id = @job_id AND number = @number AND crew_id = @crew_id`),
    end: db.prepare<[Pick<Row, 'job_id' | 'number' | 'crew_id' | 'state' | 'told_at'>]>(`
      UPDATE message SET state = @state, told_at = @told_at
      WHERE job_id = @job_id AND number = @number AND crew_id = @crew_id`),
    unsure: db.prepare("UPDATE message SET state = 'unsure' WHERE state = 'sending'"),
  }
  return {
    /** Puts down what crews are to be told of a plan. */
    add(jobId: string, plan: PublishedPlan, messages: readonly CrewMessage[]): void {
      for (const { crewId, lines } of messages)
        sql.add.run({ job_id: jobId, number: plan.number, crew_id: crewId, at: plan.at, body: JSON.stringify(lines) })
    },
    /** All messages of a job, the latest plan first. */
    of: (jobId: string): MessageAnswer[] =>
      sql.of.all(jobId).map(({ number, crew_id, at, body, state, told_at }) => ({
        number,
        crewId: crew_id,
        at,
        lines: JSON.parse(body) as Said[],
        state,
        toldAt: told_at,
      })),
    /** The next one to send, marked as on its way before it goes; null when there is none. */
    take(mostTries: number): OutMessage | null {
      const row = sql.next.get(mostTries)
      if (!row) return null
      sql.begin.run({ job_id: row.job_id, number: row.number, crew_id: row.crew_id })
      return { jobId: row.job_id, number: row.number, crewId: row.crew_id, lines: JSON.parse(row.body) as Said[] }
    },
    /** Writes down how it went. */
    told({ jobId, number, crewId }: OutMessage, state: 'sent' | 'failed', at: string): void {
      sql.end.run({ job_id: jobId, number, crew_id: crewId, state, told_at: at })
    },
    /** Those that were on their way when the server ended: nobody knows whether they arrived, and none is sent twice. */
    leaveUnsure: (): number => sql.unsure.run().changes,
  }
}

export type MessageTable = ReturnType<typeof messageTable>
