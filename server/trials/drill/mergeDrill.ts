import { foldLog, seededNumbers } from '@crisp-hem/core'
import type { JobAnswer } from '@crisp-hem/core/wire'
import { jobCalled } from './jobs'
import { merged, offlineShift, type Said } from './shifts'

export interface MergeResult {
  readonly runs: number
  /** Seeds of runs that came to two states. */
  readonly apart: readonly number[]
}

/** Asks the office, whatever lies between: a process over the network, or the app itself. */
export type Ask = (method: 'GET' | 'POST', path: string, body?: unknown) => Promise<unknown>

const THINGS_A_SHIFT = 8
/** As many orders of arrival are tried of each pair of shifts. */
const ORDERS = 2

/** Two devices without a line for eight hours, merged in different orders of arrival: one state, or the seed is told. */
export async function mergeDrill(ask: Ask, runs: number): Promise<MergeResult> {
  const apart: number[] = []
  for (let seed = 1; seed <= runs; seed++) {
    const random = seededNumbers(seed)
    const facts = jobCalled('merge')
    const [one, other] = ['one', 'other'].map((device) =>
      offlineShift({ facts, device, seed, random, many: THINGS_A_SHIFT }),
    ) as [Said[], Said[]]
    const ends = new Set<string>()
    for (let order = 0; order < ORDERS; order++)
      ends.add(await endOf(ask, `merge-${seed}-${order}`, merged(one, other, random)))
    if (ends.size > 1) apart.push(seed)
  }
  return { runs, apart }
}

/** What a job has come to once all is said, as text. */
async function endOf(ask: Ask, jobId: string, said: readonly Said[]): Promise<string> {
  const path = `/api/jobs/${jobId}`
  await ask('POST', '/api/jobs', jobCalled(jobId))
  for (const each of said) {
    if ('tick' in each) await ask('POST', `${path}/log`, { events: [each.tick] })
    else await ask('POST', `${path}/edits`, { device: 'drill', edits: [each.edit] })
  }
  const { facts, log } = (await ask('GET', path)) as JobAnswer
  const { hems, crew } = foldLog(log)
  return JSON.stringify([facts.rooms, [...hems].sort(), [...crew].sort()])
}
