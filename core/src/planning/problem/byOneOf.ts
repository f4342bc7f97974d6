import type { Parameters } from '../../base/parameters/parameters'
import type { Crew, Job } from '../../base/nouns'
import { crewSpeed } from '../../nature/calendar/calendar'
import { crewMinutes, isOfTheGun, type Activity } from '../work'
import { AT_ANY_PACE } from './otherCrews'
import type { Mode } from './problem'

/** How many of a crew there are who may be at different things, and how they do what not all of them are needed for. */
export interface ByOneOf {
  /** One, the whole crew, where they stay together. */
  readonly peopleOf: (crew: Crew) => number
  /** The ways of a crew to do some work: all of them; the one with the gun; one alone, or all but the one with the gun. */
  readonly modesOf: (act: Activity, mode: Mode) => readonly Mode[]
}

/** What work takes that not all of a crew are needed for: how many people, and how many practised ones they are worth. */
interface Party {
  readonly hands: number
  readonly speed: number
}

/**
 * A crew may split for an hour: one sprays while another masks elsewhere. Nobody who learns works alone: where there are beginners, all but the one
 * with the gun stay together, with somebody practised among them. What has to stay wet is done by all.
 */
export function byOneOf(
  { crews }: Pick<Job, 'crews'>,
  parameters: Pick<Parameters, 'work'>,
  hasWays: boolean,
): ByOneOf {
  const alone = 1 / parameters.work.skillFactor.practised.value
  const partyOf = (crew: Crew): Party | null => {
    const practised = crew.people.filter(({ skill }) => skill === 'practised').length
    if (hasWays || practised < 2) return null
    return practised === crew.people.length
      ? { hands: 1, speed: alone }
      : { hands: crew.people.length - 1, speed: crewSpeed(crew, parameters) - alone }
  }
  const parties = new Map(crews.map((crew) => [crew.id, partyOf(crew)]))
  return {
    peopleOf: (crew) => (partyOf(crew) ? crew.people.length : 1),
    modesOf(act, mode) {
      const party = parties.get(mode.crewId)
      if (!party) return [mode]
      if (isOfTheGun(act)) return [{ ...mode, hands: 1 }]
      if (!isForSome(act)) return [mode]
      return [mode, { crewId: mode.crewId, minutes: crewMinutes(act, party.speed), hands: party.hands }]
    },
  }
}

/** What some do as well as all of them: nothing in it has to stay wet, tape that is dry comes off, lines are looked along. */
const isForSome = ({ kind, divisible }: Activity): boolean =>
  AT_ANY_PACE.includes(kind) || kind === 'look' || (kind === 'pull' && divisible)
