import type { FastifyPluginAsync } from 'fastify'
import type { ContractorTable } from '../db/contractor'
import type { HeavyWork } from '../heavy/heavyWork'
import { forRoles, LEADS, OFFICE } from '../people/access'
import { bytes } from './jobs'

interface ContractorRoutesOptions {
  readonly contractor: ContractorTable
  readonly heavy: HeavyWork
  readonly now: () => string
}

/** The contractor's own house rules and shelf: what new jobs begin with. GET answers null before anything was kept. */
export const contractorRoutes: FastifyPluginAsync<ContractorRoutesOptions> = async (app, options) => {
  const { contractor, heavy, now } = options
  app.get('/contractor', forRoles(LEADS), async (_request, reply) =>
    reply.header('content-type', 'application/json; charset=utf-8').send(JSON.stringify(contractor.read())),
  )
  app.put<{ Body: Uint8Array }>('/contractor', forRoles(OFFICE), async ({ body }) =>
    heavy.run('keep', bytes(body), { now: now() }),
  )
}
