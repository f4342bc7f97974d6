import { startTransition, useEffect, useRef, useState } from 'react'
import type { BenchSetup, Shelf } from '@crisp-hem/core'
import type { BenchReply, BenchRequest, BenchView } from './bench.worker'

/**
 * What the setups show, worked out beside the page. While an answer is on its way only the latest question waits, so
 * dragging a slider never piles work up.
 */
export function useBench(setups: readonly BenchSetup[], shelf: Shelf): readonly BenchView[] {
  const [views, setViews] = useState<readonly BenchView[]>([])
  const host = useRef<{ worker: Worker; busy: boolean; waiting: BenchRequest | null; seq: number } | null>(null)
  useEffect(() => {
    const worker = new Worker(new URL('./bench.worker.ts', import.meta.url), { type: 'module' })
    const own = { worker, busy: false, waiting: null as BenchRequest | null, seq: 0 }
    host.current = own
    worker.onmessage = ({ data }: MessageEvent<BenchReply>) => {
      // As a transition React draws the answer in slices between a painter's moves of the slider.
      startTransition(() => setViews(data.views))
      own.busy = own.waiting !== null
      if (own.waiting) worker.postMessage(own.waiting)
      own.waiting = null
    }
    return () => worker.terminate()
  }, [])
  useEffect(() => {
    const own = host.current
    if (!own) return
    own.seq += 1
    const request: BenchRequest = { seq: own.seq, setups, shelf }
    if (own.busy) own.waiting = request
    else {
      own.busy = true
      own.worker.postMessage(request)
    }
  }, [setups, shelf])
  return views
}
