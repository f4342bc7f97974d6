import type { PublishedPlan } from '@crisp-hem/core'
import { withHands } from '@crisp-hem/core/wire'
import { atOnce, type Database } from './open'

/** Plans that people work by, each under its number. */
export function publishedTable(db: Database) {
  const sql = {
    latest: db.prepare<[jobId: string], { body: string }>(`
      SELECT body FROM published WHERE job_id = ? ORDER BY number DESC LIMIT 1`),
    all: db.prepare<[jobId: string], { body: string }>(`
      SELECT body FROM published WHERE job_id = ? ORDER BY number DESC`),
    insert: db.prepare<[{ job_id: string; number: number; at: string; body: string }]>(`
      INSERT INTO published (job_id, number, at, body) VALUES (@job_id, @number, @at, @body)`),
  }
  const latest = (jobId: string): PublishedPlan | null => {
    const row = sql.latest.get(jobId)
    return row ? planFrom(row.body) : null
  }
  const insert = (jobId: string, plan: PublishedPlan): void => {
    sql.insert.run({ job_id: jobId, number: plan.number, at: plan.at, body: JSON.stringify(plan) })
  }
  return {
    /** The plan people work by now, or null. */
    latest,
    /** All plans that ever were, the latest first. */
    all: (jobId: string): PublishedPlan[] => sql.all.all(jobId).map(({ body }) => planFrom(body)),
    /** Adds a plan as it is; for whole jobs that bring theirs along. */
    insert,
    /**
     * Publishes what `make` makes of the plan that stands, under the next number, unless another was published since
     * `basedOn`. Returns the new plan, or the number that is in the way.
     */
    publish: atOnce(
      db,
      (
        jobId: string,
        basedOn: number | null,
        make: (standing: PublishedPlan | null) => PublishedPlan,
      ): { plan: PublishedPlan } | { meanwhile: number } => {
        const standing = latest(jobId)
        if ((standing?.number ?? null) !== basedOn) return { meanwhile: standing?.number ?? 0 }
        const plan = make(standing)
        insert(jobId, plan)
        return { plan }
      },
    ),
  }
}

export type PublishedTable = ReturnType<typeof publishedTable>

const planFrom = (body: string): PublishedPlan => withHands({ ...(JSON.parse(body) as PublishedPlan) })
