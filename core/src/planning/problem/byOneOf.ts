import type { Parameters } from '../../base/parameters/parameters'
import type { Crew, Job } from '../../base/nouns'
import { crewMinutes, isOfTheGun, type Activity } from '../work'
import { AT_ANY_PACE } from './otherCrews'
import type { Mode } from './problem'

/** How many of a crew may each work by themselves, and how they do what one can do. */
export interface ByOneOf {
  /** None may where nobody is left beside whom somebody learns, or where they go from address to address together. */
  readonly peopleOf: (crew: Crew) => number
  /** The ways of a crew to do some work: all of them, one holds the gun while the others are free, one does it alone. */
  readonly modesOf: (act: Activity, mode: Mode) => readonly Mode[]
}

/** What one does as well as all of them: nothing in it has to stay wet, tape that is dry comes off, lines are looked along. */
const isForOne = ({ kind, divisible }: Activity): boolean =>
  AT_ANY_PACE.includes(kind) || kind === 'look' || (kind === 'pull' && divisible)

/**
 * A crew may split for an hour: one sprays while another masks elsewhere. Nobody who learns works alone, so that it takes as many practised
 * ones as there are people; what has to stay wet is done by all of them.
 */
export function byOneOf(
  { crews }: Pick<Job, 'crews'>,
  { work: { skillFactor } }: Pick<Parameters, 'work'>,
  hasWays: boolean,
): ByOneOf {
  const peopleOf = ({ people }: Crew): number =>
    !hasWays && people.every(({ skill }) => skill === 'practised') ? Math.max(1, people.length) : 1
  const countOf = new Map(crews.map((crew) => [crew.id, peopleOf(crew)]))
  return {
    peopleOf,
    modesOf(act, mode) {
      if ((countOf.get(mode.crewId) ?? 1) < 2) return [mode]
      if (isOfTheGun(act)) return [{ ...mode, hands: 1 }]
      if (!isForOne(act)) return [mode]
      const minutes = crewMinutes(act, 1 / skillFactor.practised.value)
      return [mode, { crewId: mode.crewId, minutes, hands: 1 }]
    },
  }
}
