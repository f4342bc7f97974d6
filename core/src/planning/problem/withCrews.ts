import type { Mode, ProblemActivity, ScheduleProblem } from './problem'

/** Which crew does an activity, where it is not the one its problem has. */
export type GivenTo = ReadonlyMap<string, string>

/** How a crew would do an activity, whether it is its own or it would lend a hand; none where it may not. */
export const modeOf = (
  { modes, others = [] }: Pick<ProblemActivity, 'modes' | 'others'>,
  crewId: string,
): Mode | undefined => [...modes, ...others].find((mode) => mode.crewId === crewId)

/** A problem in which some work is given to other crews that may lend a hand with it. */
export function withCrews(problem: ScheduleProblem, given: GivenTo): ScheduleProblem {
  if (given.size === 0) return problem
  return {
    ...problem,
    activities: problem.activities.map((act) => {
      const crewId = given.get(act.id)
      const mode = crewId === undefined ? undefined : modeOf(act, crewId)
      if (!mode || act.modes.includes(mode)) return act
      const all = [...act.modes, ...(act.others ?? [])]
      return { ...act, modes: [mode], others: all.filter((other) => other !== mode) }
    }),
  }
}
