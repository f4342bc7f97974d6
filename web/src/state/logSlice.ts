import { createSlice, type PayloadAction } from '@reduxjs/toolkit'
import type { LogEvent } from '@crisp-hem/core'
import type { Refusal } from './sending'

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
    /** A tick the server will not have is none: it goes from the log, and is told. */
    eventsRefused(state, { payload }: PayloadAction<Refusal>) {
      const gone = (event: LogEvent) => event.id === payload.event.id
      state.events = state.events.filter((event) => !gone(event))
      state.unsent = state.unsent.filter((event) => !gone(event))
    },
    eventsTaken(state, { payload }: PayloadAction<string[]>) {
      const taken = new Set(payload)
      state.unsent = state.unsent.filter((event) => !taken.has(event.id))
    },
  },
})

export const { logOpened, happened, eventsTaken, eventsRefused } = logSlice.actions
