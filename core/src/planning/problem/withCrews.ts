import type { Hands, Mode, ProblemActivity, ProblemCrew, ScheduleProblem } from './problem'

/** Which crew does an activity, where it is not the one its problem has. */
export type GivenTo = ReadonlyMap<string, string>

const NONE: readonly Mode[] = []

/**
 * How a crew, or so many of it, would do an activity, whether it is its own or it would lend a hand; none where it may not. Where no
 * way takes as many, the crew's first.
 */
export function modeOf(
  { modes, others = NONE }: Pick<ProblemActivity, 'modes' | 'others'>,
  { crewId, hands }: Hands,
): Mode | undefined {
  let first: Mode | undefined
  // Asked for every activity of every plan that is tried: nothing is made on the way.
  for (const list of [modes, others])
    for (const mode of list) {
      if (mode.crewId !== crewId) continue
      if (mode.hands === hands) return mode
      first ??= mode
    }
  return first
}

/** Who does something, without what else is known of it. */
export const handsOf = ({ crewId, hands }: Hands): Hands => (hands === undefined ? { crewId } : { crewId, hands })

/** How many people of a crew somebody is. */
export const peopleAt = ({ hands }: Pick<Hands, 'hands'>, crew: Pick<ProblemCrew, 'people'> | undefined): number =>
  hands ?? crew?.people ?? 1

/** A problem in which some work is given to other crews that may lend a hand with it. */
export function withCrews(problem: ScheduleProblem, given: GivenTo): ScheduleProblem {
  if (given.size === 0) return problem
  return {
    ...problem,
    activities: problem.activities.map((act) => {
      const crewId = given.get(act.id)
      const mode = crewId === undefined ? undefined : modeOf(act, { crewId })
      if (!mode || act.modes.includes(mode)) return act
      const all = [...act.modes, ...(act.others ?? [])]
      // All of them come, or as many as are free.
      const isTheirs = (other: Mode) => other.crewId === crewId
      return { ...act, modes: all.filter(isTheirs), others: all.filter((other) => !isTheirs(other)) }
    }),
  }
}
