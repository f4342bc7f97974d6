import { Agent, request, type IncomingMessage } from 'node:http'
import { setTimeout as wait } from 'node:timers/promises'
import type { Office } from './office'
import { jobCalled, tickCalled } from './jobs'

export interface PhonesResult {
  readonly phones: number
  /** Time until a post was answered, ms: of 99 in 100 no longer than this. */
  readonly p99Ms: number
  /** Time until the slowest phone had heard of all ticks, ms. */
  readonly seenMs: number
}

/** A listening phone: what it heard, and when. What is in it is looked at afterwards, as each phone would by itself. */
interface Listener {
  readonly chunks: { readonly at: number; readonly text: string }[]
}

const MOST_MS = 20_000

/** Many phones that listen to one job, and then all tick at once. */
export async function phonesDrill(office: Office, phones: number): Promise<PhonesResult> {
  await office.ask('POST', '/api/jobs', JSON.stringify(jobCalled('crowd')))
  const ids = Array.from({ length: phones }, (_, i) => `p${i}`)
  const agent = new Agent({ keepAlive: true, maxSockets: Number.POSITIVE_INFINITY })
  const listeners = await Promise.all(ids.map(() => listening(office)))
  // Whoever ticks has asked for something a moment ago: his phone's connection is open.
  await Promise.all(ids.map(() => asked(office, agent, { method: 'GET', path: '/api/health' })))
  const begun = performance.now()
  const times = await Promise.all(
    ids.map(async (id) => {
      const body = JSON.stringify({ events: [tickCalled(id)] })
      const status = await asked(office, agent, { method: 'POST', path: '/api/jobs/crowd/log', body })
      if (status !== 201) throw new Error(`a tick was answered with ${status}`)
      return performance.now() - begun
    }),
  )
  const seen = await Promise.all(listeners.map((listener) => heardAll(listener, ids)))
  agent.destroy()
  const sorted = times.sort((a, b) => a - b)
  return { phones, p99Ms: sorted[Math.ceil(0.99 * sorted.length) - 1] ?? 0, seenMs: Math.max(...seen) - begun }
}

function listening(office: Office): Promise<Listener> {
  const listener: Listener = { chunks: [] }
  return new Promise((opened, failed) => {
    const line = request(`${office.url}/api/jobs/crowd/live?log=0&edit=0`, { agent: false }, (answer) => {
      answer.setEncoding('utf8')
      answer.on('data', (text: string) => listener.chunks.push({ at: performance.now(), text }))
      // The office is ended under it.
      answer.on('error', () => undefined)
      opened(listener)
    })
    line.on('error', failed)
    line.end()
  })
}

/** Asks once. @returns the status of the answer, once all of it is there */
function asked(
  office: Office,
  agent: Agent,
  { method, path, body = '' }: { readonly method: string; readonly path: string; readonly body?: string },
): Promise<number> {
  return new Promise((done, failed) => {
    const headers = {
      origin: office.url,
      'content-type': 'application/json',
      'content-length': Buffer.byteLength(body),
    }
    const own = request(
      office.url + path,
      { agent, method, headers: body ? headers : {} },
      (answer: IncomingMessage) => {
        answer.resume()
        answer.on('end', () => done(answer.statusCode ?? 0))
      },
    )
    own.on('error', failed)
    own.end(body)
  })
}

/** When a phone had heard of all ticks. */
async function heardAll({ chunks }: Listener, ids: readonly string[]): Promise<number> {
  const until = performance.now() + MOST_MS
  for (;;) {
    const left = new Set(ids)
    let rest = ''
    for (const { at, text } of chunks) {
      rest += text
      for (const [, id] of rest.matchAll(/"id":"(p\d+)"/g)) left.delete(id ?? '')
      if (left.size === 0) return at
      rest = rest.slice(rest.lastIndexOf('\n'))
    }
    if (performance.now() > until) throw new Error(`${left.size} ticks were never heard of`)
    await wait(50)
  }
}
