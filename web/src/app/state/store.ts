import { configureStore, createListenerMiddleware } from '@reduxjs/toolkit'
import { useDispatch, useSelector, useStore } from 'react-redux'
import { askForPlan, addPlanning, receivePlans } from './planning'
import { addPutting } from './putting'
import { outboxRead } from './outSlice'
import { News } from './news'
import { Sender } from './sending'
import { reducer, type AppDispatch, type RootState, type StartListening } from './reducer'
import type { Services } from './services'

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
export const useAppDispatch = useDispatch.withTypes<AppDispatch>()
export const useAppSelector = useSelector.withTypes<RootState>()
export const useAppStore = useStore.withTypes<AppStore>()
