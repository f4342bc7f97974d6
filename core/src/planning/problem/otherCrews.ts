import type { Parameters } from '../../base/parameters/parameters'
import { readActivity, type ActivityId, type Crew, type Job } from '../../base/nouns'
import { crewSpeed } from '../../nature/calendar/calendar'
import { crewMinutes, type Activity } from '../work'
import type { Mode } from './problem'

/** Work that a slower crew may do as well: nothing in it has to stay wet. */
export const AT_ANY_PACE: readonly Activity['kind'][] = ['prep', 'cover', 'mark', 'lay', 'uncover']

/** What the crew that answers for a room never leaves to another: taking the sheets up and the look at its end. */
export const isOfOwnCrew = (id: ActivityId | string): boolean => {
  const ref = readActivity(id)
  return ref?.of === 'room' && (ref.act === 'look' || ref.act === 'uncover')
}

/**
 * Crews that may lend a hand with work that is another's, with the minutes they would take, the quickest first. Whoever holds a gun
 * keeps it, and whoever answers for a room ends it; what has to stay wet from its first stroke to the pull was cut to its own crew's pace, so that nobody slower takes it
 * over; a line by hand is for somebody practised. Nobody does where the house keeps each crew in its own rooms.
 */
export function otherCrewsOf(
  { crews, planning, house }: Pick<Job, 'crews' | 'planning' | 'house'>,
  parameters: Pick<Parameters, 'work'>,
): (act: Activity) => readonly Mode[] {
  const able = crews
    .filter(({ people }) => people.length > 0)
    .map((crew) => ({ crew, speed: crewSpeed(crew, parameters) }))
    .sort((a, b) => b.speed - a.speed)
  const given = new Set(planning.holds.flatMap(({ taskId, crewId }) => (crewId === null ? [] : [taskId])))
  if (!house.lendHands) return () => []
  return (act) => {
    const { crewId, gun, skill } = act.needs
    const own = able.find(({ crew }) => crew.id === crewId)
    if (!own || gun || isOfOwnCrew(act.id) || act.kind === 'gun-up' || act.kind === 'gun-down' || given.has(act.id))
      return []
    return able.flatMap(({ crew, speed }): Mode[] => {
      const isQuick = speed >= own.speed || AT_ANY_PACE.includes(act.kind)
      const isSkilled = skill !== 'practised' || isPractised(crew)
      return crew.id !== crewId && isQuick && isSkilled ? [{ crewId: crew.id, minutes: crewMinutes(act, speed) }] : []
    })
  }
}

const isPractised = ({ people }: Crew): boolean => people.some(({ skill }) => skill === 'practised')
