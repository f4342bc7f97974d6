import type { FastifyPluginAsync } from 'fastify'
import { contractorFaults, type ContractorAnswer } from '@crisp-hem/core/wire'
import type { ContractorTable } from '../db/contractor'
import { refuseFaults } from '../errors'

/** The contractor's own house rules and shelf: what new jobs begin with. GET answers null before anything was kept. */
export const contractorRoutes: FastifyPluginAsync<{ contractor: ContractorTable; now: () => string }> = async (
  app,
  { contractor, now },
) => {
  app.get('/contractor', async (_request, reply) =>
    reply.header('content-type', 'application/json; charset=utf-8').send(JSON.stringify(contractor.read())),
  )
  app.put('/contractor', async ({ body }) => {
    refuseFaults(contractorFaults(body))
    contractor.keep(body as ContractorAnswer, now())
    return contractor.read()
  })
}
