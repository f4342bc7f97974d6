import type { Crew, Job } from '../../base/nouns'
import type { Activity, Lag } from './activity'

const practisedIn = ({ people }: Crew): number => people.filter(({ skill }) => skill === 'practised').length

/**
 * A line cut by hand takes a practised one. Where the crew that has the work has nobody practised, the crew with most of them does
 * it, with all that follows it without a minute between. Where no crew has any it stays, and is told.
 */
export function byPractised(
  { crews }: Pick<Job, 'crews'>,
  activities: readonly Activity[],
  lags: readonly Lag[],
): { readonly activities: readonly Activity[]; readonly untold: readonly Activity[] } {
  const skilled = new Set(crews.filter((crew) => practisedIn(crew) > 0).map(({ id }) => id))
  const wanting = activities.filter(({ needs }) => needs.skill === 'practised' && !skilled.has(needs.crewId))
  const [most] = [...crews].sort((a, b) => practisedIn(b) - practisedIn(a))
  if (wanting.length === 0 || !most || !skilled.has(most.id)) return { activities, untold: wanting }
  const taken = new Set<string>(wanting.map(({ id }) => id))
  const ties = lags.filter(({ max }) => max?.clock === 'plain' && max.amount === 0)
  for (let grown = true; grown;) {
    const { size } = taken
    for (const { from, to } of ties) if (taken.has(from) || taken.has(to)) taken.add(from).add(to)
    grown = taken.size > size
  }
  return {
    activities: activities.map((act) =>
      taken.has(act.id) ? { ...act, needs: { ...act.needs, crewId: most.id } } : act,
    ),
    untold: [],
  }
}
