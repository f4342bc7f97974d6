import { useCallback, useEffect, useState } from 'react'
import { api, type ApiError } from '../api'
import { askForPlan } from '../state/effects'
import { jobClosed, jobOpened } from '../state/jobSlice'
import { logOpened } from '../state/logSlice'
import { unsentStore } from '../state/unsentStore'
import { store, useAppDispatch } from '../store'

const REPLAN_MS = 60_000

/** Opens the job of an address, and keeps its plan up with the clock while it is open. */
export function useOpenJob(jobId: string): { ready: boolean; error: string | null; reload: () => void } {
  const dispatch = useAppDispatch()
  const [opened, setOpened] = useState<string | null>(null)
  const [error, setError] = useState<string | null>(null)
  const load = useCallback(
    () =>
      api.job(jobId).then(
        ({ facts, revision, log }) => {
          dispatch(jobOpened({ facts, revision }))
          dispatch(logOpened({ jobId, events: log, unsent: unsentStore.read(jobId) }))
          setOpened(jobId)
          setError(null)
        },
        (failure: ApiError) => setError(failure.message),
      ),
    [dispatch, jobId],
  )
  useEffect(() => {
    void load()
    const timer = setInterval(() => askForPlan(store.getState()), REPLAN_MS)
    return () => {
      clearInterval(timer)
      dispatch(jobClosed())
    }
  }, [load, dispatch])
  return { ready: opened === jobId, error, reload: () => void load() }
}
