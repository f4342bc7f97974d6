import { formatInstant, parseInstant, type Job } from '@crisp-hem/core'
import type { Database } from './db/open'
import { tablesOf } from './db/tables'

const SEEDED_AT = '2027-05-11T06:00:00Z'

/** Puts made-up jobs into an empty database; one that has jobs, or had them, is left alone. */
export function seedOnce(db: Database, jobs: readonly Job[]): void {
  const any = db.prepare<[], { found: number }>('SELECT EXISTS (SELECT 1 FROM job) AS found').get()
  if (any?.found) return
  const { jobs: table } = tablesOf(db)
  db.transaction(() => {
    jobs.forEach(({ log, published, ...facts }, i) =>
      // The first is listed first: lists begin with what changed last.
      table.add(facts, { log, published }, formatInstant(parseInstant(SEEDED_AT) - i)),
    )
  })()
}
