import type { Parameters } from '../parameters/parameters'
import { writeActivity, writeSubject, type Crew, type Job, type Room, type RoomAct } from '../ground'
import { coverNeeds } from '../covers/coverNeeds'
import type { Activity } from './activity'

/** Covering a room before its first colour. */
export const coverActivity = (job: Job, room: Room, crew: Crew, { work }: Pick<Parameters, 'work'>): Activity =>
  roomActivity(job, room, crew, { act: 'cover', perM2: job.house.rates.coverPerM2, gunMin: work.gunSetUpMin.value })

/** Taking the covers off after its last. */
export const uncoverActivity = (job: Job, room: Room, crew: Crew, { work }: Pick<Parameters, 'work'>): Activity =>
  roomActivity(job, room, crew, { act: 'uncover', perM2: job.house.rates.uncoverPerM2, gunMin: work.gunCleanMin.value })

interface RoomWork {
  readonly act: RoomAct
  readonly perM2: number
  /** What readying or cleaning a gun takes. */
  readonly gunMin: number
}

/** Where a room is sprayed, the gun is made ready with its covers and cleaned with their going, once for each such step. */
function roomActivity(job: Job, room: Room, crew: Crew, { act, perM2, gunMin }: RoomWork): Activity {
  const sprayed = room.steps.filter((step) => step.tool === 'spray').length
  const m2 = coverNeeds(room, job.shelf).reduce((sum, need) => sum + need.areaMm2, 0) / 1e6
  const ref = { of: 'room', roomId: room.id, act } as const
  return {
    id: writeActivity(ref),
    ref,
    kind: act,
    roomId: room.id,
    stepId: null,
    roundId: null,
    coat: null,
    subjects: [writeSubject({ of: 'room', roomId: room.id })],
    needs: { crewId: crew.id, skill: null, gun: false, tower: false },
    work: [
      { part: act, minutes: m2 * perM2 },
      ...(sprayed > 0 ? [{ part: 'gun' as const, minutes: sprayed * gunMin }] : []),
    ],
    leastMin: 0,
    divisible: true,
    release: null,
    follows: null,
  }
}
