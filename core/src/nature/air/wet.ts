import { MIN_PER_HOUR } from '../../base/units/time'
import { airAt, type AirPoint, type AirSeries } from './airSeries'
import { WETS_MM } from './faceWater'
import { aboveDewC } from './vapour'

/** What wets a face in an hour of air: rain, else dew on a face colder than the air's dew point; null where it stays dry. */
export function wetting({ tempC, rh, faceC = tempC, rainMm = 0 }: AirPoint): 'rain' | 'dew' | null {
  if (rainMm >= WETS_MM) return 'rain'
  return aboveDewC(faceC, tempC, rh) <= 0 ? 'dew' : null
}

/** What wets a face between two instants: rain before dew; null where it stays dry. */
export function wetBetween(air: AirSeries, from: number, to: number): 'rain' | 'dew' | null {
  let dew = false
  for (let at = from; at <= to; at += MIN_PER_HOUR) {
    const wet = wetting(airAt(air, at))
    if (wet === 'rain') return wet
    dew ||= wet === 'dew'
  }
  return dew ? 'dew' : null
}
