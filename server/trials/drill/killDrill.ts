import { seededNumbers } from '@crisp-hem/core'
import type { JobAnswer, JobSummary } from '@crisp-hem/core/wire'
import { jobCalled, tickCalled } from './jobs'
import type { Office } from './office'

export interface KillResult {
  readonly kills: number
  readonly acknowledged: number
  /** Writes that were acknowledged and are gone: must be none. */
  readonly lost: readonly string[]
  /** Jobs that are there in part: must be none. */
  readonly half: readonly string[]
}

/** Clients that write at once while the server is ended. */
const CLIENTS = 6
const MOST_UP_MS = 400

/** Ends the server hard again and again while ticks, edits and imports come in, and looks what of the acknowledged ones is there. */
export async function killDrill(office: Office, kills: number, seed: number): Promise<KillResult> {
  const random = seededNumbers(seed)
  await office.start()
  await office.ask('POST', '/api/jobs', JSON.stringify(jobCalled('kept')))
  const ticks = new Set<string>()
  const jobs = new Set<string>()
  let revision = 0
  let count = 0
  for (let kill = 0; kill < kills; kill++) {
    const isOver = { value: false }
    const client = async (): Promise<void> => {
      while (!isOver.value) {
        const id = `w${count++}`
        try {
          const kind = random()
          if (kind < 0.6) {
            const answer = await office.ask('POST', '/api/jobs/kept/log', JSON.stringify({ events: [tickCalled(id)] }))
            if (answer.status === 201) ticks.add(id)
          } else if (kind < 0.8) {
            const changes = [{ path: ['name'], act: 'set', value: id, before: '' }]
            const edit = { id, clock: `${String(count).padStart(9, '0')}-0000-drill`, changes }
            const answer = await office.ask(
              'POST',
              '/api/jobs/kept/edits',
              JSON.stringify({ device: 'drill', edits: [edit] }),
            )
            if (answer.ok) revision = Math.max(revision, ((await answer.json()) as { revision: number }).revision)
          } else {
            const file = { ...jobCalled(id), log: [tickCalled('a'), tickCalled('b')], published: null }
            const answer = await office.ask('POST', '/api/jobs/import', JSON.stringify(file))
            if (answer.status === 201) jobs.add(id)
          }
        } catch {
          // Cut off: nothing was acknowledged.
          return
        }
      }
    }
    const clients = Array.from({ length: CLIENTS }, client)
    await new Promise((wait) => setTimeout(wait, random() * MOST_UP_MS))
    await office.end('SIGKILL')
    isOver.value = true
    await Promise.all(clients)
    await office.start()
  }
  const kept = (await (await office.ask('GET', '/api/jobs/kept')).json()) as JobAnswer
  const there = new Set(kept.log.map((event) => event.id))
  const list = (await (await office.ask('GET', '/api/jobs')).json()) as JobSummary[]
  const listed = new Set(list.map((job) => job.id))
  const half: string[] = []
  for (const { id } of list) {
    if (id === 'kept') continue
    const { log } = (await (await office.ask('GET', `/api/jobs/${id}`)).json()) as JobAnswer
    if (log.length !== 2) half.push(id)
  }
  return {
    kills,
    acknowledged: ticks.size + jobs.size,
    lost: [
      ...[...ticks].filter((id) => !there.has(id)),
      ...[...jobs].filter((id) => !listed.has(id)),
      ...(kept.revision < revision ? [`revision ${revision}`] : []),
    ],
    half,
  }
}
