import { Readable } from 'node:stream'
import type { FastifyPluginAsync } from 'fastify'
import type { MessageAnswer } from '@crisp-hem/core/wire'
import type { Tables } from '../db/tables'
import { crewCalendar } from '../calendar/crewCalendar'
import { ServerError } from '../errors'
import type { Post } from '../messages/post'
import type { HeavyDesk } from '../heavy/desk'

export interface JobRoutesOptions {
  readonly tables: Tables
  readonly heavy: HeavyDesk
  readonly post: Post
  /** The clock, passed in so that tests can set it. */
  readonly now: () => string
}

type OneCrew = { Params: { jobId: string; crewId: string } }
type OneJob = { Params: { jobId: string } }
type Bytes = { Body: Uint8Array }

/** Jobs: list, create, read, save, copy, delete and restore, publish a plan, export and import. */
export const jobRoutes: FastifyPluginAsync<JobRoutesOptions> = async (app, { tables, heavy, now, post }) => {
  const { jobs, log, published, messages } = tables

  app.get('/jobs', async () => jobs.list())

  app.post<Bytes>('/jobs', async ({ body }, reply) =>
    reply.code(201).send(await heavy.run('create', bytes(body), { now: now() })),
  )

  /** Facts, log and published plan, sent as they are stored, piece by piece. */
  app.get<OneJob>('/jobs/:jobId', async ({ params }, reply) => {
    const found = jobs.text(params.jobId)
    if (!found) throw new ServerError('job.not_found', { job: params.jobId })
    const plan = JSON.stringify(published.latest(params.jobId))
    const pieces = [
      '{"facts":',
      ...found.facts,
      `,"revision":${found.revision},"published":${plan},"log":[`,
      ...log.text(params.jobId),
      ']}',
    ]
    return reply.header('content-type', 'application/json; charset=utf-8').send(Readable.from(pieces))
  })

  app.put<OneJob & Bytes>('/jobs/:jobId', async ({ params, body }) =>
    heavy.run('save', bytes(body), { jobId: params.jobId, now: now() }),
  )

  app.delete<OneJob>('/jobs/:jobId', async ({ params }, reply) => {
    if (!jobs.remove(params.jobId, now())) throw new ServerError('job.not_found', { job: params.jobId })
    return reply.code(204).send()
  })

  app.post<OneJob>('/jobs/:jobId/restore', async ({ params }) => {
    if (!jobs.restore(params.jobId)) throw new ServerError('job.not_found', { job: params.jobId })
    return { revision: jobs.text(params.jobId)?.revision ?? 1 }
  })

  app.post<OneJob & Bytes>('/jobs/:jobId/copy', async ({ params, body }, reply) =>
    reply.code(201).send(await heavy.run('copy', bytes(body), { jobId: params.jobId, now: now() })),
  )

  app.get<OneJob>('/jobs/:jobId/file', async ({ params }, reply) => {
    const file = await heavy.run('file', NOTHING, { jobId: params.jobId, now: now() })
    return reply
      .header('content-type', 'application/json; charset=utf-8')
      .header('content-disposition', `attachment; filename="${params.jobId}.hem.json"`)
      .send(Buffer.from(file.buffer, file.byteOffset, file.byteLength))
  })

  /** Takes a job file. With `?as=ID` it becomes a job of its own with that id. */
  app.post<Bytes & { Querystring: { as?: string } }>('/jobs/import', async ({ body, query }, reply) =>
    reply.code(201).send(await heavy.run('import', bytes(body), { as: query.as, now: now() })),
  )

  /** Looks for a better plan of the job as it is stored, for so many milliseconds; changes nothing. */
  app.post<OneJob & Bytes>('/jobs/:jobId/better', async ({ params, body }) =>
    heavy.run('better', bytes(body), { jobId: params.jobId, now: now() }),
  )

  /** Every plan that was published, the latest first. */
  app.get<OneJob>('/jobs/:jobId/published', async ({ params }) => {
    if (!jobs.has(params.jobId)) throw new ServerError('job.not_found', { job: params.jobId })
    return published.all(params.jobId)
  })

  app.post<OneJob & Bytes>('/jobs/:jobId/published', async ({ params, body }, reply) => {
    const plan = await heavy.run('publish', bytes(body), { jobId: params.jobId, now: now() })
    void post.deliver()
    return reply.code(201).send(plan)
  })

  /** What crews were told of plans, the latest first, and whether it went out. */
  app.get<OneJob>('/jobs/:jobId/messages', async ({ params }): Promise<MessageAnswer[]> => {
    if (!jobs.has(params.jobId)) throw new ServerError('job.not_found', { job: params.jobId })
    return messages.of(params.jobId)
  })

  /** A crew's work of the published plan as a calendar to subscribe to. */
  app.get<OneCrew>('/jobs/:jobId/crews/:crewId/calendar.ics', async ({ params }, reply) => {
    const found = jobs.read(params.jobId)
    const crew = found?.facts.crews.find((each) => each.id === params.crewId)
    if (!found) throw new ServerError('job.not_found', { job: params.jobId })
    if (!crew) throw new ServerError('crew.not_found', { crew: params.crewId })
    const text = crewCalendar(found.facts, crew, published.all(params.jobId))
    return reply
      .header('content-type', 'text/calendar; charset=utf-8')
      .header('content-disposition', `attachment; filename="${params.jobId}-${params.crewId}.ics"`)
      .send(text)
  })
}

const NOTHING = new Uint8Array()
/** The bytes of a body; none where a request had none. */
export const bytes = (body: Uint8Array | undefined): Uint8Array => body ?? NOTHING
