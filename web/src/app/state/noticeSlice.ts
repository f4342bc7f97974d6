import { createSlice, type PayloadAction } from '@reduxjs/toolkit'
import { W } from '../words'
import { eventsRefused } from './logSlice'

export interface Notice {
  readonly text: string
  readonly tone: 'plain' | 'wrong'
  /** Offers to take the last act back: which one. */
  readonly undo:
    | { readonly kind: 'delete job'; readonly jobId: string }
    | { readonly kind: 'tick'; readonly eventIds: string[] }
    | null
}

const initialState: { current: Notice | null } = { current: null }

/** One line at the foot of the screen about what has just been done or refused. */
export const noticeSlice = createSlice({
  name: 'notice',
  initialState,
  reducers: {
    noticed: (_state, { payload }: PayloadAction<Notice>) => ({ current: payload }),
    noticeClosed: () => ({ current: null }),
  },
  extraReducers: (on) =>
    on.addCase(eventsRefused, (_state, { payload }) => ({
      current: { text: W.pulls.refused({ reason: payload.reason }), tone: 'wrong', undo: null },
    })),
})

export const { noticed, noticeClosed } = noticeSlice.actions
