import { nth } from '../../base/units/sure'
import { type Job, type Room, type Site, type SiteAir, face } from '../../base/nouns'
import { lightness } from '../../survey/rooms/contrast'
import { stepOf } from '../../survey/rooms/faces'
import { parseInstant } from '../../base/units/time'
import { heldAir, steadyAir, type AirSeries } from './airSeries'
import { roomAir, withMeanAround } from './siteAir'
import { solAirC, sunOnFaceWm2, sunPosition } from './sun'

/** Share of the free wind that reaches a face. From memory. */
const WIND_AT_FACE = 0.4

/** Air at an area's faces: what is held in the room, the air of all rooms, or the hours outside with the sun on an elevation's colour. */
export function areaAir(job: Pick<Job, 'air' | 'site'>, room: Room): AirSeries {
  if (room.kind === 'elevation') return outdoorAir(job.air, job.site, room)
  return room.heldAir ? heldAir(room.heldAir) : roomAir(job.air)
}

function outdoorAir(air: SiteAir, site: Site, room: Room): AirSeries {
  const { outside } = air
  if (!outside) return steadyAir(air.tempC, air.rh)
  const start = parseInstant(outside.from)
  const { latDeg, lonDeg } = site
  const colour = lightness(
    stepOf(room, face('wall', nth(room.walls, 0).id))?.step.swatch ?? nth(room.walls, 0).face.swatch,
  )
  return withMeanAround(
    start,
    outside.hours.map((hour, i) => {
      const point = {
        tempC: hour.tempC,
        rh: hour.rh,
        windMs: hour.windMs * WIND_AT_FACE,
        freeWindMs: hour.windMs,
        rainMm: hour.rainMm,
      }
      if (latDeg === null || lonDeg === null || room.facingDeg === null) return point
      const sun = sunPosition(start + 60 * i + 30, latDeg, lonDeg)
      return { ...point, faceC: solAirC(hour.tempC, sunOnFaceWm2(sun, room.facingDeg, hour.cloud), colour) }
    }),
  )
}
