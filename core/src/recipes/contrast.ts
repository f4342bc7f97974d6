/** CIE lightness L* of `#rrggbb`, 0 … 100, by the sRGB transfer curve (IEC 61966-2-1) and CIE 1976: published. */
export function lightness(swatch: string): number {
  const channel = (from: number) => {
    const c = Number.parseInt(swatch.slice(from, from + 2), 16) / 255
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4
  }
  const y = 0.2126 * channel(1) + 0.7152 * channel(3) + 0.0722 * channel(5)
  return y > 0.008856 ? 116 * Math.cbrt(y) - 16 : 903.3 * y
}

/** How much a defect between two colours shows: 1 at a lightness step of 50, never under 0.4. From memory. */
export const visibility = (a: string, b: string): number => 0.4 + (0.6 * Math.abs(lightness(a) - lightness(b))) / 50
