import { known, word } from '../../base/nouns'

/** Grip is measured at this angle (as ASTM D3330 method A and ISO 29862 do), degrees. */
const TEST_DEG = 180
const opening = (deg: number): number => 1 - Math.cos((deg * Math.PI) / 180)

/**
 * Work of adhesion from a grip, J/m²: Rivlin 1944, `G = F (1 − cos θ) / b` at 180°.
 * @param gripN25  N per 25 mm of width
 */
export const workOfAdhesion = (gripN25: number): number => (gripN25 / 0.025) * opening(TEST_DEG)

/**
 * Force that peels a strip, N: `F = G b / (1 − cos θ)` (Rivlin 1944; Kendall 1975 for backings that do not stretch).
 *
 * @param widthMm  width of the strip  @param deg  angle between the strip's back and the face ahead, over 0 to 180
 */
export const peelForceN = (gripN25: number, widthMm: number, deg: number): number =>
  (workOfAdhesion(gripN25) * widthMm) / 1000 / opening(deg)

/** Glue softens with warmth: grip lost for each °C over the label's 23 °C. */
export const GRIP_PER_C = known(0.012, 'per °C', 'from-memory', word('source', 'glue-softens-with-warmth'))

/** Grip at a face's temperature, N per 25 mm: falls by a steady share for each degree, and rises in the cold. */
export const gripAt = (gripN25: number, faceC: number): number => gripN25 * Math.exp(-GRIP_PER_C.value * (faceC - 23))
