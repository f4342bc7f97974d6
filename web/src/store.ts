import { configureStore, createListenerMiddleware, type TypedStartListening } from '@reduxjs/toolkit'
import { useDispatch, useSelector, useStore } from 'react-redux'
import type { Api } from './api'
import { clockSlice } from './state/clockSlice'
import type { Drafts } from './state/drafts'
import { jobSlice } from './state/jobSlice'
import { logSlice } from './state/logSlice'
import { noticeSlice } from './state/noticeSlice'
import type { Outbox } from './state/outbox'
import type { Planner } from './state/planner'
import { addPlanning, askForPlan, receivePlans } from './state/planning'
import { planSlice } from './state/planSlice'
import { addSaving } from './state/saving'
import { addSending } from './state/sending'

/** What the store works with; tests put stand-ins here. */
export interface Services {
  readonly api: Api
  readonly planner: Planner
  readonly outbox: Outbox
  readonly drafts: Drafts
  /** Milliseconds since the epoch. */
  readonly clock: () => number
  /** Tells when the page is about to be left. */
  readonly onLeave: (leave: () => void) => void
}

const reducer = {
  job: jobSlice.reducer,
  log: logSlice.reducer,
  plan: planSlice.reducer,
  clock: clockSlice.reducer,
  notice: noticeSlice.reducer,
}
export type RootState = { readonly [K in keyof typeof reducer]: ReturnType<(typeof reducer)[K]> }

/** What is open, and what follows from changing it: plans are asked for, facts saved, ticks sent. */
export function makeStore(services: Services) {
  const effects = createListenerMiddleware()
  const store = configureStore({
    reducer,
    // Plans and surveys are large plain data; walking them on every action costs more than it finds.
    middleware: (defaults) => defaults({ serializableCheck: false, immutableCheck: false }).prepend(effects.middleware),
  })
  const listen = effects.startListening as StartListening
  addPlanning(listen, services)
  addSaving(listen, services)
  addSending(listen, services)
  receivePlans(store.dispatch, services.planner)
  return Object.assign(store, {
    /** Plans anew as the clock goes on. */
    planAnew: () => askForPlan(store.getState(), services.planner, services.clock),
  })
}

export type AppStore = ReturnType<typeof makeStore>
export type AppDispatch = ReturnType<typeof makeStore>['dispatch']
export type StartListening = TypedStartListening<RootState, AppDispatch>
export const useAppDispatch = useDispatch.withTypes<AppDispatch>()
export const useAppSelector = useSelector.withTypes<RootState>()
export const useAppStore = useStore.withTypes<AppStore>()
