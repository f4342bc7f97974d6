import type { Job } from '../../base/nouns'
import type { Hem } from '../../survey/hems/deriveHems'
import { workByWall } from './stepWork'

/** Minutes of masking and painting in each room for one practised painter, to share rooms out among crews. */
export function roomWorkMinutes(job: Job, hems: readonly Hem[]): Map<string, number> {
  const { rates } = job.house
  return new Map(
    job.rooms.map((room) => {
      const own = hems.filter((hem) => hem.roomId === room.id)
      const metres = own.reduce((sum, hem) => sum + hem.lengthMm, 0) / 1000
      const field = room.steps.reduce(
        (sum, step) =>
          sum + step.coats * workByWall(room, step, [], job.house).reduce((all, work) => all + work.restMin, 0),
        0,
      )
      return [room.id, metres * (rates.layPerM + rates.pressPerM + rates.cutInPerM + rates.pullPerM) + field]
    }),
  )
}
