import type { FastifyPluginAsync } from 'fastify'
import type { HistoryLine, JobMarks, JobNews } from '@crisp-hem/core/wire'
import type { Tables } from '../db/tables'
import { ServerError } from '../errors'
import type { Hub } from '../live/hub'
import type { Lines } from '../live/lines'
import { newsOf } from '../live/news'
import { ALL, forRoles, LEADS } from '../people/access'

interface LiveRoutesOptions {
  readonly tables: Tables
  readonly hub: Hub
  readonly lines: Lines
}

type OneJob = { Params: { jobId: string }; Querystring: { log?: string; edit?: string; plan?: string } }

/** Without a word for so long, lines between here and a phone are cut. */
const BEAT_MS = 20_000
const HISTORY_LINES = 300

const mark = (text: string | undefined): number => {
  const number = Number(text ?? 0)
  if (!Number.isSafeInteger(number) || number < 0) throw new ServerError('request.unreadable', { detail: text ?? '' })
  return number
}

/** What is new in a job: once, or as it comes. */
export const liveRoutes: FastifyPluginAsync<LiveRoutesOptions> = async (app, { tables, hub, lines }) => {
  const since = ({ log, edit }: OneJob['Querystring']): JobMarks => ({ log: mark(log), edit: mark(edit) })

  app.get<OneJob>('/jobs/:jobId/news', forRoles(ALL), async ({ params, query, who }) =>
    newsOf({ tables, jobId: params.jobId, since: since(query), plan: mark(query.plan), role: who!.role }),
  )

  /** Server-sent events: one for all that is new since the marks, then one whenever there is more. */
  app.get<OneJob>('/jobs/:jobId/live', forRoles(ALL), async (request, reply) => {
    const { jobId } = request.params
    const { role } = request.who!
    let [at, plan] = [since(request.query), mark(request.query.plan)]
    // A line that was cut goes on where it was: browsers tell the last mark they saw.
    const last = /^(\d+)\.(\d+)\.(\d+)$/.exec(String(request.headers['last-event-id'] ?? ''))
    if (last) [at, plan] = [{ log: Number(last[1]), edit: Number(last[2]) }, Number(last[3])]
    // Before the answer begins: a job that is not there is told as ever.
    const first = newsOf({ tables, jobId, since: at, plan, role })
    reply.hijack()
    const { raw } = reply
    raw.writeHead(200, {
      ...Object.fromEntries(Object.entries(reply.getHeaders()).map(([name, value]) => [name, String(value)])),
      'content-type': 'text/event-stream; charset=utf-8',
      'cache-control': 'no-store',
      'x-accel-buffering': 'no',
    })
    const told = (news: JobNews) => ({ news, text: JSON.stringify(news) })
    const send = ({ news, text }: ReturnType<typeof told>) => {
      at = news.marks
      plan = news.published?.number ?? plan
      raw.write(`id: ${at.log}.${at.edit}.${plan}\ndata: ${text}\n\n`)
    }
    send(told(first))
    const stop = hub.listen(jobId, (shared) => {
      try {
        // Most phones have heard the same: it is read and written once for all of them.
        const key = `${at.log} ${at.edit} ${plan} ${role === 'painter'}`
        const own = shared.get(key) ?? told(newsOf({ tables, jobId, since: at, plan, role }))
        shared.set(key, own)
        send(own)
      } catch (error) {
        // The job was deleted: whoever has it open finds out when he asks for it.
        request.log.info({ err: error }, 'live ended')
        raw.end()
      }
    })
    const beat = setInterval(() => raw.write(': beat\n\n'), BEAT_MS)
    const offList = lines.add({ personId: request.who!.id, sessionId: request.sessionId, end: () => raw.end() })
    raw.on('close', () => {
      stop()
      offList()
      clearInterval(beat)
    })
  })

  /** Who changed, ticked and published what, the latest first. */
  app.get<OneJob>('/jobs/:jobId/history', forRoles(LEADS), async ({ params }): Promise<HistoryLine[]> => {
    if (!tables.jobs.has(params.jobId)) throw new ServerError('job.not_found', { job: params.jobId })
    const plans = tables.published
      .all(params.jobId)
      .map(({ at, by, number }): HistoryLine => ({ at, by, what: 'published', of: [String(number)] }))
    return [
      ...tables.edits.history(params.jobId, HISTORY_LINES),
      ...tables.log.history(params.jobId, HISTORY_LINES),
      ...plans,
    ]
      .sort((a, b) => (a.at < b.at ? 1 : -1))
      .slice(0, HISTORY_LINES)
  })
}
