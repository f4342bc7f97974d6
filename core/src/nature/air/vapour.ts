import { CoreError, known, word } from '../../base/nouns'

/** Magnus coefficients over water, −45 to 60 °C. Sonntag 1990 (also WMO-No. 8): published. */
const MAGNUS = {
  scalePa: known(611.2, 'Pa', 'published', word('source', 'sonntag-1990-over-water')),
  factor: known(17.62, '', 'published', word('source', 'sonntag-1990-over-water')),
  offsetC: known(243.12, '°C', 'published', word('source', 'sonntag-1990-over-water')),
}

/** The same over ice, which sets the dew point below 0 °C. Sonntag 1990: published. */
const MAGNUS_ICE = {
  factor: known(22.46, '', 'published', word('source', 'sonntag-1990-over-ice')),
  offsetC: known(272.62, '°C', 'published', word('source', 'sonntag-1990-over-ice')),
}

/** Least distance of a face above the dew point for painting. ISO 8502-4. */
export const DEW_MARGIN = known(3, '°C', 'published', word('source', 'iso-8502-4'))

/** Vapour pressure over water at saturation, Pa, for −45 to 60 °C. docs/science.md eq. 1. */
export const saturationPa = (tempC: number): number =>
  MAGNUS.scalePa.value * Math.exp((MAGNUS.factor.value * tempC) / (MAGNUS.offsetC.value + tempC))

/** Vapour pressure of air, Pa, from °C and % relative humidity. docs/science.md eq. 2. */
export const vapourPa = (tempC: number, rh: number): number => (saturationPa(tempC) * rh) / 100

/**
 * Dew point of air, °C: where its vapour pressure saturates, over ice below 0 °C. docs/science.md eq. 3.
 * @throws CoreError air.out_of_range when rh is not in (0, 100]
 */
export function dewPointC(tempC: number, rh: number): number {
  if (!(rh > 0 && rh <= 100))
    throw new CoreError('air.out_of_range', { what: 'humidity', value: rh, low: 0, high: 100 })
  const ln = Math.log(vapourPa(tempC, rh) / MAGNUS.scalePa.value)
  const { factor, offsetC } = ln < 0 ? MAGNUS_ICE : MAGNUS
  return (offsetC.value * ln) / (factor.value - ln)
}

/** Vapour pressure over ice at saturation, Pa, below 0 °C: Sonntag 1990, published. */
export const saturationIcePa = (tempC: number): number =>
  MAGNUS.scalePa.value * Math.exp((MAGNUS_ICE.factor.value * tempC) / (MAGNUS_ICE.offsetC.value + tempC))

/** Vapour pressure of air with a dew point, Pa: {@link dewPointC} undone, over ice below 0 °C as there. */
export const vapourAtDewPa = (dewC: number): number => (dewC < 0 ? saturationIcePa(dewC) : saturationPa(dewC))

/** How far a face stands above the air's dew point, °C. Under {@link DEW_MARGIN} it is not painted. */
export const aboveDewC = (faceC: number, airC: number, rh: number): number => faceC - dewPointC(airC, rh)
