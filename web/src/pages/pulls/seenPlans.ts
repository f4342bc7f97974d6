import { useCallback, useSyncExternalStore } from 'react'

const keyOf = (jobId: string) => `crisp-hem:seen-plan:${jobId}`
const listeners = new Set<() => void>()

/** The number of the last plan whose changes were looked at on this device; 0 before any. */
const seenOn = (store: Pick<Storage, 'getItem'>, jobId: string): number => Number(store.getItem(keyOf(jobId)) ?? 0) || 0

/** Which plan of a job this device has seen the changes of, and how to say that they are seen. */
export function useSeenPlan(jobId: string): { seen: number; see: (number: number) => void } {
  const seen = useSyncExternalStore(
    (tell) => {
      listeners.add(tell)
      return () => listeners.delete(tell)
    },
    () => seenOn(localStorage, jobId),
    () => 0,
  )
  const see = useCallback(
    (number: number) => {
      localStorage.setItem(keyOf(jobId), String(number))
      for (const tell of listeners) tell()
    },
    [jobId],
  )
  return { seen, see }
}
