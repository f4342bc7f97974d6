import { createSlice, type PayloadAction } from '@reduxjs/toolkit'
import { fieldOf, type FactChange } from '@crisp-hem/core'
import type { MissedChange } from '@crisp-hem/core/wire'
import { editMade, editsHeard, jobOpened } from './jobSlice'

/** A field that two people changed: what was meant here, and what stands instead. */
export type Missed = Omit<MissedChange, 'editId'>

interface MissedState {
  readonly list: readonly Missed[]
  /** What was set here lately, by field: so that it is told when somebody sets it otherwise. */
  readonly own: Readonly<Record<string, FactChange>>
}

const initialState: MissedState = { list: [], own: {} }
const MOST = 50

/** What was changed here and does not stand: told until it is put back or let be. */
export const missedSlice = createSlice({
  name: 'missed',
  initialState,
  reducers: {
    changesMissed: (state, { payload }: PayloadAction<readonly MissedChange[]>) => ({
      ...state,
      list: [...state.list, ...payload].slice(-MOST),
    }),
    missedSeen: (state) => ({ ...state, list: [] }),
  },
  extraReducers: (on) =>
    on
      .addCase(jobOpened, () => initialState)
      .addCase(editMade, (state, { payload }): MissedState => {
        const own = Object.fromEntries(payload.changes.map((change) => [fieldOf(change), change]))
        return { list: (state as MissedState).list, own: { ...(state as MissedState).own, ...own } }
      })
      .addCase(editsHeard, (state, { payload }): MissedState => {
        const at = state as MissedState
        const over = payload.edits
          .filter((edit) => edit.device !== payload.device)
          .flatMap(({ by, changes }) =>
            changes.flatMap((change): Missed[] => {
              const mine = at.own[fieldOf(change)]
              const isOther = mine?.act === 'set' && JSON.stringify(mine.value) !== JSON.stringify(change.value)
              return isOther ? [{ change: mine, now: change.value, by, why: 'later' }] : []
            }),
          )
        return over.length === 0 ? at : { ...at, list: [...at.list, ...over].slice(-MOST) }
      }),
})

export const { changesMissed, missedSeen } = missedSlice.actions
