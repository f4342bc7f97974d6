import { useCallback, useEffect, useRef, useState, type ReactNode } from 'react'
import { W } from '../words'
import { Button } from './Button'
import type { KnownFor, Read, ReadBy, ReaderName, ToRead } from './reading.worker'

export interface Reading {
  /** Reads a file beside the page. What it cannot take is told as a sentence. */
  readonly read: <N extends ReaderName>(
    reader: N,
    file: { readonly text: string; readonly name: string },
    known: KnownFor<N>,
    then: { readonly taken: (found: ReadBy<N>) => void; readonly refused: (words: string) => void },
  ) => void
  /** Says what is being read, with the way to stop it; nothing while nothing is. */
  readonly line: ReactNode
}

/** Files from outside, read in a worker of their own, one at a time. */
export function useReading(): Reading {
  const [name, setName] = useState<string | null>(null)
  const worker = useRef<Worker | null>(null)
  const stop = useCallback(() => {
    worker.current?.terminate()
    worker.current = null
    setName(null)
  }, [])
  useEffect(() => stop, [stop])
  const read = useCallback<Reading['read']>(
    (reader, file, known, then) => {
      stop()
      const own = new Worker(new URL('./reading.worker.ts', import.meta.url), { type: 'module' })
      worker.current = own
      setName(file.name)
      own.onmessage = ({ data }: MessageEvent<Read>) => {
        stop()
        if ('refused' in data) then.refused(data.refused)
        // The reader's own answer, whose type its name tells.
        else then.taken(data.taken as ReadBy<typeof reader>)
      }
      own.postMessage({ reader, text: file.text, known: known as never } satisfies ToRead)
    },
    [stop],
  )
  const line = name !== null && (
    <p role="status" className="mt-2 flex items-center gap-3">
      {W.exchange.reading({ name })}
      <Button onClick={stop}>{W.exchange.stop}</Button>
    </p>
  )
  return { read, line }
}
