import type { JobFacts } from '@crisp-hem/core/wire'
import { useCallback, useEffect, useState } from 'react'
import { api, type ApiError } from '../api'
import { jobClosed, jobOpened, planPublished } from '../state/jobSlice'
import { logOpened } from '../state/logSlice'
import { deviceDrafts, takenUp } from '../state/drafts'
import { deviceOutbox } from '../state/outbox'
import { useAppDispatch, useAppStore, type AppStore } from '../store'
import { noticed } from '../state/noticeSlice'
import { W } from '../words'

const REPLAN_MS = 60_000

/** Opens the job of an address, and keeps its plan up with the clock while it is open. */
export function useOpenJob(jobId: string): { ready: boolean; error: string | null; reload: () => void } {
  const dispatch = useAppDispatch()
  const store = useAppStore()
  const [opened, setOpened] = useState<string | null>(null)
  const [error, setError] = useState<string | null>(null)
  const load = useCallback(
    () =>
      api.job(jobId).then(
        ({ facts, revision, log, published }) => {
          const draft = draftFor(facts, revision)
          if (draft === 'outdated') dispatch(noticed({ text: W.frame.draftOutdated, tone: 'wrong', undo: null }))
          const edited = draft !== null && draft !== 'outdated'
          dispatch(jobOpened({ facts: edited ? draft : facts, revision, published, draft: edited }))
          dispatch(logOpened({ jobId, events: log, unsent: deviceOutbox(localStorage).read(jobId) }))
          setOpened(jobId)
          setError(null)
        },
        (failure: ApiError) => setError(failure.message),
      ),
    [dispatch, jobId],
  )
  useEffect(() => {
    void load()
    const timer = setInterval(() => {
      store.planAnew()
      void takeNewerPlan(store, jobId)
    }, REPLAN_MS)
    return () => {
      clearInterval(timer)
      dispatch(jobClosed())
    }
  }, [load, dispatch, store, jobId])
  return { ready: opened === jobId, error, reload: () => void load() }
}

/** An edit that was not saved when the page was left last, if there is one. */
function draftFor(facts: JobFacts, revision: number): JobFacts | 'outdated' | null {
  const drafts = deviceDrafts(localStorage)
  const taken = takenUp(drafts.read(facts.id), facts, revision)
  drafts.write(facts.id, null)
  return taken
}

/** A plan that was published elsewhere since; without a line the one at hand stands. */
async function takeNewerPlan(store: AppStore, jobId: string): Promise<void> {
  const [latest] = await api.published(jobId).catch(() => [])
  const standing = store.getState().job.published?.number ?? 0
  if (latest && latest.number > standing && store.getState().job.facts?.id === jobId)
    store.dispatch(planPublished(latest))
}
