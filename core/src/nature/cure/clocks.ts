import { known, word } from '../../base/nouns'
import type { AirPoint, AirSeries } from '../air/airSeries'
import { saturationPa, vapourPa } from '../air/vapour'
import { rateClock, type RateClock } from './rateClock'

/** Label times are stated at 23 °C and 50 % RH (ISO 3270). */
export const REFERENCE_AIR: AirPoint = { tempC: 23, rh: 50, windMs: 0.1 }

/** How air speed lifts evaporation: (a + b·v), scaled to still room air. */
const EVAPORATION = {
  stillWm2Pa: known(
    0.089,
    'W/(m²·Pa)',
    'from-memory',
    word('source', 'evaporation-from-water-surfaces-handbook-form-a'),
  ),
  speedWm2Pa: known(
    0.0782,
    'W/(m²·Pa) per m/s',
    'from-memory',
    word('source', 'evaporation-from-water-surfaces-handbook-form-a'),
  ),
}

/** Activation energy of film formation and bond growth. */
export const CURE_ACTIVATION = known(50, 'kJ/mol', 'from-memory', word('source', 'doubles-about-every-10-to-11-c'))

const GAS_KJ = 8.314462618e-3 // kJ/(mol·K), CODATA 2018: published
const KELVIN = 273.15

/**
 * How fast paint dries in this air, as a multiple of 23 °C / 50 % RH: vapour pressure deficit over the
 * reference deficit, times the effect of air speed. docs/science.md eq. 4.
 *
 * @returns 0 at saturation, 1 at reference; the face's own temperature counts where it is known
 */
export function dryingRate(point: AirPoint): number {
  const deficit = saturationPa(point.faceC ?? point.tempC) - vapourPa(point.tempC, point.rh)
  const rate = (deficit * airFactor(point.windMs)) / REFERENCE_DRYING
  return rate < LEAST_RATE ? 0 : rate
}

/** Air that would take a hundred times as long as the label says dries nothing: not in this air. From memory. */
const LEAST_RATE = 0.01

const airFactor = (windMs: number) => EVAPORATION.stillWm2Pa.value + EVAPORATION.speedWm2Pa.value * windMs
const REFERENCE_DRYING =
  (saturationPa(REFERENCE_AIR.tempC) - vapourPa(REFERENCE_AIR.tempC, REFERENCE_AIR.rh)) *
  airFactor(REFERENCE_AIR.windMs)

/**
 * How fast a film gains cure at a temperature, as a multiple of 23 °C: Arrhenius, paused below the
 * coating's film-forming limit. docs/science.md eq. 5 (the maturity idea of ASTM C1074).
 */
export function cureRate(tempC: number, filmFormingC: number): number {
  if (tempC < filmFormingC) return 0
  const inverse = 1 / (tempC + KELVIN) - 1 / (REFERENCE_AIR.tempC + KELVIN)
  return Math.exp((-CURE_ACTIVATION.value / GAS_KJ) * inverse)
}

/** The drying clock of a stretch of air: reference minutes of drying. */
export const dryingClock = (air: AirSeries): RateClock => rateClock(air, dryingRate)

/** The cure clock: reference minutes of cure for a coating with this film-forming limit. */
export const cureClock = (air: AirSeries, filmFormingC: number): RateClock =>
  rateClock(air, (point) => cureRate(point.faceC ?? point.tempC, filmFormingC))

/** The stay clock: glue creeps into the face with the same warmth law as cure, with no lower limit. */
export const stayClock = (air: AirSeries): RateClock =>
  rateClock(air, (point) => cureRate(point.faceC ?? point.tempC, Number.NEGATIVE_INFINITY))
