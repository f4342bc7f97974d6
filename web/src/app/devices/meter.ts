import { airAt, roomAir, seededNumbers, type SiteAir } from '@crisp-hem/core'

interface MeterReading {
  readonly tempC: number
  readonly rh: number
}

/**
 * The hygrometer and surface thermometer: a stand-in that reads the plan's own air, off by what such meters are off
 * by, the same within one minute. A real one would answer the same question over the air.
 *
 * @param now minutes since the epoch
 */
export function readMeter(air: SiteAir, now: number): MeterReading {
  const point = airAt(roomAir(air), now)
  const random = seededNumbers(Math.floor(now))
  return {
    tempC: Number((point.tempC + 0.6 * (random() - 0.5)).toFixed(1)),
    rh: Math.min(100, Math.round(point.rh + 4 * (random() - 0.5))),
  }
}
