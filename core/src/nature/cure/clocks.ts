import { known, word } from '../../base/nouns'
import type { AirPoint, AirSeries } from '../air/airSeries'
import { KELVIN } from '../air/kelvin'
import { saturationPa, vapourPa } from '../air/vapour'
import { wetFilmC } from '../air/wetBulb'
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

/**
 * How many degrees warmer a rate that follows Arrhenius is twice as fast: the "doubles every ten degrees" of cure, for any activation energy.
 *
 * @param fromC  °C to begin with
 */
export function doublingC(kJPerMol: number, fromC: number): number {
  const from = fromC + KELVIN
  return 1 / (1 / from - (GAS_KJ * Math.LN2) / kJPerMol) - from
}

const GAS_KJ = 8.314462618e-3 // kJ/(mol·K), CODATA 2018: published

/**
 * How fast paint dries in this air, as a multiple of 23 °C / 50 % RH: what the vapour over the wet film lacks to the air, over the
 * same at reference, times the effect of air speed. A film that loses water cools itself towards the wet bulb (Croll 1987, Journal of
 * Coatings Technology; from memory), so that heat speeds it up, and cold slows it down, less than the air's own deficit would.
 * docs/science.md eq. 4.
 *
 * @returns 0 at saturation, 1 at reference; the face's own temperature counts where it is known
 */
export function dryingRate(point: AirPoint): number {
  const rate = (filmDeficitPa(point) * airFactor(point.windMs)) / REFERENCE_DRYING
  return rate < LEAST_RATE ? 0 : rate
}

/** What the vapour over a wet film on the face is above the air's, Pa; 0 where dew would form. */
const filmDeficitPa = ({ tempC, rh, faceC = tempC }: AirPoint): number => {
  const vapour = vapourPa(tempC, rh)
  return Math.max(0, saturationPa(wetFilmC(faceC, vapour)) - vapour)
}

/** Air that would take a hundred times as long as the label says dries nothing: not in this air. From memory. */
const LEAST_RATE = 0.01

const airFactor = (windMs: number) => EVAPORATION.stillWm2Pa.value + EVAPORATION.speedWm2Pa.value * windMs
const REFERENCE_DRYING = filmDeficitPa(REFERENCE_AIR) * airFactor(REFERENCE_AIR.windMs)

/** Below the film-forming limit growth dies away over so many degrees. */
const COLD_RAMP = known(
  5,
  '°C',
  'from-memory',
  word('source', 'a-film-grows-together-slower-in-the-cold-not-suddenly-never'),
)

/**
 * How fast a film gains cure at a temperature, as a multiple of 23 °C: Arrhenius, slowed below the coating's film-forming limit
 * until it stands still five degrees under it. docs/science.md eq. 5 (the maturity idea of ASTM C1074).
 */
export function cureRate(tempC: number, filmFormingC: number): number {
  const grows = Math.min(1, Math.max(0, 1 - (filmFormingC - tempC) / COLD_RAMP.value))
  return grows * warmthRate(tempC)
}

/** Arrhenius, as a multiple of 23 °C. */
function warmthRate(tempC: number): number {
  const inverse = 1 / (tempC + KELVIN) - 1 / (REFERENCE_AIR.tempC + KELVIN)
  return Math.exp((-CURE_ACTIVATION.value / GAS_KJ) * inverse)
}

/** The drying clock of a stretch of air: reference minutes of drying. */
export const dryingClock = (air: AirSeries): RateClock => rateClock(air, dryingRate)

/** The cure clock: reference minutes of cure for a coating with this film-forming limit. */
export const cureClock = (air: AirSeries, filmFormingC: number): RateClock =>
  rateClock(air, (point) => cureRate(point.faceC ?? point.tempC, filmFormingC))

/**
 * The stay clock: glue creeps into the face with the same warmth law as cure. A label is shortened by heat and never stretched by cold:
 * what rain, sun and hands do to a tape does not wait for warmth.
 */
export const stayClock = (air: AirSeries): RateClock =>
  rateClock(air, (point) => Math.max(1, warmthRate(point.faceC ?? point.tempC)))
