import { formatLength, type UnitSystem } from '@crisp-hem/core'

/** Lengths beside a line: millimetres up to a metre, since that is what a painter sets, else as the site writes them. */
export const mmWords =
  (units: UnitSystem) =>
  (mm: number): string =>
    units === 'metric' && Math.abs(mm) < 1000 ? `${Math.round(mm)} mm` : formatLength(Math.round(mm), units)
