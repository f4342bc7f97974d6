import { formatInstant, planJob, type Job } from '@crisp-hem/core'
import { logEvent } from './logEvent'

/** A job whose panes under a liquid mask have had their last coat by an instant. */
export function maskCoated(job: Job, at: number): Job {
  const peel = planJob(job, at).pulls.find(({ manner }) => manner === 'peel')!
  const coated = logEvent('m1', 'coated', formatInstant(at), peel.hemIds, { crewId: peel.crewId, coat: 2 })
  return { ...job, log: [...job.log, coated] }
}
