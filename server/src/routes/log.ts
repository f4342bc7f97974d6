import type { FastifyPluginAsync } from 'fastify'
import type { Tables } from '../db/tables'
import { ServerError } from '../errors'
import { gatherer } from '../heavy/gather'
import type { HeavyWork } from '../heavy/heavyWork'
import type { Hub } from '../live/hub'
import { ALL, forRoles } from '../people/access'
import { bytes, nameOf } from './jobs'

/** What no clock has ever shown tells nothing of one: clocks that lost their time show 1970, or some day since. */
const isTime = (text: unknown): text is string => {
  const ms = typeof text === 'string' ? Date.parse(text) : Number.NaN
  return ms >= 0 && ms < Date.UTC(2100, 0)
}

interface LogRoutesOptions {
  readonly tables: Tables
  readonly heavy: HeavyWork
  readonly now: () => string
  readonly hub: Hub
}

/** GET and POST /jobs/:jobId/log — lines from a device, and those behind a mark; sending some twice changes nothing. */
export const logRoutes: FastifyPluginAsync<LogRoutesOptions> = async (app, { tables, heavy, now, hub }) => {
  const take = gatherer(heavy)
  app.get<{ Params: { jobId: string }; Querystring: { since?: string } }>(
    '/jobs/:jobId/log',
    forRoles(ALL),
    async ({ params, query }) => {
      if (!tables.jobs.has(params.jobId)) throw new ServerError('job.not_found', { job: params.jobId })
      return {
        events: tables.log.since(params.jobId, Number(query.since ?? 0) || 0),
        marks: { log: tables.log.marks(params.jobId), edit: tables.edits.marks(params.jobId) },
      }
    },
  )
  app.post<{ Params: { jobId: string }; Body: Uint8Array; Querystring: { again?: string } }>(
    '/jobs/:jobId/log',
    // Ticks are most of what comes, and their answers are of some bytes: nothing is packed, and of headers only what such an answer needs.
    { ...forRoles(ALL), helmet: false, compress: false },
    async (request, reply) => {
      const { jobId } = request.params
      const sentAt = request.headers['x-sent-at']
      const answer = await take({
        body: bytes(request.body),
        facts: {
          jobId,
          now: now(),
          by: nameOf(request.who),
          // Lines that a copy lacked come by whoever heard them: who ticked stays who ticked.
          isAgain: request.query.again === '1',
          sentAt: isTime(sentAt) ? sentAt : undefined,
        },
      })
      hub.tell(jobId)
      return reply.headers(SAFE_ANSWER).code(201).send(answer)
    },
  )
}

/** Nothing in an answer runs, is taken for something else, or stands in a frame. */
const SAFE_ANSWER = {
  'content-security-policy': "default-src 'none'; frame-ancestors 'none'",
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'no-referrer',
}
