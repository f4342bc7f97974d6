import { newBreaks, type Job, type PlacedTask, type Said } from '@crisp-hem/core'
import { answerWith } from '../../app/state/useWorkerAnswer'

export interface PartQuestion {
  readonly job: Job
  readonly now: number
  readonly placed: readonly PlacedTask[]
}

answerWith(({ job, now, placed }: PartQuestion): readonly Said[] => newBreaks(job, now, placed))
