import type { Parameters } from '../../base/parameters/parameters'
import type { ActivityId, Crew } from '../../base/nouns'
import { crewSpeed } from '../../nature/calendar/calendar'
import { crewMinutes, type Work } from './activity'

/** Whole minutes of every activity, by its crew as it is now; a crew that is gone counts as one practised painter. */
export function minutesOf(
  work: Pick<Work, 'activities'>,
  crews: readonly Crew[],
  parameters: Pick<Parameters, 'work'>,
): ReadonlyMap<ActivityId, number> {
  const speeds = new Map(crews.map((crew) => [crew.id, crewSpeed(crew, parameters)]))
  return new Map(work.activities.map((act) => [act.id, crewMinutes(act, speeds.get(act.needs.crewId) ?? 1)]))
}
