import { labOf } from './hiding'

/** CIE lightness L* of `#rrggbb`, 0 … 100. */
export const lightness = (swatch: string): number => labOf(swatch)[0]

/** How much a defect between two colours shows: 1 at a lightness step of 50, never under 0.4. From memory. */
export const visibility = (a: string, b: string): number => 0.4 + (0.6 * Math.abs(lightness(a) - lightness(b))) / 50
