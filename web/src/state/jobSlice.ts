import { createSlice, type PayloadAction } from '@reduxjs/toolkit'
import type { PublishedPlan } from '@crisp-hem/core'
import type { JobFacts } from '@crisp-hem/core/wire'

export type SaveState = 'saved' | 'waiting' | 'saving' | 'failed' | 'changed elsewhere'

interface JobState {
  facts: JobFacts | null
  revision: number
  /** The plan people work by, or null while there is only a proposal. */
  published: PublishedPlan | null
  past: JobFacts[]
  future: JobFacts[]
  save: SaveState
  saveError: string | null
}

/** A job as it was opened. */
export interface JobOpened {
  readonly facts: JobFacts
  readonly revision: number
  readonly published?: PublishedPlan | null
  /** These facts are an edit that was not saved yet. */
  readonly draft?: boolean
}

const UNDO_STEPS = 200
const initialState: JobState = {
  facts: null,
  revision: 0,
  published: null,
  past: [],
  future: [],
  save: 'saved',
  saveError: null,
}

/** The open job's facts, with every earlier version for undo. Plans are worked out elsewhere and never stored here. */
export const jobSlice = createSlice({
  name: 'job',
  initialState,
  reducers: {
    jobOpened: (_state, { payload }: PayloadAction<JobOpened>): JobState => {
      const { facts, revision, published = null, draft = false } = payload
      return { ...initialState, facts, revision, published, save: draft ? 'waiting' : 'saved' }
    },
    planPublished(state, { payload }: PayloadAction<PublishedPlan>) {
      state.published = payload as typeof state.published
    },
    jobClosed: () => initialState,
    factsEdited(state, { payload }: PayloadAction<JobFacts>) {
      if (state.facts) state.past = [...state.past.slice(1 - UNDO_STEPS), state.facts] as typeof state.past
      state.facts = payload as typeof state.facts
      state.future = []
      state.save = 'waiting'
    },
    undone(state) {
      const before = state.past.pop()
      if (!before || !state.facts) return
      state.future.push(state.facts)
      state.facts = before
      state.save = 'waiting'
    },
    redone(state) {
      const after = state.future.pop()
      if (!after || !state.facts) return
      state.past.push(state.facts)
      state.facts = after
      state.save = 'waiting'
    },
    saveStarted(state) {
      state.save = 'saving'
    },
    saveDone(state, { payload }: PayloadAction<{ revision: number; facts: JobFacts }>) {
      state.revision = payload.revision
      state.saveError = null
      // Edits made while the save was on its way still wait for theirs.
      if (state.save === 'saving') state.save = 'saved'
    },
    saveFailed(state, { payload }: PayloadAction<{ state: SaveState; message: string }>) {
      state.save = payload.state
      state.saveError = payload.message
    },
  },
})

export const { jobOpened, jobClosed, planPublished, factsEdited, undone, redone, saveStarted, saveDone, saveFailed } =
  jobSlice.actions
