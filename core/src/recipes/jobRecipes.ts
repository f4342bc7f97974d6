import { deriveHems } from '../hems/deriveHems'
import { crewCalendars, HORIZON_DAYS, shiftFinder } from '../schedule/calendar'
import type { Job } from '../survey/types'
import { MIN_PER_DAY, parseInstant } from '../units/time'
import { jobClocks } from './hemContext'
import type { RecipeAnswer } from './recipe'
import { roomRecipes } from './roomRecipes'

/** What every hem of a job gets, from the facts alone: the ranking without rounds, schedule or windows. */
export function jobRecipes(job: Job): RecipeAnswer[] {
  const clocks = jobClocks(job)
  const start = parseInstant(job.start)
  const calendars = crewCalendars(job.crews, job.site.zone, start, start + HORIZON_DAYS * MIN_PER_DAY)
  const nextShift = shiftFinder(calendars)
  return job.rooms.flatMap((room) =>
    roomRecipes(job, room, deriveHems(room, job.shelf).hems, clocks(room.id), nextShift),
  )
}
