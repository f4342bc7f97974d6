import type { Office } from './office'
import { jobCalled, tickCalled } from './jobs'

export interface PhonesResult {
  readonly phones: number
  /** Time until a post was answered, ms: of 99 in 100 no longer than this. */
  readonly p99Ms: number
  /** Time until the slowest phone had heard of all ticks, ms. */
  readonly seenMs: number
}

/** Many phones that listen to one job, and then all tick at once. */
export async function phonesDrill(office: Office, phones: number): Promise<PhonesResult> {
  await office.ask('POST', '/api/jobs', JSON.stringify(jobCalled('crowd')))
  const ids = Array.from({ length: phones }, (_, i) => `p${i}`)
  const ends = new AbortController()
  const lines = await Promise.all(
    ids.map(() => fetch(`${office.url}/api/jobs/crowd/live?log=0&edit=0`, { signal: ends.signal })),
  )
  // Whoever ticks has asked for something a moment ago: his phone's connection is open.
  await Promise.all(ids.map(async () => (await office.ask('GET', '/api/health')).arrayBuffer()))
  const begun = performance.now()
  const heard = lines.map(async ({ body }) => {
    const reader = body!.pipeThrough(new TextDecoderStream()).getReader()
    const left = new Set(ids)
    let rest = ''
    while (left.size > 0) {
      const { value, done } = await reader.read()
      if (done) throw new Error('a line ended early')
      rest += value
      for (const [, id] of rest.matchAll(/"id":"(p\d+)"/g)) left.delete(id ?? '')
      rest = rest.slice(rest.lastIndexOf('\n'))
    }
    return performance.now() - begun
  })
  const times = await Promise.all(
    ids.map(async (id) => {
      const from = performance.now()
      const answer = await office.ask('POST', '/api/jobs/crowd/log', JSON.stringify({ events: [tickCalled(id)] }))
      await answer.arrayBuffer()
      if (answer.status !== 201) throw new Error(`a tick was answered with ${answer.status}`)
      return performance.now() - from
    }),
  )
  const seen = await Promise.all(heard)
  ends.abort()
  const sorted = times.sort((a, b) => a - b)
  return { phones, p99Ms: sorted[Math.ceil(0.99 * sorted.length) - 1] ?? 0, seenMs: Math.max(...seen) }
}
