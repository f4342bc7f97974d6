import { evening, type Evening, type Job } from '@crisp-hem/core'
import { answerWith } from '../../app/state/useWorkerAnswer'

export interface EveningQuestion {
  readonly job: Job
  /** Minutes since the epoch. */
  readonly now: number
}

answerWith(({ job, now }: EveningQuestion): Evening => evening(job, now))
