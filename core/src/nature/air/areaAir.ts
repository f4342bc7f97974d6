import { nth } from '../../base/units/sure'
import { type Job, type Room, type Site, type SiteAir, face } from '../../base/nouns'
import { lightness } from '../../survey/rooms/contrast'
import { stepOf } from '../../survey/rooms/faces'
import { parseInstant } from '../../base/units/time'
import { heldAir, steadyAir, type AirSeries } from './airSeries'
import { roomAir, withMeanAround } from './siteAir'
import { faceOverTimeC } from './faceHeat'
import { waterOnFace } from './faceWater'
import { skyTempC, solarHour } from './nightSky'
import { absorptance, sunOnFaceWm2, sunPosition } from './sun'
import { dewPointC } from './vapour'

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
  const wall = nth(room.walls, 0)
  const absorbs = absorptance(lightness(stepOf(room, face('wall', wall.id))?.step.swatch ?? wall.face.swatch))
  const { latDeg, lonDeg } = site
  const faces = faceOverTimeC(
    wall.face.material,
    outside.hours.map((hour, i) => {
      const at = start + 60 * i + 30
      const isPlaced = latDeg !== null && lonDeg !== null
      return {
        tempC: hour.tempC,
        skyC: skyTempC(hour.tempC, dewPointC(hour.tempC, hour.rh), hour.cloud, solarHour(at, lonDeg ?? 0)),
        windMs: hour.windMs * WIND_AT_FACE,
        sunWm2:
          isPlaced && room.facingDeg !== null
            ? sunOnFaceWm2(sunPosition(at, latDeg, lonDeg), room.facingDeg, hour.cloud)
            : 0,
        absorbs,
      }
    }),
  )
  const points = outside.hours.map((hour, i) => ({
    tempC: hour.tempC,
    rh: hour.rh,
    windMs: hour.windMs * WIND_AT_FACE,
    freeWindMs: hour.windMs,
    rainMm: hour.rainMm,
    faceC: nth(faces, i),
  }))
  const water = waterOnFace(wall.face.material, points)
  return withMeanAround(
    start,
    points.map((point, i) => ({ ...point, wetMm: nth(water, i) })),
  )
}
