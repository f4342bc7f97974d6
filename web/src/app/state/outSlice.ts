import { createSlice, type PayloadAction } from '@reduxjs/toolkit'
import type { WhoAnswer } from '@crisp-hem/core/wire'
import type { OutItem, Sayer } from '../device/store'

/** What was refused, to be looked at: sent again, or dropped. */
export interface SetAside {
  readonly n: number
  readonly jobId: string
  readonly kind: OutItem['what']['kind']
  readonly reason: string
}

/** How much of one person waits. */
interface WaitingOf extends Sayer {
  readonly n: number
}

interface OutState {
  /** Things of all jobs that wait to be sent. */
  readonly waiting: number
  /** Of them, what people who signed in here said, by person. */
  readonly waitingOf: readonly WaitingOf[]
  readonly aside: readonly SetAside[]
  /** Whether the office was reached when it was asked last. */
  readonly isReached: boolean
  /** The office asks who this is. */
  readonly mustSignIn: boolean
  /** Minutes this device's clock is behind the office's; negative when it is ahead. */
  readonly skewMin: number
  /** Who this device is for; null until that is known. */
  readonly who: WhoAnswer | null
  /** A newer app waits to be taken. */
  readonly isShellNewer: boolean
}

const initialState: OutState = {
  waiting: 0,
  waitingOf: [],
  aside: [],
  isReached: true,
  mustSignIn: false,
  skewMin: 0,
  who: null,
  isShellNewer: false,
}

/** How this device stands with the office. */
export const outSlice = createSlice({
  name: 'out',
  initialState,
  reducers: {
    outboxRead: (state, { payload }: PayloadAction<readonly OutItem[]>) => ({
      ...state,
      waiting: payload.filter((item) => item.refused === null).length,
      waitingOf: [
        ...payload
          .reduce((of, { refused, who }) => {
            if (refused === null && who) of.set(who.id, { ...who, n: (of.get(who.id)?.n ?? 0) + 1 })
            return of
          }, new Map<string, WaitingOf>())
          .values(),
      ],
      aside: payload.flatMap(({ n, jobId, what, refused }) =>
        refused === null ? [] : [{ n, jobId, kind: what.kind, reason: refused }],
      ),
    }),
    officeReached: (state) =>
      state.isReached && !state.mustSignIn ? state : { ...state, isReached: true, mustSignIn: false },
    officeLost: (state) => (state.isReached ? { ...state, isReached: false } : state),
    signInAsked: (state) => ({ ...state, mustSignIn: true }),
    whoTold: (state, { payload }: PayloadAction<WhoAnswer>) => ({
      ...state,
      who: payload,
      mustSignIn: payload.who === null,
    }),
    shellIsNewer: (state) => ({ ...state, isShellNewer: true }),
    clockMeasured: (state, { payload }: PayloadAction<number>) => ({ ...state, skewMin: Math.round(payload / 60_000) }),
  },
})

export const { outboxRead, officeReached, officeLost, signInAsked, clockMeasured, whoTold, shellIsNewer } =
  outSlice.actions
