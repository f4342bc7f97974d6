import type { FastifyPluginAsync } from 'fastify'
import { eventBatchSchema, shapeFaults } from '@crisp-hem/core/wire'
import type { LogEvent } from '@crisp-hem/core'
import type { JobTable } from '../db/jobs'
import type { LogTable } from '../db/logEvents'
import { refuseFaults, ServerError } from '../errors'

/** POST /jobs/:jobId/log — events from a device; sending some twice changes nothing. */
export const logRoutes: FastifyPluginAsync<{ jobs: JobTable; log: LogTable }> = async (app, { jobs, log }) => {
  app.get<{ Params: { jobId: string } }>('/jobs/:jobId/log', async ({ params }) => {
    if (!jobs.has(params.jobId)) throw new ServerError('job.not_found', { job: params.jobId })
    return { events: log.read(params.jobId) }
  })
  app.post<{ Params: { jobId: string } }>('/jobs/:jobId/log', async ({ params, body }, reply) => {
    refuseFaults(shapeFaults(eventBatchSchema, body))
    if (!jobs.has(params.jobId)) throw new ServerError('job.not_found', { job: params.jobId })
    const taken = log.append(params.jobId, (body as { events: LogEvent[] }).events)
    return reply.code(201).send({ taken })
  })
}
