import type { FastifyPluginAsync } from 'fastify'
import {
  exact,
  factsFaults,
  id,
  jobFaults,
  readJobFile,
  shapeFaults,
  text,
  wholeNumber,
  writeJobFile,
  type JobFacts,
} from '@crisp-hem/core/wire'
import type { Job } from '@crisp-hem/core'
import type { JobTable } from '../db/jobs'
import type { LogTable } from '../db/logEvents'
import { refuseFaults, ServerError } from '../errors'

export interface JobRoutesOptions {
  readonly jobs: JobTable
  readonly log: LogTable
  /** The clock, passed in so that tests can set it. */
  readonly now: () => string
}

type OneJob = { Params: { jobId: string } }
const copySchema = exact({ id: id(), name: text() })
const saveSchema = exact({ revision: wholeNumber(1, Number.MAX_SAFE_INTEGER) })

/** Jobs: list, create, read, save, copy, delete and restore, export and import. */
export const jobRoutes: FastifyPluginAsync<JobRoutesOptions> = async (app, { jobs, log, now }) => {
  const readOr404 = (jobId: string) => {
    const found = jobs.read(jobId)
    if (!found) throw new ServerError('job.not_found', { job: jobId })
    return found
  }
  const add = (facts: JobFacts) => {
    if (!jobs.add(facts, now())) throw new ServerError('job.exists', { job: facts.id })
  }

  app.get('/jobs', async () => jobs.list())

  app.post('/jobs', async (request, reply) => {
    refuseFaults(factsFaults(request.body))
    add(request.body as JobFacts)
    return reply.code(201).send({ revision: 1 })
  })

  app.get<OneJob>('/jobs/:jobId', async ({ params }) => ({ ...readOr404(params.jobId), log: log.read(params.jobId) }))

  app.put<OneJob>('/jobs/:jobId', async ({ params, body }) => {
    const { facts, ...rest } = (body ?? {}) as { facts?: JobFacts; revision?: number }
    refuseFaults(shapeFaults(saveSchema, rest))
    refuseFaults(factsFaults(facts))
    if (facts!.id !== params.jobId)
      throw new ServerError('job.id_differs', { address: params.jobId, content: facts!.id })
    const result = jobs.save(facts!, rest.revision!, now())
    if ('missing' in result) throw new ServerError('job.not_found', { job: params.jobId })
    if ('conflict' in result)
      throw new ServerError('job.changed_meanwhile', { now: result.conflict, yours: rest.revision! })
    return { revision: result.saved }
  })

  app.delete<OneJob>('/jobs/:jobId', async ({ params }, reply) => {
    if (!jobs.remove(params.jobId, now())) throw new ServerError('job.not_found', { job: params.jobId })
    return reply.code(204).send()
  })

  app.post<OneJob>('/jobs/:jobId/restore', async ({ params }) => {
    if (!jobs.restore(params.jobId)) throw new ServerError('job.not_found', { job: params.jobId })
    return { revision: readOr404(params.jobId).revision }
  })

  /** A copy has the survey, not the log: what happened, happened on the other job. */
  app.post<OneJob>('/jobs/:jobId/copy', async ({ params, body }, reply) => {
    refuseFaults(shapeFaults(copySchema, body))
    const { id: copyId, name } = body as { id: string; name: string }
    add({ ...readOr404(params.jobId).facts, id: copyId, name })
    return reply.code(201).send({ revision: 1 })
  })

  app.get<OneJob>('/jobs/:jobId/file', async ({ params }, reply) => {
    const { facts } = readOr404(params.jobId)
    const file = writeJobFile({ ...facts, log: log.read(params.jobId) })
    return reply
      .header('content-type', 'application/json; charset=utf-8')
      .header('content-disposition', `attachment; filename="${facts.id}.hem.json"`)
      .send(file)
  })

  /** Takes a job file's text. With `?as=ID` it becomes a job of its own with that id. */
  app.post<{ Querystring: { as?: string } }>('/jobs/import', async ({ body, query }, reply) => {
    const job = importedJob(body, query.as)
    const { log: events, ...facts } = job
    add(facts)
    log.append(facts.id, events)
    return reply.code(201).send({ id: facts.id, name: facts.name })
  })
}

function importedJob(body: unknown, as: string | undefined): Job {
  if (typeof body !== 'string') throw new ServerError('request.unreadable', { detail: 'send the file as text/plain' })
  const job = readJobFile(body)
  if (as === undefined) return job
  const copy = { ...job, id: as }
  refuseFaults(jobFaults(copy))
  return copy
}
