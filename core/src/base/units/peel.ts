/** Units in which labels state peel adhesion (grip). */
export const PEEL_UNITS = ['N/25mm', 'N/10mm', 'N/cm', 'N/m', 'gf/in', 'ozf/in', 'lbf/in'] as const
export type PeelUnit = (typeof PEEL_UNITS)[number]

// 1 lb = 0.45359237 kg, 1 oz = 1/16 lb, g = 9.80665 m/s², 1 in = 25.4 mm (all exact by definition): published.
const NEWTON_PER_LBF = 0.45359237 * 9.80665
const NEWTON_PER_GF = 9.80665e-3
const PER_INCH = 25 / 25.4
const N25_PER: Record<PeelUnit, number> = {
  'N/25mm': 1,
  'N/10mm': 2.5,
  'N/cm': 2.5,
  'N/m': 0.025,
  'gf/in': NEWTON_PER_GF * PER_INCH,
  'ozf/in': (NEWTON_PER_LBF / 16) * PER_INCH,
  'lbf/in': NEWTON_PER_LBF * PER_INCH,
}

/** Grip on a label, in any of {@link PEEL_UNITS}, as N per 25 mm width. */
export const peelToN25 = (value: number, unit: PeelUnit): number => value * N25_PER[unit]

/** N per 25 mm width in the unit a label uses. */
export const peelFromN25 = (gripN25: number, unit: PeelUnit): number => gripN25 / N25_PER[unit]
