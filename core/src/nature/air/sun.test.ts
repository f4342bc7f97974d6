import { getPosition } from 'suncalc'
import { airMass, absorptance, sunOnFaceWm2, sunPosition } from './sun'
import { parseInstant } from '../../base/units/time'

const RAD = Math.PI / 180
const PLACES = [
  [41.2, -8.7],
  [60.2, 24.9],
  [-33.9, 151.2],
  [1.3, 103.8],
] as const

/** Angle between two directions on the sky, degrees. */
function apartDeg(a: { alt: number; az: number }, b: { alt: number; az: number }): number {
  const cosine =
    Math.sin(a.alt * RAD) * Math.sin(b.alt * RAD) +
    Math.cos(a.alt * RAD) * Math.cos(b.alt * RAD) * Math.cos((a.az - b.az) * RAD)
  return Math.acos(Math.min(1, cosine)) / RAD
}

// Reference: suncalc from the registry, an independent implementation. It adds refraction to the altitude (under
// 0.1° above 10°), so low suns are left out.
test('the sun stands within 0.15° of a second library’s, over a year at four latitudes', () => {
  let worst = 0
  for (const [lat, lon] of PLACES) {
    for (let day = 0; day < 365; day += 9) {
      for (let hour = 0; hour < 24; hour += 3) {
        const at = parseInstant('2027-01-01T00:00:00Z') + day * 1440 + hour * 60
        const position = sunPosition(at, lat, lon)
        if (position.altitudeDeg < 10) continue
        const other = getPosition(new Date(at * 60_000), lat, lon)
        const there = { alt: other.altitude, az: other.azimuth }
        worst = Math.max(worst, apartDeg({ alt: position.altitudeDeg, az: position.azimuthDeg }, there))
      }
    }
  }
  expect(worst).toBeLessThan(0.15)
})

// Kasten & Young 1989, table of relative air mass: 38.0 at the horizon, 5.59 at 10°, 1.154 at 60°. From memory.
test('air mass by the published table', () => {
  expect(airMass(90)).toBeCloseTo(1, 3)
  expect(airMass(60)).toBeCloseTo(1.154, 2)
  expect(airMass(10)).toBeCloseTo(5.59, 1)
  expect(airMass(0)).toBeCloseTo(37.9, 0)
})

describe('sun on a face', () => {
  const noon = parseInstant('2027-06-21T12:35:00Z') // about solar noon at 8.7° west
  const sun = sunPosition(noon, 41.2, -8.7)
  test('faces the sun more, gets more; cloud and night take it away', () => {
    expect(sunOnFaceWm2(sun, 180, 0)).toBeGreaterThan(sunOnFaceWm2(sun, 90, 0))
    expect(sunOnFaceWm2(sun, 180, 1)).toBeLessThan(0.3 * sunOnFaceWm2(sun, 180, 0))
    expect(sunOnFaceWm2(sunPosition(noon + 720, 41.2, -8.7), 180, 0)).toBe(0)
  })
  test('dark takes in more, by hand: black 0.92, white 0.30', () => {
    expect(absorptance(0)).toBeCloseTo(0.92, 9)
    expect(absorptance(100)).toBeCloseTo(0.3, 9)
  })
})
