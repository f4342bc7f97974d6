import {
  applyEdits,
  boundedClock,
  expects,
  fieldOf,
  isTooFarAhead,
  nextClock,
  valueAt,
  type Edit,
  type FactChange,
  type Fault,
} from '@crisp-hem/core'
import { editFaults, type HistoryLine, type JobFacts, type MissedChange, type TakenEdit } from '@crisp-hem/core/wire'
import type { Database } from './open'

interface Row {
  readonly job_id: string
  readonly id: string
  readonly seq: number
  readonly revision: number
  readonly clock: string
  readonly device: string
  readonly by: string | null
  readonly at: string
  readonly body: string
}

/** What makes a job this job: no edit changes it. */
const FIXED: ReadonlySet<string> = new Set(['id', 'format', 'version'])

/** What became of one edit: the facts after it, what of it does not stand, or why all of it is refused. */
type EditOutcome =
  | { readonly facts: JobFacts; readonly stands: readonly FactChange[]; readonly missed: readonly MissedChange[] }
  | { readonly fault: Fault }
  | 'known'

const statements = (db: Database) => ({
  has: db.prepare<[jobId: string, id: string], { id: string }>('SELECT id FROM edit WHERE job_id = ? AND id = ?'),
  last: db.prepare<[jobId: string], { seq: number }>('SELECT COALESCE(MAX(seq), 0) AS seq FROM edit WHERE job_id = ?'),
  lastClock: db.prepare<[jobId: string], { clock: string | null }>(
    'SELECT MAX(clock) AS clock FROM edit WHERE job_id = ?',
  ),
  since: db.prepare<[jobId: string, seq: number], Row>('SELECT * FROM edit WHERE job_id = ? AND seq > ? ORDER BY seq'),
  latest: db.prepare<[jobId: string, most: number], Row>(
    'SELECT * FROM edit WHERE job_id = ? ORDER BY seq DESC LIMIT ?',
  ),
  field: db.prepare<[jobId: string, field: string], { clock: string; by: string | null }>(
    'SELECT clock, by FROM field_clock WHERE job_id = ? AND field = ?',
  ),
  keepField: db.prepare<[{ job_id: string; field: string; clock: string; by: string | null }]>(`
    INSERT INTO field_clock (job_id, field, clock, by) VALUES (@job_id, @field, @clock, @by)
    ON CONFLICT (job_id, field) DO UPDATE SET clock = @clock, by = @by`),
  clocks: db.prepare<[], { job_id: string; field: string; clock: string }>(
    'SELECT job_id, field, clock FROM field_clock',
  ),
  setClock: db.prepare<[{ job_id: string; field: string; clock: string }]>(
    'UPDATE field_clock SET clock = @clock WHERE job_id = @job_id AND field = @field',
  ),
  editClocks: db.prepare<[], { job_id: string; id: string; clock: string }>('SELECT job_id, id, clock FROM edit'),
  setEditClock: db.prepare<[{ job_id: string; id: string; clock: string }]>(
    'UPDATE edit SET clock = @clock WHERE job_id = @job_id AND id = @id',
  ),
  insert: db.prepare<[Row]>(`
    INSERT INTO edit (job_id, id, seq, revision, clock, device, by, at, body)
    VALUES (@job_id, @id, @seq, @revision, @clock, @device, @by, @at, @body)`),
})

/** Edits of jobs in the order they arrived, and the latest clock of each field. */
export function editTable(db: Database) {
  const sql = statements(db)
  const marks = (jobId: string): number => sql.last.get(jobId)!.seq

  /** Whether a change comes to stand, and if not why. */
  function missedOf(facts: JobFacts, edit: Edit, change: FactChange): MissedChange | null {
    const missed = (why: MissedChange['why'], by: string | null): MissedChange => ({
      editId: edit.id,
      change,
      why,
      now: valueAt(facts, change.path) ?? null,
      by,
    })
    const last = sql.field.get(facts.id, fieldOf(change))
    if (last && last.clock > edit.clock) return missed('later', last.by)
    const parent = valueAt(facts, change.path.slice(0, -1))
    return parent === undefined && change.act !== 'drop' ? missed('gone', null) : null
  }

  return {
    marks,
    /** An edit with its clock as it may be kept: none is from further ahead than the office's own time allows. */
    bounded: (jobId: string, edit: Edit, wallMs: number): Edit => ({
      ...edit,
      clock: boundedClock(edit.clock, sql.lastClock.get(jobId)?.clock ?? null, wallMs),
    }),
    /** Puts back what was stored before clocks were bounded. Returns how many fields had been ruled from ahead. */
    heal(wallMs: number): number {
      const bad = sql.clocks.all().filter(({ clock }) => isTooFarAhead(clock, wallMs))
      for (const { clock, ...field } of bad) sql.setClock.run({ ...field, clock: boundedClock(clock, null, wallMs) })
      for (const { clock, ...edit } of sql.editClocks.all())
        if (isTooFarAhead(clock, wallMs)) sql.setEditClock.run({ ...edit, clock: boundedClock(clock, null, wallMs) })
      return bad.length
    },
    /** Works out what an edit comes to; writes nothing. */
    judge(facts: JobFacts, edit: Edit): EditOutcome {
      if (sql.has.get(facts.id, edit.id)) return 'known'
      const missed = edit.changes.flatMap((change) => missedOf(facts, edit, change) ?? [])
      const stands = edit.changes.filter((change) => !missed.some((each) => each.change === change))
      const fixed = edit.changes.find(({ path }) => FIXED.has(path[0] ?? ''))
      if (fixed) return { fault: { place: 'changes', expected: expects('no_field', { field: fixed.path[0] ?? '' }) } }
      const after = applyEdits(facts, stands)
      const [fault] = editFaults(facts, after)
      return fault ? { fault } : { facts: after, stands, missed }
    },
    /** Writes down what of an edit stands. */
    keep(
      jobId: string,
      { id, clock }: Pick<Edit, 'id' | 'clock'>,
      stands: readonly FactChange[],
      from: Pick<Row, 'revision' | 'device' | 'by' | 'at'>,
    ): void {
      for (const change of stands) sql.keepField.run({ job_id: jobId, field: fieldOf(change), clock, by: from.by })
      sql.insert.run({ job_id: jobId, id, seq: marks(jobId) + 1, clock, ...from, body: JSON.stringify(stands) })
    },
    /** A clock behind all edits of a job, for what is changed here. */
    nextClock: (jobId: string, wallMs: number): string =>
      nextClock(sql.lastClock.get(jobId)?.clock ?? null, wallMs, 'server'),
    since: (jobId: string, seq: number): TakenEdit[] => sql.since.all(jobId, seq).map(takenOf),
    /** The latest edits as lines of a history. */
    history: (jobId: string, most: number): HistoryLine[] =>
      sql.latest.all(jobId, most).map((row) => ({
        at: row.at,
        by: row.by,
        what: 'edited',
        of: (JSON.parse(row.body) as FactChange[]).map(({ path }) => path.join(' / ')),
      })),
  }
}

export type EditTable = ReturnType<typeof editTable>

const takenOf = ({ id, device, by, at, body }: Row): TakenEdit => ({
  id,
  device,
  by,
  at,
  changes: JSON.parse(body) as FactChange[],
})
