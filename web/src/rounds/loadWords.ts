import { formatRun, type LoadItem, type UnitSystem } from '@crisp-hem/core'

/** A thing to load in a line: name, width, and metres rounded up. */
export const loadWords = ({ name, widthMm, metres }: LoadItem, units: UnitSystem): string =>
  [name, ...(widthMm ? [`${widthMm} mm`] : []), ...(metres ? [formatRun(Math.ceil(metres) * 1000, units)] : [])].join(
    ' ',
  )
