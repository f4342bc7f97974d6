import type { AirSeries } from '../air/airSeries'
import { areaAir } from '../air/areaAir'
import { roomAir } from '../air/siteAir'
import type { Job, Room, Site, SiteAir } from '../../base/nouns'
import { lastFor } from '../../base/units/lastFor'
import { onceFor } from '../../base/units/onceFor'
import { cureClock, stayClock } from './clocks'
import { paintClocks, type PaintClock } from './paintClocks'
import type { RateClock } from './rateClock'

/** The clocks of one air, made once for all hems in it. */
export interface JobClocks {
  readonly air: AirSeries
  readonly drying: RateClock
  /** The clock of a coat's surface or film by its base. */
  readonly paint: (clock: PaintClock) => RateClock
  readonly stay: RateClock
  readonly cureAt: (filmFormingC: number) => RateClock
}

/** Whether an area's air is its own: an elevation's, with its sun and wind, or a room's that is heated or dried by itself. */
export const hasOwnAir = (room: Room): boolean => room.kind === 'elevation' || room.heldAir !== null

/** Clocks per area: rooms share one air unless theirs is held, every elevation has its own. */
export function jobClocks(job: Pick<Job, 'air' | 'site' | 'rooms'>): (roomId: string) => JobClocks {
  const inside = insideClocks(job.air)
  const own = new Map(
    job.rooms.flatMap((room) => (hasOwnAir(room) ? [[room.id, ownClocks(room, job.air, job.site)]] : [])),
  )
  return (roomId) => own.get(roomId) ?? inside
}

const insideClocks = onceFor((air: SiteAir) => clocksOf(roomAir(air)))

const ownClocks = lastFor((room: Room, air: SiteAir, site: Site) => clocksOf(areaAir({ air, site }, room)))

export function clocksOf(air: AirSeries): JobClocks {
  const cures = new Map<number, RateClock>()
  const paint = paintClocks(air)
  return {
    air,
    drying: paint('drying'),
    paint,
    stay: stayClock(air),
    cureAt(filmFormingC) {
      const clock = cures.get(filmFormingC) ?? cureClock(air, filmFormingC)
      cures.set(filmFormingC, clock)
      return clock
    },
  }
}
