import type { AirSeries } from '../air/airSeries'
import { areaAir } from '../air/areaAir'
import { roomAir } from '../air/siteAir'
import type { Job } from '../ground'
import { cureClock, dryingClock, stayClock } from './clocks'
import type { RateClock } from './rateClock'

/** The clocks of one air, made once for all hems in it. */
export interface JobClocks {
  readonly air: AirSeries
  readonly drying: RateClock
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
  return {
    air,
    drying: dryingClock(air),
    stay: stayClock(air),
    cureAt(filmFormingC) {
      const clock = cures.get(filmFormingC) ?? cureClock(air, filmFormingC)
      cures.set(filmFormingC, clock)
      return clock
    },
  }
}
