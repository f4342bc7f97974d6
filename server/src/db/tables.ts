import { epochTable, type EpochTable } from './epoch'
import { contractorTable, type ContractorTable } from './contractor'
import { messageTable, type MessageTable } from './messages'
import { jobTable, type JobTable } from './jobs'
import { logTable, type LogTable } from './logEvents'
import { editTable, type EditTable } from './edits'
import { peopleTable, type PeopleTable } from './people'
import type { Database } from './open'
import { publishedTable, type PublishedTable } from './published'

/** All tables on one connection. */
export interface Tables {
  readonly jobs: JobTable
  readonly log: LogTable
  readonly contractor: ContractorTable
  readonly published: PublishedTable
  readonly messages: MessageTable
  readonly edits: EditTable
  readonly people: PeopleTable
  readonly epoch: EpochTable
  /** Several writes at once, with the reads they rest on. */
  readonly together: <R>(act: () => R) => R
  /** Several reads of one state; holds no writer up. */
  readonly asOne: <R>(act: () => R) => R
}

export function tablesOf(db: Database): Tables {
  const log = logTable(db)
  const messages = messageTable(db)
  const published = publishedTable(db)
  const together = <R>(act: () => R): R => (db.inTransaction ? act() : db.transaction(act).immediate())
  const asOne = <R>(act: () => R): R => (db.inTransaction ? act() : db.transaction(act).deferred())
  return {
    jobs: jobTable(db, log, published),
    log,
    contractor: contractorTable(db),
    published,
    messages,
    edits: editTable(db),
    people: peopleTable(db),
    epoch: epochTable(db),
    together,
    asOne,
  }
}
