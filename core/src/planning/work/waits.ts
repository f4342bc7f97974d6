import { AT_ONCE, type Activity, type Lag } from './activity'
import type { Wait } from './roundWork'

/** Waiting for an activity to end, and no longer. */
export const atOnce = (from: string): Wait => ({ from, min: AT_ONCE })

/** Waiting for some activities; those there are none of are left out. */
export const waitsFor = (acts: readonly (Activity | null)[]): Wait[] =>
  acts.flatMap((act) => (act === null ? [] : [atOnce(act.id)]))

/** The lags that make an activity wait. */
export const lagsTo = (act: Activity, waits: readonly Wait[]): Lag[] =>
  waits.map((wait) => ({ ...wait, to: act.id, max: null }))
