import type { Job, Room } from '../../base/nouns'
import { coatingOf } from '../../survey/shelf/find'
import { parseInstant } from '../../base/units/time'

/** When each step of a room would be laid and be done, before there is a schedule. Minutes since the epoch. */
interface StepTimes {
  readonly layAt: ReadonlyMap<string, number>
  readonly coatedAt: ReadonlyMap<string, number>
  /** The first minute somebody is on shift at or after an instant. */
  readonly nextShift: (at: number) => number
}

/**
 * A first guess at dates, so that recipes can know the age of what is under the tape: one step after another,
 * each begun at the next shift once the one before has had its night. The schedule later keeps the cure gaps
 * exactly, so a guess that is early never makes a plan unsafe.
 */
export function estimateStepTimes(job: Job, room: Room, nextShift: (at: number) => number): StepTimes {
  const layAt = new Map<string, number>()
  const coatedAt = new Map<string, number>()
  let ready = nextShift(parseInstant(job.start))
  for (const step of room.steps) {
    const coating = coatingOf(job.shelf, step.coatingId)
    layAt.set(step.id, ready)
    const done = ready + USUAL_COAT_MIN + (step.coats - 1) * coating.recoatMin
    coatedAt.set(step.id, done)
    ready = nextShift(done + 60 * job.house.restHours)
  }
  return { layAt, coatedAt, nextShift }
}

const USUAL_COAT_MIN = 180 // laying and one coat of an ordinary room, from memory
