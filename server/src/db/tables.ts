import { contractorTable, type ContractorTable } from './contractor'
import { messageTable, type MessageTable } from './messages'
import { jobTable, type JobTable } from './jobs'
import { logTable, type LogTable } from './logEvents'
import type { Database } from './open'
import { publishedTable, type PublishedTable } from './published'

/** All tables on one connection. */
export interface Tables {
  readonly jobs: JobTable
  readonly log: LogTable
  readonly contractor: ContractorTable
  readonly published: PublishedTable
  readonly messages: MessageTable
}

export function tablesOf(db: Database): Tables {
  const log = logTable(db)
  const messages = messageTable(db)
  const published = publishedTable(db)
  return { jobs: jobTable(db, log, published), log, contractor: contractorTable(db), published, messages }
}
