import { createSlice, original, type PayloadAction } from '@reduxjs/toolkit'
import { applyEdits, changesBetween, type Edit, type PublishedPlan, type PublishedTask } from '@crisp-hem/core'
import type { JobFacts, TakenEdit } from '@crisp-hem/core/wire'

type SaveState = 'saved' | 'waiting' | 'saving' | 'failed'

interface JobState {
  /** What is shown: as the office has it, with what was edited here on top. */
  facts: JobFacts | null
  /** As the office has it. */
  base: JobFacts | null
  /** Made here and not yet in the base, in order. */
  pending: readonly Edit[]
  revision: number
  /** The plan people work by, or null while there is only a proposal. */
  published: PublishedPlan | null
  /** What this device found to be better than the first plan, while there is only a proposal. */
  draft: readonly PublishedTask[] | null
  past: readonly JobFacts[]
  future: readonly JobFacts[]
  save: SaveState
  saveError: string | null
}

/** A job as it was opened: as the office has it, and edits of this device that it has not taken yet. */
interface JobOpened {
  readonly facts: JobFacts
  readonly revision: number
  readonly published?: PublishedPlan | null
  readonly pending?: readonly Edit[]
}

const UNDO_STEPS = 200
const initialState: JobState = {
  facts: null,
  base: null,
  pending: [],
  revision: 0,
  published: null,
  draft: null,
  past: [],
  future: [],
  save: 'saved',
  saveError: null,
}

/** The state itself rather than a draft of it: facts are large, and walking drafts of them is slow. */
const plain = (state: object): JobState => (original(state) ?? state) as JobState

const after = (facts: JobFacts, edits: readonly Pick<Edit, 'changes'>[]): JobFacts =>
  applyEdits(
    facts,
    edits.flatMap(({ changes }) => changes),
  )

/** The same facts under a new base; those at hand stay where nothing differs, so that nothing is worked out again. */
function rebased(state: JobState, base: JobFacts, pending: readonly Edit[]): Partial<JobState> {
  const facts = after(base, pending)
  const isSame = state.facts !== null && changesBetween(state.facts, facts).length === 0
  return { base, pending, facts: isSame ? state.facts : facts }
}

/** The open job's facts, with every earlier version for undo. Plans are worked out elsewhere and never stored here. */
export const jobSlice = createSlice({
  name: 'job',
  // Facts are large and never changed in place: reducers put new states together instead of drafting.
  initialState,
  reducers: {
    jobOpened: (_state, { payload }: PayloadAction<JobOpened>): JobState => {
      const { facts, revision, published = null, pending = [] } = payload
      return {
        ...initialState,
        facts: after(facts, pending),
        base: facts,
        pending,
        revision,
        published,
        save: pending.length > 0 ? 'waiting' : 'saved',
      }
    },
    planPublished: (state, { payload }: PayloadAction<PublishedPlan>): JobState => ({
      ...plain(state),
      published: payload,
      draft: null,
    }),
    draftFound: (state, { payload }: PayloadAction<readonly PublishedTask[]>): JobState => ({
      ...plain(state),
      draft: payload,
    }),
    jobClosed: () => initialState,
    factsEdited: (state, { payload }: PayloadAction<JobFacts>): JobState => {
      const own = plain(state)
      const past = own.facts ? [...own.past.slice(1 - UNDO_STEPS), own.facts] : own.past
      return { ...own, past, facts: payload, future: [], save: 'waiting' }
    },
    undone: (state): JobState => {
      const own = plain(state)
      const before = own.past.at(-1)
      if (!before || !own.facts) return own
      return { ...own, past: own.past.slice(0, -1), future: [...own.future, own.facts], facts: before, save: 'waiting' }
    },
    redone: (state): JobState => {
      const own = plain(state)
      const next = own.future.at(-1)
      if (!next || !own.facts) return own
      return { ...own, future: own.future.slice(0, -1), past: [...own.past, own.facts], facts: next, save: 'waiting' }
    },
    /** What an edit, an undo or a redo changed, as it is sent. */
    editMade: (state, { payload }: PayloadAction<Edit>): JobState => {
      const own = plain(state)
      return { ...own, pending: [...own.pending, payload] }
    },
    /** Edits as the office took them, in its order: ours and those of others. */
    editsHeard: (
      state,
      { payload }: PayloadAction<{ revision: number; edits: readonly TakenEdit[]; device: string }>,
    ): JobState => {
      const own = plain(state)
      const { revision, edits, device } = payload
      if (!own.base || edits.length === 0) return own
      const heard = new Set(edits.map(({ id }) => id))
      const pending = own.pending.filter(({ id }) => !heard.has(id))
      const foreign = edits.filter((edit) => edit.device !== device)
      // Undo takes back what was done here, not what others did meanwhile.
      const with_ = (facts: JobFacts) => (foreign.length === 0 ? facts : after(facts, foreign))
      return {
        ...own,
        ...rebased(own, after(own.base, edits), pending),
        revision,
        past: own.past.map(with_),
        future: own.future.map(with_),
        save: pending.length === 0 ? 'saved' : own.save,
      }
    },
    /** Edits that the office has answered are no longer pending: what of them stands is in the base. */
    editsSettled: (state, { payload }: PayloadAction<readonly string[]>): JobState => {
      const own = plain(state)
      if (!own.base) return own
      const pending = own.pending.filter(({ id }) => !payload.includes(id))
      return {
        ...own,
        ...rebased(own, own.base, pending),
        save: pending.length === 0 ? 'saved' : own.save,
        saveError: null,
      }
    },
    saveStarted(state) {
      state.save = 'saving'
    },
    saveFailed(state, { payload }: PayloadAction<string>) {
      state.save = 'failed'
      state.saveError = payload
    },
  },
})

export const {
  jobOpened,
  jobClosed,
  planPublished,
  draftFound,
  factsEdited,
  undone,
  redone,
  editMade,
  editsHeard,
  editsSettled,
  saveStarted,
  saveFailed,
} = jobSlice.actions
