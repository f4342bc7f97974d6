import { useCallback, useEffect, useState } from 'react'
import type { ApiError } from '../office/api'
import { keptJob } from '../device/kept'
import { jobClosed, jobOpened } from '../state/jobSlice'
import { logOpened } from '../state/logSlice'
import { officeLost, officeReached } from '../state/outSlice'
import { useAppDispatch, useAppStore, type AppStore } from '../state/store'
import { lackingAt } from '../device/handIn'
import type { OutWhat } from '../device/store'
import { noticed } from '../state/noticeSlice'
import { isPainter } from '../state/useJob'
import { newId } from '../device/newId'
import { W } from '../words'
import type { JobAnswer } from '@crisp-hem/core/wire'

import { followClock } from './openClock'

const REPLAN_MS = 60_000

/** Puts down for the office what this device knows of a job and a copy that was put back there lacks. */
async function handIn(store: AppStore, office: JobAnswer): Promise<void> {
  const state = store.getState()
  const here = await store.device.job(office.facts.id).catch(() => null)
  const { ticks, changes } = lackingAt(office, here, !isPainter(state))
  const what: OutWhat[] = ticks.map((event) => ({ kind: 'tick', event, again: true }))
  if (changes.length > 0) what.push({ kind: 'edit', edit: { id: newId(), clock: store.identity.clock(), changes } })
  if (what.length === 0) return
  await store.device.put(office.facts.id, what, null)
  store.dispatch(
    noticed({ text: W.line.handedIn({ n: ticks.length, changes: changes.length }), tone: 'plain', undo: null }),
  )
}

/** Opens the job of an address, and keeps its plan up with the clock while it is open. */
export function useOpenJob(jobId: string): { ready: boolean; error: string | null; reload: () => void } {
  const dispatch = useAppDispatch()
  const store = useAppStore()
  const [opened, setOpened] = useState<string | null>(null)
  const [error, setError] = useState<string | null>(null)
  const load = useCallback(
    () =>
      keptJob(jobId, (office) => handIn(store, office)).then(
        async ({ answer, isKept }) => {
          const items = await store.device.items()
          const { facts, revision, log, published, marks, epoch } = answer
          const own = items.filter((item) => item.jobId === jobId && item.refused === null)
          const pending = own.flatMap(({ what }) => (what.kind === 'edit' ? [what.edit] : []))
          const unsent = own.flatMap(({ what }) => (what.kind === 'tick' ? [what.event] : []))
          dispatch(jobOpened({ facts, revision, published, pending }))
          dispatch(logOpened({ jobId, events: log, unsent }))
          dispatch(isKept ? officeLost() : officeReached())
          store.news.open(jobId, marks, epoch)
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
    const timer = setInterval(() => {
      store.planAnew()
      void followClock(dispatch)
    }, REPLAN_MS)
    const look = () => void (document.visibilityState === 'visible' && followClock(dispatch))
    document.addEventListener('visibilitychange', look)
    return () => {
      clearInterval(timer)
      document.removeEventListener('visibilitychange', look)
      store.news.close()
      dispatch(jobClosed())
    }
  }, [load, dispatch, store, jobId])
  return { ready: opened === jobId, error, reload: () => void load() }
}
