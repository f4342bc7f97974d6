import { createSlice, type PayloadAction } from '@reduxjs/toolkit'
import type { Plan } from '@crisp-hem/core'

interface PlanState {
  plan: Plan | null
  /** How long the worker took, ms. */
  tookMs: number
  failed: string | null
}

const initialState: PlanState = { plan: null, tookMs: 0, failed: null }

/** The latest plan from the worker; worked out from facts and log, never saved. */
export const planSlice = createSlice({
  name: 'plan',
  initialState,
  reducers: {
    planned: (_state, { payload }: PayloadAction<{ plan: Plan; tookMs: number }>) => ({ ...payload, failed: null }),
    planFailed: (state, { payload }: PayloadAction<string>) => ({ ...state, failed: payload }),
    planCleared: () => initialState,
  },
})

export const { planned, planFailed, planCleared } = planSlice.actions
