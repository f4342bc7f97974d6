import type { AirSeries } from '../air/airSeries'
import { areaAir } from '../air/areaAir'
import { roomAir } from '../air/siteAir'
import type { Job } from '../ground'
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

/** Clocks per area: rooms share one air, every elevation has its own sun and wind. */
export function jobClocks(job: Pick<Job, 'air' | 'site' | 'rooms'>): (roomId: string) => JobClocks {
  const inside = clocksOf(roomAir(job.air))
  const outside = new Map(
    job.rooms.flatMap((room) => (room.kind === 'elevation' ? [[room.id, clocksOf(areaAir(job, room))]] : [])),
  )
  return (roomId) => outside.get(roomId) ?? inside
}

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
