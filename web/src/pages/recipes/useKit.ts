import { useMemo } from 'react'
import type { Job, JobKit } from '@crisp-hem/core'
import type { JobFacts } from '@crisp-hem/core/wire'
import { useWorkerAnswer } from '../../app/state/useWorkerAnswer'

const ASK_AFTER_MS = 400
const start = () => new Worker(new URL('./kit.worker.ts', import.meta.url), { type: 'module' })

/** The kits of a job, worked out beside the page; null until the first answer. */
export function useKit(facts: JobFacts): JobKit | null {
  const job = useMemo((): Job => ({ ...facts, log: [], published: null }), [facts])
  return useWorkerAnswer<Job, JobKit>(start, job, ASK_AFTER_MS)
}
