import { known, word } from '../../base/nouns'

/** CIE L*a*b* of `#rrggbb` under D65: sRGB transfer curve (IEC 61966-2-1) and CIE 1976, published. */
export function labOf(swatch: string): readonly [number, number, number] {
  const channel = (from: number) => {
    const c = Number.parseInt(swatch.slice(from, from + 2), 16) / 255
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4
  }
  const [r, g, b] = [channel(1), channel(3), channel(5)]
  const f = (t: number) => (t > 0.008856 ? Math.cbrt(t) : 7.787 * t + 16 / 116)
  const x = f((0.4124 * r + 0.3576 * g + 0.1805 * b) / 0.95047)
  const y = f(0.2126 * r + 0.7152 * g + 0.0722 * b)
  const z = f((0.0193 * r + 0.1192 * g + 0.9505 * b) / 1.08883)
  return [116 * y - 16, 500 * (x - y), 200 * (y - z)]
}

/** Distance between two colours, CIE 1976 ΔE*. */
export function colourDistance(a: string, b: string): number {
  const [one, two] = [labOf(a), labOf(b)]
  return Math.hypot(one[0] - two[0], one[1] - two[1], one[2] - two[2])
}

/** What still shows through after the last coat: a step the eye finds side by side. */
const HIDDEN_BELOW = known(0.6, 'ΔE*', 'from-memory', word('source', 'just-noticeable-on-one-wall'))
/** Share of an old colour that one coat hides: least for pure white, most for a colour with some black in it. */
const HIDES = {
  white: known(0.7, '', 'from-memory', word('source', 'pure-white-over-cream-takes-three-coats')),
  gain: known(0.28, '', 'from-memory', word('source', 'off-white-with-a-touch-of-black')),
  lightnessStep: 6,
}

/** Share of what lies below that one coat of this colour hides, 0 … 1. docs/science.md §9. */
export function hidingPerCoat(swatch: string): number {
  const [lightness] = labOf(swatch)
  return HIDES.white.value + HIDES.gain.value * (1 - Math.exp(-(100 - lightness) / HIDES.lightnessStep))
}

/** How many coats a colour needs over another, and whether the pure-white trap is what makes it many. */
interface Hiding {
  readonly coats: number
  readonly contrast: number
  readonly perCoat: number
  readonly whiteTrap: boolean
}

/** Lightness from which a white has no black in it to hide with. */
const PURE_WHITE_L = 97.5

/** Coats of `over` that hide `under`: each leaves (1 − hiding) of the difference, until it no longer shows. */
export function coatsToHide(under: string, over: string): Hiding {
  const contrast = colourDistance(under, over)
  const perCoat = hidingPerCoat(over)
  const exact = contrast <= HIDDEN_BELOW.value ? 1 : Math.log(HIDDEN_BELOW.value / contrast) / Math.log(1 - perCoat)
  const coats = Math.min(6, Math.max(1, Math.ceil(exact)))
  return { coats, contrast, perCoat, whiteTrap: labOf(over)[0] > PURE_WHITE_L && coats > 2 }
}
