import { api } from '../office/api'
import { deviceStore } from '../device'
import { identityIn } from '../device/identity'
import { workerPlanner } from './planner'
import { makeStore } from './store'

/** The store of a page in a browser. */
export const openStore = () =>
  makeStore({
    api,
    planner: workerPlanner(new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' })),
    device: deviceStore(),
    identity: identityIn(localStorage, Date.now),
    openLine: (url) => new EventSource(url),
    clock: Date.now,
    // Pages drawn without a browser are never left.
    onLeave: (leave) => globalThis.addEventListener?.('pagehide', leave),
    onSeen: (seen) =>
      globalThis.document?.addEventListener('visibilitychange', () => seen(document.visibilityState === 'visible')),
    onLine: (back) => globalThis.addEventListener?.('online', back),
  })
