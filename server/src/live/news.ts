import { isPriceField } from '@crisp-hem/core'
import type { JobMarks, JobNews, Role } from '@crisp-hem/core/wire'
import type { Tables } from '../db/tables'
import { ServerError } from '../errors'

interface NewsSetup {
  readonly tables: Tables
  readonly jobId: string
  readonly since: JobMarks
  readonly plan: number
  readonly role: Role
}

/** What is new in a job since some marks, for somebody of a role. @throws ServerError job.not_found */
export function newsOf({ tables, jobId, since, plan, role }: NewsSetup): JobNews {
  const { jobs, log, edits, published, epoch } = tables
  return tables.asOne(() => {
    const revision = jobs.revision(jobId)
    if (revision === null) throw new ServerError('job.not_found', { job: jobId })
    const taken = edits.since(jobId, since.edit)
    const latest = published.latest(jobId)
    // Prices are told in hours of work there: one moved number moves all.
    const anew = role === 'painter' && taken.some(({ changes }) => hasMoney(changes))
    return {
      marks: { log: log.marks(jobId), edit: edits.marks(jobId) },
      epoch: epoch.read(),
      revision,
      log: log.since(jobId, since.log),
      edits: anew ? [] : taken,
      published: latest && latest.number > plan ? latest : null,
      anew,
    }
  })
}

/** Whether money stands anywhere in it, or its path leads to some. */
function hasMoney(data: unknown): boolean {
  if (typeof data === 'string') return isPriceField(data)
  if (Array.isArray(data)) return data.some(hasMoney)
  if (typeof data !== 'object' || data === null) return false
  return Object.entries(data).some(([name, value]) => isPriceField(name) || hasMoney(value))
}
