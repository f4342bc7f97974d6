import { useEffect, useRef, useState } from 'react'

/** A question numbered, so that only the answer to the latest counts. */
export interface Asked<Q> {
  readonly seq: number
  readonly question: Q
}
export type Answered<A> = { readonly seq: number } & ({ readonly answer: A } | { readonly failed: string })

/** The worker's half: answers every question, or says why it failed. */
export function answerWith<Q, A>(work: (question: Q) => A): void {
  self.onmessage = ({ data }: MessageEvent<Asked<Q>>) => {
    try {
      self.postMessage({ seq: data.seq, answer: work(data.question) } satisfies Answered<A>)
    } catch (error) {
      self.postMessage({ seq: data.seq, failed: (error as Error).message } satisfies Answered<A>)
    }
  }
}

/**
 * The answer to a question worked out beside the page; null until the first one.
 *
 * @param start  makes the worker; called once
 * @param waitMs  how long a question must stand before it is asked, so that typing asks once
 * @throws what the worker failed with, for the boundary of the part that asked
 */
export function useWorkerAnswer<Q, A>(start: () => Worker, question: Q, waitMs: number): A | null {
  const [answer, setAnswer] = useState<A | null>(null)
  const [failed, setFailed] = useState<string | null>(null)
  const host = useRef<{ worker: Worker; seq: number } | null>(null)
  const starter = useRef(start)
  useEffect(() => {
    const own = { worker: starter.current(), seq: 0 }
    host.current = own
    own.worker.onmessage = ({ data }: MessageEvent<Answered<A>>) => {
      if (data.seq !== own.seq) return
      setFailed('failed' in data ? data.failed : null)
      if ('answer' in data) setAnswer(data.answer)
    }
    return () => own.worker.terminate()
  }, [])
  useEffect(() => {
    const timer = setTimeout(() => {
      const own = host.current
      if (!own) return
      own.seq += 1
      own.worker.postMessage({ seq: own.seq, question } satisfies Asked<Q>)
    }, waitMs)
    return () => clearTimeout(timer)
  }, [question, waitMs])
  if (failed !== null) throw new Error(failed)
  return answer
}
