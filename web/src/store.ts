import { configureStore, createListenerMiddleware, type TypedStartListening } from '@reduxjs/toolkit'
import { useDispatch, useSelector, useStore } from 'react-redux'
import type { Api } from './api'
import type { Identity } from './device/identity'
import type { DeviceStore } from './device/store'
import { clockSlice } from './state/clockSlice'
import { jobSlice } from './state/jobSlice'
import { logSlice } from './state/logSlice'
import { guardSlice } from './state/guardSlice'
import { noticeSlice } from './state/noticeSlice'
import type { Planner } from './state/planner'
import { addPlanning, askForPlan, receivePlans } from './state/planning'
import { planSlice } from './state/planSlice'
import { missedSlice } from './state/missedSlice'
import { News, type Line } from './state/news'
import { outboxRead, outSlice } from './state/outSlice'
import { addPutting } from './state/putting'
import { Sender } from './state/sending'

/** What the store works with; tests put stand-ins here. */
export interface Services {
  readonly api: Api
  readonly planner: Planner
  /** What this device keeps, and who it is. */
  readonly device: DeviceStore
  readonly identity: Identity
  /** Opens a line on which news come. */
  readonly openLine: (url: string) => Line
  /** Milliseconds since the epoch. */
  readonly clock: () => number
  /** Tells when the page is about to be left. */
  readonly onLeave: (leave: () => void) => void
  /** Tells when the network is back. */
  readonly onLine: (back: () => void) => void
  /** Tells when somebody looks at the page again, and when nobody does any more. */
  readonly onSeen: (seen: (isSeen: boolean) => void) => void
}

const reducer = {
  job: jobSlice.reducer,
  log: logSlice.reducer,
  plan: planSlice.reducer,
  clock: clockSlice.reducer,
  notice: noticeSlice.reducer,
  out: outSlice.reducer,
  missed: missedSlice.reducer,
  guard: guardSlice.reducer,
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
  addPutting(listen, services)
  receivePlans(store.dispatch, services.planner)
  const { api, device, identity, openLine } = services
  const { dispatch } = store
  const getState = () => store.getState()
  const anew = { job: (_id: string): void => undefined }
  const news = new News({ api, device, identity, dispatch, getState, openLine, onAnew: (id) => anew.job(id) })
  const sender = new Sender({ api, device, deviceId: identity.id, dispatch, getState, hear: news.hear })
  device.onChange(() => {
    void device.items().then((items) => {
      dispatch(outboxRead(items))
      if (items.some((item) => item.refused === null)) sender.soon()
    })
  })
  // What was left from before.
  void device.items().then((items) => {
    dispatch(outboxRead(items))
    if (items.length > 0) sender.soon(0)
  })
  services.onLeave(() => void sender.send())
  services.onSeen((isSeen) => (isSeen ? news.wake() : news.rest()))
  services.onLine(() => {
    news.wake()
    void sender.send()
  })
  return Object.assign(store, {
    /** Plans anew as the clock goes on. */
    planAnew: () => askForPlan(store.getState(), services.planner, services.clock),
    news,
    sender,
    device,
    identity,
    /** Called where the open job has to be fetched as a whole. */
    onAnew: (load: (jobId: string) => void) => void (anew.job = load),
  })
}

export type AppStore = ReturnType<typeof makeStore>
export type AppDispatch = ReturnType<typeof makeStore>['dispatch']
export type StartListening = TypedStartListening<RootState, AppDispatch>
export const useAppDispatch = useDispatch.withTypes<AppDispatch>()
export const useAppSelector = useSelector.withTypes<RootState>()
export const useAppStore = useStore.withTypes<AppStore>()
