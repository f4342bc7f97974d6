import { missingOn } from '../../nature/calendar/whoIsThere'
import { said, when, type Job, type Said } from '../../base/nouns'

/** Who is away today, and what the plan makes of it. */
export const tellMissing = (job: Job, from: number): Said[] =>
  missingOn(job, from).map(({ crew, person, until, why }) =>
    said(why === '' ? 'plan.person_away' : 'plan.person_away_why', {
      person,
      crew: crew.name,
      until: when(until, from, job.site.zone),
      why,
    }),
  )
