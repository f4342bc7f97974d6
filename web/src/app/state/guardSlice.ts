import { createSlice, type PayloadAction } from '@reduxjs/toolkit'
import type { LogEvent, Said } from '@crisp-hem/core'

/** A line to be; one that is about a picture has the picture's id. */
export type NewTick = Omit<LogEvent, 'id'> & { readonly id?: string }

/** A tick that the record speaks against, held until whoever made it has said that it is so. */
interface AskedTick {
  readonly made: readonly NewTick[]
  readonly words: string
  readonly doubts: readonly Said[]
}

const initialState: { asked: AskedTick | null } = { asked: null }

/** Ticks are guarded, not forbidden: asked once, and kept as said. */
export const guardSlice = createSlice({
  name: 'guard',
  initialState,
  reducers: {
    tickAsked: (_state, { payload }: PayloadAction<AskedTick>) => ({ asked: payload }),
    tickAnswered: () => initialState,
  },
})

export const { tickAsked, tickAnswered } = guardSlice.actions
