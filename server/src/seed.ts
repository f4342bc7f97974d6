import { formatInstant, parseInstant, type Job } from '@crisp-hem/core'
import { jobTable } from './db/jobs'
import { logTable } from './db/logEvents'
import type { Database } from './db/open'

const SEEDED_AT = '2027-05-11T06:00:00Z'

/** Puts made-up jobs into an empty database; one that has jobs, or had them, is left alone. */
export function seedOnce(db: Database, jobs: readonly Job[]): void {
  const any = db.prepare<[], { found: number }>('SELECT EXISTS (SELECT 1 FROM job) AS found').get()!
  if (any.found) return
  const table = jobTable(db)
  const log = logTable(db)
  db.transaction(() => {
    for (const { log: events, ...facts } of jobs) {
      // The first is listed first: lists begin with what changed last.
      table.add(facts, formatInstant(parseInstant(SEEDED_AT) - jobs.findIndex((job) => job.id === facts.id)))
      log.append(facts.id, events)
    }
  })()
}
