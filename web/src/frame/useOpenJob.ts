import { useCallback, useEffect, useState } from 'react'
import type { ApiError } from '../api'
import { keptJob } from '../device/kept'
import { jobClosed, jobOpened } from '../state/jobSlice'
import { logOpened } from '../state/logSlice'
import { officeLost, officeReached } from '../state/outSlice'
import { useAppDispatch, useAppStore } from '../store'

const REPLAN_MS = 60_000

/** Opens the job of an address, and keeps its plan up with the clock while it is open. */
export function useOpenJob(jobId: string): { ready: boolean; error: string | null; reload: () => void } {
  const dispatch = useAppDispatch()
  const store = useAppStore()
  const [opened, setOpened] = useState<string | null>(null)
  const [error, setError] = useState<string | null>(null)
  const load = useCallback(
    () =>
      Promise.all([keptJob(jobId), store.device.items()]).then(
        ([{ answer, isKept }, items]) => {
          const { facts, revision, log, published, marks } = answer
          const own = items.filter((item) => item.jobId === jobId && item.refused === null)
          const pending = own.flatMap(({ what }) => (what.kind === 'edit' ? [what.edit] : []))
          const unsent = own.flatMap(({ what }) => (what.kind === 'tick' ? [what.event] : []))
          dispatch(jobOpened({ facts, revision, published, pending }))
          dispatch(logOpened({ jobId, events: log, unsent }))
          dispatch(isKept ? officeLost() : officeReached())
          store.news.open(jobId, marks)
          setOpened(jobId)
          setError(null)
        },
        (failure: ApiError) => setError(failure.message),
      ),
    [dispatch, jobId, store],
  )
  useEffect(() => {
    void load()
    store.onAnew((id) => void (id === jobId && load()))
    const timer = setInterval(() => store.planAnew(), REPLAN_MS)
    return () => {
      clearInterval(timer)
      store.news.close()
      dispatch(jobClosed())
    }
  }, [load, dispatch, store, jobId])
  return { ready: opened === jobId, error, reload: () => void load() }
}
