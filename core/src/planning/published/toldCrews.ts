import type { Job } from '../../base/nouns'
import { isOfOwnCrew } from '../problem/otherCrews'
import type { GivenTo } from '../problem/withCrews'
import type { Activity } from '../work'

/**
 * Which crew was told to do each thing, in rooms that still are with the crew that was told to end them. Where a room has another crew
 * since, nothing told before says who does what.
 */
export function toldCrews(
  { published }: Pick<Job, 'published'>,
  activities: readonly Pick<Activity, 'id' | 'roomId' | 'needs'>[],
): GivenTo {
  if (!published) return new Map()
  const told = new Map<string, string>(published.tasks.map(({ taskId, crewId }) => [taskId, crewId]))
  const ends = activities.filter(({ id }) => isOfOwnCrew(id))
  const same = new Set(ends.flatMap(({ id, roomId, needs }) => (told.get(id) === needs.crewId ? [roomId] : [])))
  return new Map(
    activities.flatMap(({ id, roomId }): [string, string][] => {
      const crewId = told.get(id)
      return crewId !== undefined && same.has(roomId) ? [[id, crewId]] : []
    }),
  )
}
