import type { UnitSystem } from '@crisp-hem/core'
import { figure } from '../words'

/** Feet in a metre: 1 ft is 0.3048 m (international yard and pound agreement 1959): published. */
const FT_PER_M = 1 / 0.3048

/** A length of edge in all, as it is spoken of on site: metres or feet, not to the millimetre. */
export const runText = (metres: number, units: UnitSystem): string =>
  units === 'metric' ? `${figure(metres)} m` : `${figure(metres * FT_PER_M)} ft`

/** What is counted a metre, as a count for the unit of the site. */
export const perRun = (perMetre: number, units: UnitSystem): number =>
  units === 'metric' ? perMetre : perMetre / FT_PER_M
