import { createSlice, type PayloadAction } from '@reduxjs/toolkit'

const JITTER_MS = 2000

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
    /** What an answer takes on its way is no change of the clock. */
    clockSet: (state, { payload }: PayloadAction<number>) =>
      Math.abs(payload - state.aheadMs) < JITTER_MS && payload !== 0 ? state : { aheadMs: payload },
  },
})

export const { clockSet } = clockSlice.actions
