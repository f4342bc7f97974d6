import { useEffect, useRef, useState } from 'react'
import type { CoverTaken, RollCuts } from '@crisp-hem/core'
import type { CutAsked, CutFound } from './cut.worker'
import { useJobWithLog } from './useVan'

interface Longer {
  readonly cuts: RollCuts | null
  /** Ways looked at while it is looking; null while nobody looks. */
  readonly ways: number | null
  readonly look: () => void
  readonly stop: () => void
}

/** Looks longer for a cheaper way to cut, beside the page; stopped at any moment it keeps the best. */
export function useLonger(line: CoverTaken): Longer {
  const job = useJobWithLog()
  const [found, setFound] = useState<{ of: CoverTaken; cuts: RollCuts } | null>(null)
  const [ways, setWays] = useState<number | null>(null)
  const worker = useRef<Worker | null>(null)
  const stop = () => {
    worker.current?.terminate()
    worker.current = null
    setWays(null)
  }
  useEffect(() => () => worker.current?.terminate(), [])
  const look = () => {
    stop()
    const own = new Worker(new URL('./cut.worker.ts', import.meta.url), { type: 'module' })
    worker.current = own
    setWays(0)
    own.onmessage = ({ data }: MessageEvent<CutFound>) => {
      setFound({ of: line, cuts: data.cuts })
      if (data.isOver) stop()
      else setWays(data.ways)
    }
    own.postMessage({ job, line } satisfies CutAsked)
  }
  // What was found for a line that has changed since is of no use.
  return { cuts: found?.of === line ? found.cuts : null, ways, look, stop }
}
