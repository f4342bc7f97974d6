import { createSlice, type PayloadAction } from '@reduxjs/toolkit'
import type { LogEvent } from '@crisp-hem/core'

interface LogState {
  jobId: string | null
  events: LogEvent[]
}

const initialState: LogState = { jobId: null, events: [] }

/** The open job's log. Events are only ever added; an undo is one more event. */
export const logSlice = createSlice({
  name: 'log',
  initialState,
  reducers: {
    /** @param unsent  made here and not yet taken by the office */
    logOpened(
      _state,
      { payload }: PayloadAction<{ jobId: string; events: readonly LogEvent[]; unsent: readonly LogEvent[] }>,
    ) {
      const known = new Set(payload.events.map((event) => event.id))
      const unsent = payload.unsent.filter((event) => !known.has(event.id))
      return { jobId: payload.jobId, events: [...payload.events, ...unsent] }
    },
    happened(state, { payload }: PayloadAction<LogEvent[]>) {
      state.events.push(...(payload as typeof state.events))
    },
    /** Lines as the office has them: those of others are added, our own get the time it put right. */
    eventsHeard(state, { payload }: PayloadAction<readonly LogEvent[]>) {
      const place = new Map(state.events.map((event, i) => [event.id, i]))
      for (const event of payload) {
        const at = place.get(event.id)
        if (at === undefined) state.events.push(event as (typeof state.events)[number])
        else state.events[at] = event as (typeof state.events)[number]
      }
    },
    /** Ticks that this device has no room to keep: not done until the office has them. */
    eventsLoose(state, { payload }: PayloadAction<readonly string[]>) {
      state.events = state.events.filter((event) => !payload.includes(event.id))
    },
    /** A tick the office will not have is none: it goes from the log, and is told. */
    eventsRefused(state, { payload }: PayloadAction<{ ids: readonly string[]; reason: string }>) {
      state.events = state.events.filter((event) => !payload.ids.includes(event.id))
    },
  },
})

export const { logOpened, happened, eventsHeard, eventsLoose, eventsRefused } = logSlice.actions
