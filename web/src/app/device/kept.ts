import type { JobAnswer, JobSummary } from '@crisp-hem/core/wire'
import { api, ApiError } from '../office/api'
import { deviceStore } from './index'

/** An answer of the office, or without a line what this device kept of it last. */
export interface Kept<T> {
  readonly answer: T
  /** The office was not reached. */
  readonly isKept: boolean
}

async function askedOrKept<T>(
  ask: () => Promise<T>,
  keep: (answer: T) => Promise<void>,
  kept: () => Promise<T | null>,
): Promise<Kept<T>> {
  try {
    const answer = await ask()
    // What cannot be kept is shown all the same.
    await keep(answer).catch(() => undefined)
    return { answer, isKept: false }
  } catch (error) {
    if (!(error instanceof ApiError) || error.isRefusal) throw error
    const answer = await kept().catch(() => null)
    if (answer === null) throw error
    return { answer, isKept: true }
  }
}

/**
 * A job; each one looked at is kept for when there is no line.
 * @param before  looks at the office's answer while what was kept before is still there
 */
export const keptJob = (
  id: string,
  before: (office: JobAnswer) => Promise<void> = async () => undefined,
): Promise<Kept<JobAnswer>> =>
  askedOrKept(
    () => api.job(id),
    (job) => before(job).then(() => deviceStore().keepJob(job)),
    () => deviceStore().job(id),
  )

export const keptJobs = (): Promise<Kept<readonly JobSummary[]>> =>
  askedOrKept(
    () => api.jobs(),
    (jobs) => deviceStore().keepJobs(jobs),
    async () => (await deviceStore().jobs()) ?? (await deviceStore().seen()).map(summaryOf),
  )

/** A line of the list for a device that never saw the list itself. */
const summaryOf = ({ facts, revision, published }: JobAnswer): JobSummary => ({
  id: facts.id,
  name: facts.name,
  place: facts.site.place,
  zone: facts.site.zone,
  rooms: facts.rooms.length,
  revision,
  changedAt: published?.at ?? facts.start,
})
