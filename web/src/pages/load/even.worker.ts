import { breakEven, SWEEPS, type BreakEven, type Job } from '@crisp-hem/core'
import { answerWith } from '../../app/state/useWorkerAnswer'

// Some dozens of sample rooms are planned.
answerWith((job: Job): BreakEven[] => SWEEPS.map((sweep) => breakEven(job, sweep)))
