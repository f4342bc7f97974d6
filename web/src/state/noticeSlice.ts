import { createSlice, type PayloadAction } from '@reduxjs/toolkit'

export interface Notice {
  readonly text: string
  readonly tone: 'plain' | 'wrong'
  /** Offers to take the last act back: which one. */
  readonly undo:
    | { readonly kind: 'delete job'; readonly jobId: string }
    | { readonly kind: 'tick'; readonly eventIds: string[] }
    | null
}

/** One line at the foot of the screen about what has just been done or refused. */
export const noticeSlice = createSlice({
  name: 'notice',
  initialState: { current: null } as { current: Notice | null },
  reducers: {
    noticed: (_state, { payload }: PayloadAction<Notice>) => ({ current: payload }),
    noticeClosed: () => ({ current: null }),
  },
})

export const { noticed, noticeClosed } = noticeSlice.actions
