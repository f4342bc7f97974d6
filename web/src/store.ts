import { configureStore } from '@reduxjs/toolkit'
import { useDispatch, useSelector } from 'react-redux'
import { clockSlice } from './state/clockSlice'
import { effects, receivePlans } from './state/effects'
import { jobSlice } from './state/jobSlice'
import { logSlice } from './state/logSlice'
import { noticeSlice } from './state/noticeSlice'
import { planSlice } from './state/planSlice'

export const store = configureStore({
  reducer: {
    job: jobSlice.reducer,
    log: logSlice.reducer,
    plan: planSlice.reducer,
    clock: clockSlice.reducer,
    notice: noticeSlice.reducer,
  },
  // Plans and surveys are large plain data; walking them on every action costs more than it finds.
  middleware: (defaults) => defaults({ serializableCheck: false, immutableCheck: false }).prepend(effects.middleware),
})

receivePlans(store.dispatch)

export type RootState = ReturnType<typeof store.getState>
export type AppDispatch = typeof store.dispatch
export const useAppDispatch = useDispatch.withTypes<AppDispatch>()
export const useAppSelector = useSelector.withTypes<RootState>()
