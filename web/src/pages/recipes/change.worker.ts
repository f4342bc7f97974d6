import { hangsOn, whatWouldChange, type HangsOn, type WouldChange } from '@crisp-hem/core'
import type { JobFacts } from '@crisp-hem/core/wire'
import { answerWith } from '../../app/state/useWorkerAnswer'

export interface ChangeQuestion {
  readonly facts: JobFacts
  readonly hemId: string
}
export interface ChangeAnswer {
  readonly hemId: string
  readonly list: readonly WouldChange[]
  readonly hangs: readonly HangsOn[]
}

// A hem is judged anew for every fact that might change its recipe, and hour by hour as its keep side cures.
answerWith(({ facts, hemId }: ChangeQuestion): ChangeAnswer => ({
  hemId,
  list: whatWouldChange(facts, hemId),
  hangs: hangsOn(facts, hemId),
}))
