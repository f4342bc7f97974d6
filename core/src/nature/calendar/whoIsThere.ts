import type { Crew, Job } from '../../base/nouns'
import { formatInstant, MIN_PER_DAY, parseInstant, toLocal } from '../../base/units/time'
import { fromLocal } from '../../base/units/time'

type Staffed = Pick<Job, 'crews' | 'planning' | 'site'>

/** People who are away at some time of the site's day on which an instant lies, from then on, by crew. */
function awayOn({ planning, site }: Staffed, at: number): ReadonlyMap<string, ReadonlySet<string>> {
  const night = fromLocal(toLocal(Math.floor(at), site.zone).day + 1, 0, site.zone)
  const until = Math.min(night, at + MIN_PER_DAY)
  const away = new Map<string, Set<string>>()
  for (const { crewId, person, from, to } of planning.away) {
    if (person === null || parseInstant(from) >= until || parseInstant(to) <= at) continue
    away.set(crewId, (away.get(crewId) ?? new Set()).add(person))
  }
  return away
}

/**
 * A job as it is staffed on the day of an instant: who is ill or at school that day is not counted with the crew, whose work
 * takes the others longer and whose rounds are smaller. A crew of whom nobody is left is away. Beyond that day the plan goes on
 * as if they stayed away; it is made anew when they are back.
 */
export function staffedOn<J extends Staffed>(job: J, at: number): J {
  const away = awayOn(job, at)
  if (away.size === 0) return job
  const isThere = (crew: Crew) => crew.people.filter(({ name }) => !away.get(crew.id)?.has(name))
  const empty = job.crews.filter((crew) => crew.people.length > 0 && isThere(crew).length === 0)
  const gone = empty.map((crew) => {
    const absences = job.planning.away.filter(({ crewId, person }) => crewId === crew.id && person !== null)
    // Nobody is there until the first of them is back.
    const back = Math.min(...absences.filter(({ to }) => parseInstant(to) > at).map(({ to }) => parseInstant(to)))
    return { crewId: crew.id, person: null, from: formatInstant(Math.floor(at)), to: formatInstant(back), why: '' }
  })
  return {
    ...job,
    crews: job.crews.map((crew) => (empty.includes(crew) ? crew : { ...crew, people: isThere(crew) })),
    planning: { ...job.planning, away: [...job.planning.away, ...gone] },
  }
}

/** Who is away on the day of an instant, with the crew they are missed in and until when. */
export const missingOn = (
  job: Staffed,
  at: number,
): { readonly crew: Crew; readonly person: string; readonly until: number; readonly why: string }[] => {
  const away = awayOn(job, at)
  return job.crews.flatMap((crew) =>
    [...(away.get(crew.id) ?? [])]
      .filter((person) => crew.people.some(({ name }) => name === person))
      .map((person) => {
        const absences = job.planning.away.filter(
          (each) => each.crewId === crew.id && each.person === person && parseInstant(each.to) > at,
        )
        return {
          crew,
          person,
          until: Math.max(...absences.map(({ to }) => parseInstant(to))),
          why: absences.find(({ why }) => why !== '')?.why ?? '',
        }
      }),
  )
}
