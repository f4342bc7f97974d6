import { hangsOn, whatWouldChange, type HangsOn, type WouldChange, type HemId } from '@crisp-hem/core'
import type { JobFacts } from '@crisp-hem/core/wire'
import { answerWith } from '../../app/state/useWorkerAnswer'

export interface ChangeQuestion {
  readonly facts: JobFacts
  readonly hemId: HemId
}
export interface ChangeAnswer {
  readonly hemId: HemId
  readonly list: readonly WouldChange[]
  readonly hangs: readonly HangsOn[]
}

// A hem is judged anew for every fact that might change its recipe, and hour by hour as its keep side cures.
answerWith(({ facts, hemId }: ChangeQuestion): ChangeAnswer => ({
  hemId,
  list: whatWouldChange(facts, hemId),
  hangs: hangsOn(facts, hemId),
}))
