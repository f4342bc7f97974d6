import { airAt } from '../../nature/air/airSeries'
import { coldFaults, filmFaults, paintFaults } from '../../nature/air/paintLimits'
import { coatingOf } from '../../survey/shelf/find'
import type { JobClocks } from '../../nature/cure/areaClocks'
import { filmClockOf } from '../../nature/cure/paintClocks'
import { filmFormedMin, rainSafeMin } from '../../nature/cure/rainSafe'
import { instantOfGain } from '../../nature/cure/rateClock'
import { said, when, type ActivityId, type Job, type Said } from '../../base/nouns'
import { stepAt } from '../../survey/rooms/stepAt'
import { MIN_PER_HOUR } from '../../base/units/time'
import type { Task } from './task'
import type { DoneActivity } from '../../planning/problem/problem'

/** A coat that is on and was, or will be, spoilt by its air before it was safe: its clocks say dry, nobody knows. */
export interface DoubtfulCoat {
  readonly activityId: ActivityId
  readonly roomId: string
  readonly stepId: string
  /** Which coat of its faces, 1 for the first. */
  readonly coat: number
  /** The first minute of bad air it met, minutes since the epoch. */
  readonly at: number
  readonly fault: Said
}

interface DoubtfulSetup {
  readonly job: Job
  readonly clocks: (roomId: string) => JobClocks
  readonly tasks: readonly Task[]
  readonly done: readonly DoneActivity[]
}

/** Coats of the log that met air they must not meet, and on which something still stands: a coat, a pull or the look. */
export function doubtfulCoats({ job, clocks, tasks, done }: DoubtfulSetup): DoubtfulCoat[] {
  const times = new Map(done.map((activity) => [activity.id, activity]))
  const open = tasks.filter((task) => !times.has(task.id))
  return tasks.flatMap((task) => {
    const at = times.get(task.id)
    const where = stepAt(job, task)
    if (!at || !where || (task.kind !== 'coat' && task.kind !== 'roll')) return []
    const { room, step } = where
    // Once the room has been looked at, whoever looked knows.
    if (!open.some((each) => each.roomId === task.roomId)) return []
    const coating = coatingOf(job.shelf, step.coatingId)
    const { air, paint } = clocks(room.id)
    const after = (amount: number) => {
      const passed = instantOfGain(paint(filmClockOf(coating)), at.to, amount)
      return Math.min(passed ?? Number.POSITIVE_INFINITY, at.to + LOOK_AHEAD_MIN)
    }
    const [safe, formed] = [after(rainSafeMin(coating)), after(filmFormedMin(coating))]
    const end = Math.max(safe, formed)
    for (let minute = at.from; minute < end; minute = nextHour(minute, air.startMin)) {
      const point = airAt(air, minute)
      const [fault] =
        minute < at.to
          ? paintFaults(coating, point, step.tool)
          : [...(minute < safe ? filmFaults(point) : []), ...(minute < formed ? coldFaults(coating, point) : [])]
      if (fault)
        return [
          { activityId: task.id, roomId: room.id, stepId: step.id, coat: task.coat ?? 1, at: Math.ceil(minute), fault },
        ]
    }
    return []
  })
}

/** A coat that this air never makes safe is watched this long, min. */
const LOOK_AHEAD_MIN = 48 * MIN_PER_HOUR

/** The first minute of the next hour of a series. */
const nextHour = (minute: number, startMin: number): number =>
  startMin + (Math.floor((minute - startMin) / MIN_PER_HOUR) + 1) * MIN_PER_HOUR

/** Each doubtful coat in words: what met it, or will unless it is kept from it. */
export function tellDoubtful(job: Job, coats: readonly DoubtfulCoat[], now: number): Said[] {
  return coats.map(({ roomId, stepId, coat, at, fault }) => {
    const where = stepAt(job, { roomId, stepId })
    const facts = {
      room: where?.room.name ?? roomId,
      step: where?.step.name ?? stepId,
      coat,
      when: when(at, now, job.site.zone),
      fault,
    }
    return said(at <= now ? 'plan.caught' : 'plan.will_catch', facts)
  })
}
