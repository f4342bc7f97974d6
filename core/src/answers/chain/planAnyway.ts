import { parseInstant } from '../../base/units/time'
import { said, type Job } from '../../base/nouns'
import { DEFAULT_PARAMETERS, type Parameters } from '../../base/parameters/parameters'
import { planJob, type Plan } from './planJob'

/**
 * The plan of a job, whatever is wrong with one of its rooms: where the whole cannot be planned, rooms that cannot be
 * planned by themselves are left out and named first among the problems, so that everybody else goes on working.
 *
 * @param plan  makes a plan of a job; tests put one here that fails
 * @throws what planning threw, where no room by itself is at fault
 */
export function planAnyway(
  job: Job,
  now: number = parseInstant(job.start),
  parameters: Parameters = DEFAULT_PARAMETERS,
  plan: typeof planJob = planJob,
): Plan {
  try {
    return plan(job, now, parameters)
  } catch (error) {
    const faults = new Map(
      job.rooms.flatMap((room) => {
        const why = failureOf(() => plan({ ...job, rooms: [room] }, now, parameters))
        return why === null ? [] : [[room.id, why] as const]
      }),
    )
    if (faults.size === 0) throw error
    const rest = plan({ ...job, rooms: job.rooms.filter((room) => !faults.has(room.id)) }, now, parameters)
    const told = job.rooms.flatMap((room) =>
      faults.has(room.id) ? [said('plan.room_left_out', { room: room.name, why: faults.get(room.id) ?? '' })] : [],
    )
    return { ...rest, problems: [...told, ...rest.problems] }
  }
}

function failureOf(work: () => unknown): string | null {
  try {
    work()
    return null
  } catch (error) {
    return (error as Error).message
  }
}
