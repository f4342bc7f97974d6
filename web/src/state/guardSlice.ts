import { createSlice, type PayloadAction } from '@reduxjs/toolkit'
import type { Said } from '@crisp-hem/core'
import type { NewTick } from './useJob'

/** A tick that the record speaks against, held until whoever made it has said that it is so. */
export interface AskedTick {
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
