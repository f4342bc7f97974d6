import type { Parameters } from '../../base/parameters/parameters'
import { type Job, readHem, type HemId } from '../../base/nouns'
import { jobClocks } from '../../nature/cure/areaClocks'
import { deriveHems } from '../../survey/hems/deriveHems'
import { crewCalendars, HORIZON_DAYS, shiftFinder } from '../../nature/calendar/calendar'
import { MIN_PER_DAY, parseInstant } from '../../base/units/time'
import type { Candidate } from './candidate'
import { judgeCandidates } from './candidates'
import { pickCandidate, safeOf } from './pickCandidate'
import type { HemContext } from './hemContext'
import { judgeRoom } from './judgeRoom'

/** What decides one hem's recipe, without a choice made by hand; null for a hem that is not there. */
export function contextOf(job: Job, hemId: HemId, parameters: Parameters): HemContext | null {
  const room = job.rooms.find((each) => each.id === readHem(hemId)?.roomId)
  const hem = room && deriveHems(room, job.shelf).hems.find((each) => each.id === hemId)
  if (!room || !hem) return null
  const start = parseInstant(job.start)
  const calendars = crewCalendars(job, start, start + HORIZON_DAYS * MIN_PER_DAY)
  const clocks = jobClocks(job)(room.id)
  const [judged] = judgeRoom({ job, room, hems: [hem], clocks, nextShift: shiftFinder(calendars), parameters })
  return judged ? { ...judged.ctx, choice: null } : null
}

/** What the hem would get, judged anew. */
export const answerAnew = (ctx: HemContext): Candidate | null =>
  pickCandidate(ctx, safeOf(judgeCandidates(ctx)))?.candidate ?? null

/** Whether two answers would be made alike. */
export const isSameWay = (a: Candidate, b: Candidate): boolean =>
  a.school === b.school &&
  a.tape?.id === b.tape?.id &&
  a.liquid?.id === b.liquid?.id &&
  a.seal === b.seal &&
  a.way === b.way &&
  a.pull === b.pull &&
  a.pressing === b.pressing
