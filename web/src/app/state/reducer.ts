import type { ThunkDispatch, TypedStartListening, UnknownAction } from '@reduxjs/toolkit'
import { clockSlice } from './clockSlice'
import { jobSlice } from './jobSlice'
import { logSlice } from './logSlice'
import { guardSlice } from './guardSlice'
import { noticeSlice } from './noticeSlice'
import { planSlice } from './planSlice'
import { missedSlice } from './missedSlice'
import { outSlice } from './outSlice'

/** What the store holds, a slice each. */
export const reducer = {
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
export type AppDispatch = ThunkDispatch<RootState, unknown, UnknownAction>
export type StartListening = TypedStartListening<RootState, AppDispatch>
