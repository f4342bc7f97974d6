import type { Planning } from '../src/base/nouns'

/** A job whose plan begins everything as early as it can: what hangs on no price need not wait until a cheaper one was looked for. */
export const early = <T extends { readonly planning: Planning }>(job: T): T => ({
  ...job,
  planning: { ...job.planning, goals: [...job.planning.goals].reverse() },
})

/** The same job planned by its price again, for checks of what a cheaper plan does. */
export const byPrice = early
