import { api } from './api'
import { deviceDrafts } from './state/drafts'
import { deviceOutbox } from './state/outbox'
import { workerPlanner } from './state/planner'
import { makeStore } from './store'

/** The store of a page in a browser. */
export const openStore = () =>
  makeStore({
    api,
    planner: workerPlanner(new Worker(new URL('./state/plan.worker.ts', import.meta.url), { type: 'module' })),
    outbox: deviceOutbox(localStorage),
    drafts: deviceDrafts(localStorage),
    clock: Date.now,
    // Pages drawn without a browser are never left.
    onLeave: (leave) => globalThis.addEventListener?.('pagehide', leave),
  })
