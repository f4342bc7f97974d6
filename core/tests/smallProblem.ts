import type { ProblemActivity, ProblemLag, ScheduleProblem } from '../src/planning/problem/problem'

/** Small schedule problems by hand: one activity, a lag, a tie, and the problem around them. */
export const act = (
  id: string,
  minutes: number,
  more: Partial<ProblemActivity> & { crewId?: string } = {},
): ProblemActivity => {
  const { crewId = 'a', ...rest } = more
  return {
    id,
    roomId: 'r',
    modes: [{ crewId, minutes }],
    uses: [],
    divisible: false,
    follows: null,
    release: null,
    air: null,
    ...rest,
  }
}

export const lag = (from: string, to: string, amount = 0, more: Partial<ProblemLag> = {}): ProblemLag => ({
  from,
  to,
  min: { clock: null, amount },
  max: null,
  ...more,
})

export const tied = (from: string, to: string): ProblemLag => lag(from, to, 0, { max: { clock: null, amount: 0 } })

/** One crew `a` and all the time there is; whatever else is said in `more`. */
export const problem = (
  activities: readonly ProblemActivity[],
  more: Partial<ScheduleProblem> = {},
): ScheduleProblem => ({
  format: 'crisp-hem/problem',
  version: 1,
  from: 0,
  horizon: 2880,
  activities,
  lags: [],
  crews: [{ id: 'a', shifts: [[0, 2880]] }],
  resources: [],
  places: [],
  clocks: [],
  airs: [],
  pulls: [],
  bands: [],
  passes: [],
  keeps: [],
  done: [],
  fixed: [],
  goals: [],
  ...more,
})
