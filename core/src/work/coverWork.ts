import { writeActivity, writeSubject, type Crew, type Job, type Room, type RoomAct } from '../ground'
import { coverNeeds } from '../covers/coverNeeds'
import type { Activity } from './activity'

/** Covering a room before its first colour. */
export const coverActivity = (job: Job, room: Room, crew: Crew): Activity =>
  roomActivity(job, room, crew, 'cover', job.house.rates.coverPerM2)

/** Taking the covers off after its last. */
export const uncoverActivity = (job: Job, room: Room, crew: Crew): Activity =>
  roomActivity(job, room, crew, 'uncover', job.house.rates.uncoverPerM2)

function roomActivity(job: Job, room: Room, crew: Crew, act: RoomAct, perM2: number): Activity {
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
    work: [{ part: act, minutes: m2 * perM2 }],
    leastMin: 0,
    divisible: true,
    release: null,
  }
}
