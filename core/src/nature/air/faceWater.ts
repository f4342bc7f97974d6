import { known, word, type Material } from '../../base/nouns'
import { DRINKING } from '../../survey/rooms/drinks'
import type { AirPoint } from './airSeries'
import { filmWm2K } from './faceHeat'
import { KELVIN } from './kelvin'
import { saturationPa, vapourPa } from './vapour'
import { wetFilmC } from './wetBulb'

/** Water a face holds before the rest runs off, mm, and how much slower what has soaked in comes out. */
const HOLDS = {
  smoothMm: known(0.1, 'mm', 'from-memory', word('source', 'more-runs-off')),
  soakedMm: known(0.5, 'mm', 'from-memory', word('source', 'more-runs-off')),
  soakedShare: known(0.5, '', 'from-memory', word('source', 'what-has-soaked-in-comes-out-slower')),
}
/** Drizzle below this leaves an upright face dry, mm in an hour. From memory. */
export const WETS_MM = 0.2

const R_VAPOUR = 461.5 // J/(kg·K), published
const AIR_HEAT = 1207 // J/(m³·K), density times heat of air at 20 °C, published
/** Lewis number of water vapour in air to the power of two thirds (ASHRAE Fundamentals ch. 6, published). */
const LEWIS = 0.865 ** (2 / 3)

const densityKgM3 = (pressurePa: number, tempC: number): number => pressurePa / (R_VAPOUR * (tempC + KELVIN))

/**
 * Water that comes onto a face in an hour, mm; less than nothing where it dries off. Condensation and evaporation are one equation: the
 * vapour of the air less that over the wet face, by the Lewis relation. docs/science.md eq. 7d.
 */
export function comesMmPerH({ tempC, rh, windMs, faceC = tempC }: AirPoint): number {
  const vapour = vapourPa(tempC, rh)
  const film = saturationPa(faceC) > vapour ? wetFilmC(faceC, vapour) : faceC
  const perS = filmWm2K(windMs) / (AIR_HEAT * LEWIS)
  return 3600 * perS * (densityKgM3(vapour, tempC) - densityKgM3(saturationPa(film), film))
}

/**
 * Water on a face as each hour begins, mm: rain and dew wet it, air, wind and sun dry it, and what drinks takes longer. Dry before the
 * first hour.
 */
export function waterOnFace(material: Material, hours: readonly AirPoint[]): number[] {
  const drinks = DRINKING.includes(material)
  const most = (drinks ? HOLDS.soakedMm : HOLDS.smoothMm).value
  let water = 0
  return hours.map((hour) => {
    const before = water
    const comes = comesMmPerH(hour)
    const rain = (hour.rainMm ?? 0) >= WETS_MM ? (hour.rainMm ?? 0) : 0
    const dries = comes < 0 && drinks ? comes * HOLDS.soakedShare.value : comes
    water = Math.min(most, Math.max(0, water + rain + dries))
    return before
  })
}
