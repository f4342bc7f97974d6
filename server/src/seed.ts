import type { Job } from '@crisp-hem/core'
import { jobTable } from './db/jobs'
import { logTable } from './db/logEvents'
import type { Database } from './db/open'

/** Puts made-up jobs into an empty database; one that has jobs, or had them, is left alone. */
export function seedOnce(db: Database, jobs: readonly Job[]): void {
  const any = db.prepare<[], { found: number }>('SELECT EXISTS (SELECT 1 FROM job) AS found').get()!
  if (any.found) return
  const table = jobTable(db)
  const log = logTable(db)
  db.transaction(() => {
    for (const { log: events, ...facts } of jobs) {
      // Listed newest first, so each counts as changed when its work starts.
      table.add(facts, facts.start)
      log.append(facts.id, events)
    }
  })()
}
