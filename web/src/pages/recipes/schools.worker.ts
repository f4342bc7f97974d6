import { compareSchools, type SchoolOutcome } from '@crisp-hem/core'
import type { JobFacts } from '@crisp-hem/core/wire'
import { answerWith } from '../../app/state/useWorkerAnswer'

// The whole job is judged anew for every house way.
answerWith((facts: JobFacts): SchoolOutcome[] => compareSchools(facts))
