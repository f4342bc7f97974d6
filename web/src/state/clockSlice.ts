import { createSlice, type PayloadAction } from '@reduxjs/toolkit'

interface ClockState {
  /** Milliseconds the practice clock runs ahead of the device's; 0 is real time. */
  aheadMs: number
}

const initialState: ClockState = { aheadMs: 0 }

/** Which time the boards believe: the device's, or a practice time that runs on from where it was set. */
export const clockSlice = createSlice({
  name: 'clock',
  initialState,
  reducers: {
    clockSet: (_state, { payload }: PayloadAction<number>) => ({ aheadMs: payload }),
  },
})

export const { clockSet } = clockSlice.actions
