import { Readable } from 'node:stream'
import type { FastifyPluginAsync } from 'fastify'
import { inWages } from '@crisp-hem/core'
import type { JobFacts, MessageAnswer, Who } from '@crisp-hem/core/wire'
import type { Tables } from '../db/tables'
import { crewCalendar } from '../calendar/crewCalendar'
import { ServerError } from '../errors'
import type { Post } from '../messages/post'
import type { Hub } from '../live/hub'
import { ALL, forRoles, LEADS, OFFICE } from '../people/access'
import type { HeavyWork } from '../heavy/heavyWork'

interface JobRoutesOptions {
  readonly tables: Tables
  readonly heavy: HeavyWork
  readonly post: Post
  readonly hub: Hub
  /** The clock, passed in so that tests can set it. */
  readonly now: () => string
}

type OneCrew = { Params: { jobId: string; crewId: string } }
type OneJob = { Params: { jobId: string } }
type Bytes = { Body: Uint8Array }

/** Published plans of a job, what crews were told of them, and their calendars. */
const publishedRoutes: FastifyPluginAsync<JobRoutesOptions> = async (app, { tables, heavy, now, post, hub }) => {
  const { jobs, published, messages } = tables

  /** Every plan that was published, the latest first. */
  app.get<OneJob>('/jobs/:jobId/published', forRoles(ALL), async ({ params }) => {
    if (!jobs.has(params.jobId)) throw new ServerError('job.not_found', { job: params.jobId })
    return published.all(params.jobId)
  })

  app.post<OneJob & Bytes>('/jobs/:jobId/published', forRoles(LEADS), async ({ params, body, who }, reply) => {
    const plan = await heavy.run('publish', bytes(body), { jobId: params.jobId, by: nameOf(who), now: now() })
    void post.deliver()
    hub.tell(params.jobId)
    return reply.code(201).send(plan)
  })

  /** What crews were told of plans, the latest first, and whether it went out. */
  app.get<OneJob>('/jobs/:jobId/messages', forRoles(LEADS), async ({ params }): Promise<MessageAnswer[]> => {
    if (!jobs.has(params.jobId)) throw new ServerError('job.not_found', { job: params.jobId })
    return messages.of(params.jobId)
  })

  /** A crew's work of the published plan as a calendar to subscribe to. */
  app.get<OneCrew>('/jobs/:jobId/crews/:crewId/calendar.ics', forRoles(ALL), async ({ params }, reply) => {
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

/** Jobs: list, create, read, save, copy, delete and restore, publish a plan, export and import. */
export const jobRoutes: FastifyPluginAsync<JobRoutesOptions> = async (app, options) => {
  const { tables, heavy, now, hub } = options
  const { jobs, log, published, edits, epoch, asOne } = tables
  await app.register(publishedRoutes, options)

  app.get('/jobs', forRoles(ALL), async () => jobs.list())

  app.post<Bytes>('/jobs', forRoles(LEADS), async ({ body }, reply) =>
    reply.code(201).send(await heavy.run('create', bytes(body), { now: now() })),
  )

  /**
   * Facts, log and published plan, sent as they are stored, piece by piece: all of one state, with the marks behind which news
   * begin. Painters get prices in hours of work.
   */
  app.get<OneJob>('/jobs/:jobId', forRoles(ALL), async ({ params, who }, reply) => {
    const { jobId } = params
    const pieces = asOne(() => {
      const found = jobs.text(jobId)
      if (!found) throw new ServerError('job.not_found', { job: jobId })
      const marks = JSON.stringify({ log: log.marks(jobId), edit: edits.marks(jobId) })
      return [
        '{"facts":',
        ...(who?.role === 'painter' ? [priceless(found.facts)] : found.facts),
        `,"revision":${found.revision},"epoch":"${epoch.read()}","marks":${marks},"published":${JSON.stringify(published.latest(jobId))},"log":[`,
        ...log.text(jobId),
        ']}',
      ]
    })
    return reply.header('content-type', 'application/json; charset=utf-8').send(Readable.from(pieces))
  })

  app.post<OneJob & Bytes>('/jobs/:jobId/edits', forRoles(LEADS), async ({ params, body, who }) => {
    const answer = await heavy.run('edit', bytes(body), { jobId: params.jobId, by: nameOf(who), now: now() })
    hub.tell(params.jobId)
    return answer
  })

  app.put<OneJob & Bytes>('/jobs/:jobId', forRoles(LEADS), async ({ params, body, who }) => {
    const saved = await heavy.run('save', bytes(body), { jobId: params.jobId, by: nameOf(who), now: now() })
    hub.tell(params.jobId)
    return saved
  })

  app.delete<OneJob>('/jobs/:jobId', forRoles(OFFICE), async ({ params }, reply) => {
    if (!jobs.remove(params.jobId, now())) throw new ServerError('job.not_found', { job: params.jobId })
    return reply.code(204).send()
  })

  app.post<OneJob>('/jobs/:jobId/restore', forRoles(OFFICE), async ({ params }) => {
    if (!jobs.restore(params.jobId)) throw new ServerError('job.not_found', { job: params.jobId })
    return { revision: jobs.text(params.jobId)?.revision ?? 1 }
  })

  app.post<OneJob & Bytes>('/jobs/:jobId/copy', forRoles(LEADS), async ({ params, body }, reply) =>
    reply.code(201).send(await heavy.run('copy', bytes(body), { jobId: params.jobId, now: now() })),
  )

  app.get<OneJob>('/jobs/:jobId/file', forRoles(LEADS), async ({ params }, reply) => {
    const file = await heavy.run('file', NOTHING, { jobId: params.jobId, now: now() })
    return reply
      .header('content-type', 'application/json; charset=utf-8')
      .header('content-disposition', `attachment; filename="${params.jobId}.hem.json"`)
      .send(Buffer.from(file.buffer, file.byteOffset, file.byteLength))
  })

  /** Takes a job file. With `?as=ID` it becomes a job of its own with that id. */
  app.post<Bytes & { Querystring: { as?: string } }>('/jobs/import', forRoles(LEADS), async ({ body, query }, reply) =>
    reply.code(201).send(await heavy.run('import', bytes(body), { as: query.as, now: now() })),
  )

  /** Looks for a better plan of the job as it is stored, for so many milliseconds; changes nothing. */
  app.post<OneJob & Bytes>('/jobs/:jobId/better', forRoles(LEADS), async ({ params, body }) =>
    heavy.run('better', bytes(body), { jobId: params.jobId, now: now() }),
  )
}

/** Somebody’s name for what he does; nobody has one where nobody signs in. */
export const nameOf = (who: Who | null): string | null => who?.name || null

function priceless(pieces: readonly string[]): string {
  const facts = JSON.parse(pieces.join('')) as JobFacts
  return JSON.stringify(inWages(facts, facts.house.wagePerHourMinor))
}

const NOTHING = new Uint8Array()
/** The bytes of a body; none where a request had none. */
export const bytes = (body: Uint8Array | undefined): Uint8Array => body ?? NOTHING
