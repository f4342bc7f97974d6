import { useEffect, useRef, useState } from 'react'
import type { JobKit } from '@crisp-hem/core'
import type { JobFacts } from '@crisp-hem/core/wire'
import type { KitReply, KitRequest } from './kit.worker'

const ASK_AFTER_MS = 400

/** The kits of a job, worked out beside the page; null until the first answer. */
export function useKit(facts: JobFacts): JobKit | null {
  const [kit, setKit] = useState<JobKit | null>(null)
  const desk = useRef<{ worker: Worker; seq: number } | null>(null)
  useEffect(() => {
    const worker = new Worker(new URL('./kit.worker.ts', import.meta.url), { type: 'module' })
    const own = { worker, seq: 0 }
    desk.current = own
    worker.onmessage = ({ data }: MessageEvent<KitReply>) => {
      if (data.seq === own.seq && 'kit' in data) setKit(data.kit)
    }
    return () => worker.terminate()
  }, [])
  useEffect(() => {
    const timer = setTimeout(() => {
      const own = desk.current
      if (!own) return
      own.seq += 1
      own.worker.postMessage({ seq: own.seq, job: { ...facts, log: [] } } satisfies KitRequest)
    }, ASK_AFTER_MS)
    return () => clearTimeout(timer)
  }, [facts])
  return kit
}
