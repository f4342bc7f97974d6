import { known, word } from '../../base/nouns'

const RAD = Math.PI / 180
const sin = (deg: number) => Math.sin(deg * RAD)
const cos = (deg: number) => Math.cos(deg * RAD)

/** Where the sun stands: degrees above the horizon, and clockwise from north. No refraction. */
interface SunPosition {
  readonly altitudeDeg: number
  readonly azimuthDeg: number
}

/**
 * Position of the sun at an instant and place. NOAA solar calculator, after Meeus, Astronomical Algorithms (2nd ed.)
 * ch. 25; good to about 0.01° from 1950 to 2050. docs/science.md eq. 6.
 *
 * @param at  minutes since the epoch  @param latDeg north positive  @param lonDeg east positive
 */
export function sunPosition(at: number, latDeg: number, lonDeg: number): SunPosition {
  const days = at / 1440 + 2440587.5 - 2451545
  const t = days / 36525
  const meanLong = 280.46646 + t * (36000.76983 + t * 0.0003032)
  const anomaly = 357.52911 + t * (35999.05029 - 0.0001537 * t)
  const centre =
    sin(anomaly) * (1.914602 - t * (0.004817 + 0.000014 * t)) +
    sin(2 * anomaly) * (0.019993 - 0.000101 * t) +
    sin(3 * anomaly) * 0.000289
  const node = 125.04 - 1934.136 * t
  const apparent = meanLong + centre - 0.00569 - 0.00478 * sin(node)
  const tilt = 23 + (26 + (21.448 - t * (46.815 + t * (0.00059 - t * 0.001813))) / 60) / 60 + 0.00256 * cos(node)
  const declination = Math.asin(sin(tilt) * sin(apparent)) / RAD
  const rightAscension = Math.atan2(cos(tilt) * sin(apparent), cos(apparent)) / RAD
  const sidereal = 280.46061837 + 360.98564736629 * days
  const hourAngle = sidereal + lonDeg - rightAscension
  const altitudeDeg = Math.asin(sin(latDeg) * sin(declination) + cos(latDeg) * cos(declination) * cos(hourAngle)) / RAD
  const fromSouth =
    Math.atan2(sin(hourAngle), cos(hourAngle) * sin(latDeg) - Math.tan(declination * RAD) * cos(latDeg)) / RAD
  return { altitudeDeg, azimuthDeg: (((fromSouth + 180) % 360) + 360) % 360 }
}

/** Relative air mass. Kasten & Young 1989: published. */
export const airMass = (altitudeDeg: number): number =>
  1 / (sin(altitudeDeg) + 0.50572 * (altitudeDeg + 6.07995) ** -1.6364)

/** Sun outside the atmosphere and its clear-sky loss, Meinel & Meinel 1976: I = 1353 · 0.7^(m^0.678) W/m². */
export const BEAM = {
  outsideWm2: known(1353, 'W/m²', 'published', word('source', 'meinel-meinel-1976')),
  passShare: known(0.7, '', 'published', word('source', 'meinel-meinel-1976')),
  power: known(0.678, '', 'published', word('source', 'meinel-meinel-1976')),
}
/** Clouds: share of clear-sky radiation 1 − 0.75 n^3.4. Kasten & Czeplak 1980: published. */
const CLOUD = { share: 0.75, power: 3.4 }
const DIFFUSE_SHARE = 0.1 // of the beam, from memory
const GROUND_REFLECTS = 0.2 // from memory

/**
 * Sun on an upright face, W/m²: beam by its incidence, half the sky, and light off the ground. docs/science.md eq. 7.
 *
 * @param facingDeg  clockwise from north  @param cloud  0 clear … 1 overcast
 */
export function sunOnFaceWm2(sun: SunPosition, facingDeg: number, cloud: number): number {
  if (sun.altitudeDeg <= 0) return 0
  const beam = BEAM.outsideWm2.value * BEAM.passShare.value ** (airMass(sun.altitudeDeg) ** BEAM.power.value)
  const incidence = cos(sun.altitudeDeg) * cos(sun.azimuthDeg - facingDeg)
  const level = beam * (sin(sun.altitudeDeg) + DIFFUSE_SHARE)
  const clear = beam * Math.max(0, incidence) + 0.5 * DIFFUSE_SHARE * beam + 0.5 * GROUND_REFLECTS * level
  return clear * (1 - CLOUD.share * cloud ** CLOUD.power)
}

/** Share of sun a colour takes in: near 0.9 black, 0.3 white. From memory. @param lightness CIE L*, 0 … 100 */
export const absorptance = (lightness: number): number => 0.92 - (0.62 * lightness) / 100
