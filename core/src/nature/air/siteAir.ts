import type { SiteAir } from '../../base/nouns'
import { parseInstant } from '../../base/units/time'
import { steadyAir, type AirPoint, type AirSeries } from './airSeries'
import { indoorAir } from './weather'

/**
 * Air in the rooms of a site, hour by hour: the readings throughout, or the hours outside as they come in through
 * shut or open windows. Before the first hour and after the last the mean of all hours stands.
 */
export function roomAir(air: SiteAir): AirSeries {
  const { outside } = air
  if (!outside) return steadyAir(air.tempC, air.rh)
  return withMeanAround(
    parseInstant(outside.from),
    outside.hours.map((hour) => indoorAir(hour, air.tempC, air.windows)),
  )
}

/** Puts the mean hour before and after a series, where the first and the last hour would stand for all time. */
export function withMeanAround(startMin: number, hours: readonly AirPoint[]): AirSeries {
  const mean = (of: (point: AirPoint) => number) => hours.reduce((sum, point) => sum + of(point), 0) / hours.length
  const usual: AirPoint = {
    tempC: mean((point) => point.tempC),
    rh: mean((point) => point.rh),
    windMs: mean((point) => point.windMs),
    ...(hours.some((hour) => hour.faceC !== undefined) && { faceC: mean((point) => point.faceC ?? point.tempC) }),
  }
  return { startMin: startMin - 60, hours: [usual, ...hours, usual] }
}
