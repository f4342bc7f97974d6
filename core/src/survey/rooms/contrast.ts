import { labOf } from './hiding'

/** CIE lightness L* of `#rrggbb`, 0 … 100. */
export const lightness = (swatch: string): number => labOf(swatch)[0]

/** Whether a colour looks white, whatever it is called: light, with hardly a hue. From memory. */
export function isWhite(swatch: string): boolean {
  const [light, a, b] = labOf(swatch)
  return light >= WHITE.leastLightness && Math.hypot(a, b) <= WHITE.mostChroma
}
const WHITE = { leastLightness: 93, mostChroma: 7 } as const

/** How much a defect between two colours shows: 1 at a lightness step of 50, never under 0.4. From memory. */
export const visibility = (a: string, b: string): number => 0.4 + (0.6 * Math.abs(lightness(a) - lightness(b))) / 50
