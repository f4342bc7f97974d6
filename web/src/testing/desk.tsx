import type { ReactNode } from 'react'
import { renderToStaticMarkup } from 'react-dom/server'
import { Provider } from 'react-redux'
import { MemoryRouter, Route, Routes } from 'react-router'
import type { AppStore } from '../app/state/store'
import { planJob, type Job, type Plan } from '@crisp-hem/core'

/** Nothing is worked out beside the page here: workers take questions and never answer. */
class StillWorker {
  onmessage = null
  postMessage(): void {}
  terminate(): void {}
}

/** Stands in for what a browser would have, as far as drawing a page needs it. Called before anything of the app is loaded. */
export function setDesk(): void {
  const kept = new Map<string, string>()
  const localStorage = {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
    removeItem: (key: string) => void kept.delete(key),
  }
  Object.assign(globalThis, { Worker: StillWorker, localStorage })
}

const desk: { store: AppStore | null } = { store: null }

/** One store for all that is drawn here, with services that never answer. */
export async function deskStore(): Promise<AppStore> {
  const { openStore } = await import('../app/state/openStore')
  desk.store ??= openStore()
  return desk.store
}

/** Opens a job at an instant, while its plan is still being worked out. */
export async function openUnplanned(job: Job, at: number): Promise<AppStore> {
  const store = await deskStore()
  const { jobOpened } = await import('../app/state/jobSlice')
  const { logOpened } = await import('../app/state/logSlice')
  const { planCleared } = await import('../app/state/planSlice')
  const { clockSet } = await import('../app/state/clockSlice')
  const { log, published, ...facts } = job
  store.dispatch(planCleared())
  store.dispatch(clockSet(at * 60_000 - Date.now()))
  store.dispatch(jobOpened({ facts, revision: 1, published }))
  store.dispatch(logOpened({ jobId: job.id, events: log, unsent: [] }))
  return store
}

/** Opens a job at an instant, with its plan. */
export async function openOnDesk(job: Job, at: number): Promise<Plan> {
  const plan = Object.freeze(planJob(job, at))
  await openPlanned(job, plan, at)
  return plan
}

/** Opens a job with a plan that was made for it, or for an earlier version of it. */
export async function openPlanned(job: Job, plan: Plan, at: number): Promise<void> {
  const store = await openUnplanned(job, at)
  const { planned } = await import('../app/state/planSlice')
  store.dispatch(planned({ plan, tookMs: 1 }))
}

/** What a part of the open job's screens looks like, as markup. */
export async function drawnAt(path: string, node: ReactNode, route = '/jobs/:jobId/*'): Promise<string> {
  const store = await deskStore()
  return renderToStaticMarkup(
    <Provider store={store}>
      <MemoryRouter initialEntries={[path]}>
        <Routes>
          <Route path={route} element={node} />
          <Route path="*" element={node} />
        </Routes>
      </MemoryRouter>
    </Provider>,
  )
}

/** Marks of a figure that was not there, or a gap in a sentence. */
export const MISSING = /NaN|undefined|\[object|Infinity|\{\w+\}/
