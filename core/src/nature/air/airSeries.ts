import type { HeldAir } from '../../base/nouns'
import { nth } from '../../base/units/sure'

/** Air at a hem for one hour: °C, % relative humidity, m/s along the face. */
export interface AirPoint {
  readonly tempC: number
  readonly rh: number
  readonly windMs: number
  /** Temperature of the face, where sun or a cold wall parts it from the air; left out, it is the air's. */
  readonly faceC?: number
  /** Outside only: wind away from the face, m/s, and rain in the hour, mm. */
  readonly freeWindMs?: number
  readonly rainMm?: number
  /** Outside only: water on the face as the hour begins, mm. */
  readonly wetMm?: number
}

/**
 * Air over time: hour `i` holds from `startMin + 60 i`. The first hour also stands for all time before,
 * the last for all time after, so one point is steady air.
 */
export interface AirSeries {
  readonly startMin: number
  readonly hours: readonly AirPoint[]
}

/** Air speed over an indoor face in a room with shut windows, m/s. Source: from memory. */
const STILL_ROOM_MS = 0.1

/** Air that never changes. */
export const steadyAir = (tempC: number, rh: number, windMs = STILL_ROOM_MS): AirSeries => ({
  startMin: 0,
  hours: [{ tempC, rh, windMs }],
})

/** Air over a face that fans move, m/s. From memory. */
const FAN_MS: Readonly<Record<HeldAir['fan'], number>> = { none: STILL_ROOM_MS, 'in-room': 0.4, 'at-face': 1.5 }

/** Air that heaters, driers and fans hold day and night. */
export const heldAir = ({ tempC, rh, fan }: HeldAir): AirSeries => steadyAir(tempC, rh, FAN_MS[fan])

/** The air of the hour in which an instant lies. */
export function airAt(series: AirSeries, at: number): AirPoint {
  const hour = Math.floor((at - series.startMin) / 60)
  return nth(series.hours, Math.min(Math.max(hour, 0), series.hours.length - 1))
}
