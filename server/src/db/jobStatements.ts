import type { Database } from './open'

/** A job as it is stored: what lists show in columns, the rest of its facts as JSON. */
export interface JobRow {
  readonly id: string
  readonly name: string
  readonly place: string
  readonly zone: string
  readonly revision: number
  readonly changed_at: string
  readonly details: string
  readonly format: number
}

/** The SQL of jobs and their rooms, prepared once. */
export function jobStatements(db: Database) {
  return {
    list: db.prepare<[], JobRow & { rooms: number }>(`
      SELECT job.*, (SELECT COUNT(*) FROM room WHERE room.job_id = job.id) AS rooms
      FROM job
      WHERE deleted_at IS NULL
      ORDER BY changed_at DESC, id`),
    one: db.prepare<[id: string], JobRow>(`
      SELECT id, name, place, zone, revision, changed_at, details, format FROM job WHERE id = ? AND deleted_at IS NULL`),
    any: db.prepare<[id: string], { deleted_at: string | null }>(`
      SELECT deleted_at FROM job WHERE id = ?`),
    rooms: db.prepare<[jobId: string], { body: string }>(`
      SELECT body FROM room WHERE job_id = ? ORDER BY position`),
    insert: db.prepare<[Omit<JobRow, 'revision'>]>(`
      INSERT INTO job (id, name, place, zone, revision, changed_at, details, format)
      VALUES (@id, @name, @place, @zone, 1, @changed_at, @details, @format)`),
    update: db.prepare<[Omit<JobRow, 'revision'>], { revision: number }>(`
      UPDATE job
      SET name = @name, place = @place, zone = @zone, revision = revision + 1, changed_at = @changed_at, details = @details,
        format = @format
      WHERE id = @id
      RETURNING revision`),
    upsertRoom: db.prepare<[{ job_id: string; id: string; position: number; name: string; body: string }]>(`
      INSERT INTO room (job_id, id, position, name, body)
      VALUES (@job_id, @id, @position, @name, @body)
      ON CONFLICT (job_id, id) DO UPDATE SET position = @position, name = @name, body = @body
      WHERE body <> @body OR position <> @position`),
    roomIds: db.prepare<[jobId: string], { id: string }>(`
      SELECT id FROM room WHERE job_id = ?`),
    dropRoom: db.prepare<[jobId: string, id: string]>(`
      DELETE FROM room WHERE job_id = ? AND id = ?`),
    markDeleted: db.prepare<[at: string, id: string]>(`
      UPDATE job SET deleted_at = ? WHERE id = ? AND deleted_at IS NULL`),
    restore: db.prepare<[id: string]>(`
      UPDATE job SET deleted_at = NULL WHERE id = ? AND deleted_at IS NOT NULL`),
    purge: db.prepare<[id: string]>(`
      DELETE FROM job WHERE id = ? AND deleted_at IS NOT NULL`),
  }
}
