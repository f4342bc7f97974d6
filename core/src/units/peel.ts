/** Units in which labels state peel adhesion (grip). */
export const PEEL_UNITS = ['N/25mm', 'N/10mm', 'ozf/in'] as const
export type PeelUnit = (typeof PEEL_UNITS)[number]

// 1 ozf = 1/16 lbf, 1 lb = 0.45359237 kg, g = 9.80665 m/s² (all exact by definition): published.
const NEWTON_PER_OZF = (0.45359237 * 9.80665) / 16
const N25_PER: Record<PeelUnit, number> = {
  'N/25mm': 1,
  'N/10mm': 2.5,
  'ozf/in': (NEWTON_PER_OZF * 25) / 25.4,
}

/** Grip on a label, in any of {@link PEEL_UNITS}, as N per 25 mm width. */
export const peelToN25 = (value: number, unit: PeelUnit): number => value * N25_PER[unit]

/** N per 25 mm width in the unit a label uses. */
export const peelFromN25 = (gripN25: number, unit: PeelUnit): number => gripN25 / N25_PER[unit]
