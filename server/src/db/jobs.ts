import { JOB_VERSION, type Job } from '@crisp-hem/core'
import type { JobFacts, JobSummary } from '@crisp-hem/core/wire'
import type { LogTable } from './logEvents'
import { jobStatements, type JobRow } from './jobStatements'
import { atOnce, type Database } from './open'
import type { PublishedTable } from './published'

/** What a job brings along: its log, and the plan people work by. */
type Happened = Pick<Job, 'log' | 'published'>
export const NOTHING_HAPPENED: Happened = { log: [], published: null }

/** What a save came to: the new revision, or the one that is in the way. */
type SaveResult = { readonly saved: number } | { readonly conflict: number } | { readonly missing: true }

/** Jobs and their rooms. Rows stay inside; callers see job facts. */
export function jobTable(
  db: Database,
  log: Pick<LogTable, 'appendAsTheyAre'>,
  published: Pick<PublishedTable, 'insert'>,
) {
  const sql = jobStatements(db)

  function writeRooms(facts: JobFacts): void {
    const kept = new Set(facts.rooms.map((room) => room.id))
    for (const { id } of sql.roomIds.all(facts.id)) if (!kept.has(id)) sql.dropRoom.run(facts.id, id)
    facts.rooms.forEach((room, position) =>
      sql.upsertRoom.run({ job_id: facts.id, id: room.id, position, name: room.name, body: JSON.stringify(room) }),
    )
  }

  return {
    list: (): JobSummary[] =>
      sql.list.all().map((row) => ({
        id: row.id,
        name: row.name,
        place: row.place,
        zone: row.zone,
        rooms: row.rooms,
        revision: row.revision,
        changedAt: row.changed_at,
      })),

    /** Whether a job is here and not deleted. */
    has: (id: string): boolean => sql.any.get(id)?.deleted_at === null,

    /** The revision of a job that is not deleted, or null. */
    revision: (id: string): number | null => sql.one.get(id)?.revision ?? null,

    /**
     * The facts of a job that is not deleted as JSON text in pieces, put together from what is stored without being
     * read: a large job is sent as fast as a small one. Null when there is none.
     */
    text(id: string): { facts: string[]; revision: number } | null {
      const row = sql.one.get(id)
      if (!row) return null
      const head = { format: 'crisp-hem/job', version: JOB_VERSION, id: row.id, name: row.name }
      const rooms = sql.rooms.all(id).map(({ body }, i) => (i === 0 ? body : `,${body}`))
      const open = `${JSON.stringify(head).slice(0, -1)},${row.details.slice(1, -1)},"rooms":[`
      return { facts: [open, ...rooms, ']}'], revision: row.revision }
    },

    /** Facts and revision of a job that is not deleted, or null. */
    read(id: string): { facts: JobFacts; revision: number } | null {
      const row = sql.one.get(id)
      if (!row) return null
      const rooms = sql.rooms.all(id).map(({ body }) => JSON.parse(body) as JobFacts['rooms'][number])
      return { facts: factsOf(row, rooms), revision: row.revision }
    },

    /**
     * Adds a job with what happened to it, all or nothing; a deleted one with the same id makes way. False when the id
     * is in use.
     */
    add: atOnce(db, (facts: JobFacts, happened: Happened, now: string): boolean => {
      const present = sql.any.get(facts.id)
      if (present && present.deleted_at === null) return false
      if (present) sql.purge.run(facts.id)
      sql.insert.run(rowOf(facts, now))
      writeRooms(facts)
      if (happened.log.length > 0) log.appendAsTheyAre(facts.id, happened.log)
      if (happened.published) published.insert(facts.id, happened.published)
      return true
    }),

    /** Replaces a job's facts if nobody else changed them since `revision`. */
    save: atOnce(db, (facts: JobFacts, revision: number, now: string): SaveResult => {
      const row = sql.one.get(facts.id)
      if (!row) return { missing: true }
      if (row.revision !== revision) return { conflict: row.revision }
      const saved = sql.update.get(rowOf(facts, now))!
      writeRooms(facts)
      return { saved: saved.revision }
    }),

    /** Hides a job until it is restored or its id is used again. False when there is none. */
    remove: (id: string, now: string): boolean => sql.markDeleted.run(now, id).changes === 1,
    restore: (id: string): boolean => sql.restore.run(id).changes === 1,
  }
}

export type JobTable = ReturnType<typeof jobTable>

function rowOf(facts: JobFacts, now: string): Omit<JobRow, 'revision'> {
  const { id, name, site, start, air, house, crews, shelf, kit, planning, quotes, trials } = facts
  return {
    id,
    name,
    place: site.place,
    zone: site.zone,
    changed_at: now,
    format: JOB_VERSION,
    details: JSON.stringify({ site, start, air, house, crews, shelf, kit, planning, quotes, trials }),
  }
}

function factsOf(row: JobRow, rooms: JobFacts['rooms']): JobFacts {
  const details = JSON.parse(row.details) as Pick<
    JobFacts,
    'site' | 'start' | 'air' | 'house' | 'crews' | 'shelf' | 'kit' | 'planning' | 'quotes' | 'trials'
  >
  return { format: 'crisp-hem/job', version: JOB_VERSION, id: row.id, name: row.name, ...details, rooms }
}
