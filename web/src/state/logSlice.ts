import { createSlice, type PayloadAction } from '@reduxjs/toolkit'
import type { LogEvent } from '@crisp-hem/core'

interface LogState {
  jobId: string | null
  events: LogEvent[]
  /** Made here, not yet taken by the server; kept on the device until they are. */
  unsent: LogEvent[]
}

const initialState: LogState = { jobId: null, events: [], unsent: [] }

/** The open job's log. Events are only ever added; an undo is one more event. */
export const logSlice = createSlice({
  name: 'log',
  initialState,
  reducers: {
    logOpened(
      _state,
      { payload }: PayloadAction<{ jobId: string; events: readonly LogEvent[]; unsent: readonly LogEvent[] }>,
    ) {
      const known = new Set(payload.events.map((event) => event.id))
      const unsent = payload.unsent.filter((event) => !known.has(event.id))
      return { jobId: payload.jobId, events: [...payload.events, ...unsent], unsent }
    },
    happened(state, { payload }: PayloadAction<LogEvent[]>) {
      state.events.push(...(payload as typeof state.events))
      state.unsent.push(...(payload as typeof state.unsent))
    },
    eventsTaken(state, { payload }: PayloadAction<string[]>) {
      const taken = new Set(payload)
      state.unsent = state.unsent.filter((event) => !taken.has(event.id))
    },
  },
})

export const { logOpened, happened, eventsTaken } = logSlice.actions
