import { saturationPa, vapourPa } from './vapour'

/** Sea-level pressure, Pa. Standard atmosphere (ISO 2533): published. */
const STANDARD_PA = 101_325
const VAPOUR_RATIO = 0.621945 // molar masses of water and dry air, ASHRAE Fundamentals ch. 1: published

const humidityRatio = (vapour: number, pressurePa: number): number => (VAPOUR_RATIO * vapour) / (pressurePa - vapour)

/**
 * Wet bulb of air above freezing, °C: the temperature at which the humidity ratio of ASHRAE Fundamentals ch. 1
 * eq. 33 meets the air's, by bisection to 1e-6 °C. docs/science.md eq. 3b.
 */
export function wetBulbC(tempC: number, rh: number, pressurePa = STANDARD_PA): number {
  const wanted = humidityRatio(vapourPa(tempC, rh), pressurePa)
  let [low, high] = [-40, tempC]
  while (high - low > 1e-6) {
    const wet = (low + high) / 2
    const saturated = humidityRatio(saturationPa(wet), pressurePa)
    const ratio = ((2501 - 2.326 * wet) * saturated - 1.006 * (tempC - wet)) / (2501 + 1.86 * tempC - 4.186 * wet)
    if (ratio > wanted) high = wet
    else low = wet
  }
  return (low + high) / 2
}

/** How much vapour pressure a degree of cooling buys, Pa/K: psychrometer constant at sea level, 0.000665 · 101 325 Pa (FAO-56 eq. 8, published). */
const PSYCHROMETER_PA = 0.000665 * STANDARD_PA

/**
 * Temperature of a wet film on a face, °C: where the heat that comes to it from the face pays for the water that leaves. With a face as
 * warm as the air that is the wet bulb.
 *
 * @param vapour  of the air, Pa
 */
export function wetFilmC(faceC: number, vapour: number): number {
  let film = faceC
  // The slope only rises with the temperature: from above Newton's steps never overshoot.
  for (let i = 0; i < 6; i++) {
    const over = saturationPa(film) - vapour - PSYCHROMETER_PA * (faceC - film)
    film -= over / (slopePa(film) + PSYCHROMETER_PA)
  }
  return film
}

/** How fast saturation rises with temperature, Pa/K: FAO-56 eq. 13, published. */
const slopePa = (tempC: number): number => (4098 * saturationPa(tempC)) / (tempC + 237.3) ** 2
