import type { FastifyPluginAsync } from 'fastify'
import type { Tables } from '../db/tables'
import { ServerError } from '../errors'
import type { HeavyDesk } from '../heavy/desk'
import { bytes } from './jobs'

export interface LogRoutesOptions {
  readonly tables: Tables
  readonly heavy: HeavyDesk
  readonly now: () => string
}

/** POST /jobs/:jobId/log — events from a device; sending some twice changes nothing. */
export const logRoutes: FastifyPluginAsync<LogRoutesOptions> = async (app, { tables, heavy, now }) => {
  app.get<{ Params: { jobId: string } }>('/jobs/:jobId/log', async ({ params }) => {
    if (!tables.jobs.has(params.jobId)) throw new ServerError('job.not_found', { job: params.jobId })
    return { events: tables.log.read(params.jobId) }
  })
  app.post<{ Params: { jobId: string }; Body: Uint8Array }>('/jobs/:jobId/log', async ({ params, body }, reply) =>
    reply.code(201).send(await heavy.run('append', bytes(body), { jobId: params.jobId, now: now() })),
  )
}
