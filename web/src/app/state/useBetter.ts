import { useEffect, useRef, useState } from 'react'
import type { Job } from '@crisp-hem/core'
import type { BetterFound, BetterQuestion, BetterReply } from './better.worker'

export interface BetterSearch {
  readonly state: 'idle' | 'running' | 'done' | 'stopped' | 'failed'
  readonly found: BetterFound | null
  readonly why: string | null
  /** @param budgetMs  how long at most; left out, as long as somebody waits for */
  readonly look: (job: Job, now: number, budgetMs?: number) => void
  readonly stop: () => void
}

const BUDGET_MS = 20_000
const SEED = 1

/** Looks for a better plan beside the page; what was found last stays when it is stopped. */
export function useBetter(): BetterSearch {
  const worker = useRef<Worker | null>(null)
  const [state, setState] = useState<BetterSearch['state']>('idle')
  const [found, setFound] = useState<BetterFound | null>(null)
  const [why, setWhy] = useState<string | null>(null)
  const end = () => {
    worker.current?.terminate()
    worker.current = null
  }
  useEffect(() => end, [])
  return {
    state,
    found,
    why,
    look(job, now, budgetMs = BUDGET_MS) {
      end()
      setFound(null)
      setWhy(null)
      setState('running')
      const own = new Worker(new URL('./better.worker.ts', import.meta.url), { type: 'module' })
      worker.current = own
      own.onmessage = ({ data }: MessageEvent<BetterReply>) => {
        if (worker.current !== own) return
        if ('failed' in data) {
          setWhy(data.failed)
          setState('failed')
          return end()
        }
        setFound(data)
        if (!data.isDone) return
        setState('done')
        end()
      }
      own.postMessage({ job, now, budgetMs, seed: SEED } satisfies BetterQuestion)
    },
    stop() {
      end()
      setState('stopped')
    },
  }
}
