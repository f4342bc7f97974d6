import { nth, sure } from './sure'
import { CoreError } from './errors'

/** How a site's people write lengths. */
export const UNIT_SYSTEMS = ['metric', 'imperial'] as const
export type UnitSystem = (typeof UNIT_SYSTEMS)[number]

/** A length as an exact fraction of a millimetre, reduced: 3/16" is 381/80 mm. */
export interface ExactMm {
  readonly num: number
  readonly den: number
}

// 1 in = 25.4 mm exactly, 1 ft = 12 in (international yard and pound agreement 1959): published.
const INCH: ExactMm = { num: 127, den: 5 }
const FOOT: ExactMm = { num: 1524, den: 5 }
const METRIC: Record<string, ExactMm> = {
  mm: { num: 1, den: 1 },
  cm: { num: 10, den: 1 },
  m: { num: 1000, den: 1 },
}
const VULGAR: Record<string, string> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
}
const NUMBER = String.raw`(?:\d+(?:[.]\d+)?(?:[ -]+\d+/\d+)?|\d+/\d+)`
const FEET_INCHES = new RegExp(
  String.raw`^(?:(${NUMBER})\s*(?:'|ft\b|feet\b|foot\b))?\s*(?:(${NUMBER})\s*(?:"|''|in\b|inch\b|inches\b)?)?$`,
)
const METRES = new RegExp(String.raw`^(${NUMBER})\s*(mm|cm|m)$`)

/**
 * Reads a length as people write it on site: `12' 6 1/2"`, `3/16"`, `2.6 m`, `2,6 m`, `36 mm`, `6½"`.
 *
 * @param text    what was typed; surrounding blanks and unicode primes are fine
 * @param system  decides what a bare number means: metres on a metric site, refused on an imperial one
 * @returns the exact length in millimetres as a reduced fraction, more than zero
 * @throws CoreError length.unreadable, length.no_unit, length.not_positive
 */
export function parseLength(text: string, system: UnitSystem): ExactMm {
  const clean = tidy(text)
  const found = readMetric(clean) ?? readBare(clean, text, system) ?? readImperial(clean)
  if (!found) throw new CoreError('length.unreadable', { text: text.trim() })
  if (found.num <= 0) throw new CoreError('length.not_positive', { text: text.trim() })
  return found
}

/** The nearest whole millimetre, halves up: what the survey stores. */
export const roundMm = (exact: ExactMm): number => Math.floor((2 * exact.num + exact.den) / (2 * exact.den))

/** A typed length as whole millimetres, the survey's unit. Same errors as {@link parseLength}. */
export const parseMm = (text: string, system: UnitSystem): number => roundMm(parseLength(text, system))

/**
 * Writes whole millimetres for the site: `3.62 m`, `36 mm` under 10 cm, or feet and inches to 1/16.
 * A length typed in sixteenths of an inch comes back as typed, since half a millimetre is under 1/32".
 */
export function formatLength(mm: number, system: UnitSystem): string {
  if (system === 'imperial') return formatFeetInches(mm)
  return mm < 100 ? `${mm} mm` : `${(mm / 1000).toFixed(mm % 10 ? 3 : 2)} m`
}

/** A sum of lengths for reading, not for cutting: `38.0 m`, or whole feet. */
export const formatRun = (mm: number, system: UnitSystem): string =>
  system === 'imperial' ? `${Math.round(mm / 304.8)} ft` : `${(mm / 1000).toFixed(1)} m`

function tidy(text: string): string {
  return text
    .trim()
    .toLowerCase()
    .replace(/[½¼¾⅛⅜⅝⅞]/g, (sign) => ` ${VULGAR[sign]}`)
    .replace(/[′’‘]/g, "'")
    .replace(/[″”“]/g, '"')
    .replace(/(\d),(\d)/g, '$1.$2')
    .trim()
}

function readMetric(clean: string): ExactMm | null {
  const match = METRES.exec(clean)
  if (!match) return null
  return times(readNumber(nth(match, 1)), sure(METRIC[nth(match, 2)]))
}

function readBare(clean: string, text: string, system: UnitSystem): ExactMm | null {
  if (!new RegExp(`^${NUMBER}$`).test(clean)) return null
  if (system === 'imperial') throw new CoreError('length.no_unit', { text: text.trim(), hint: '12\' 6" or 6 1/2"' })
  const metres = readNumber(clean)
  // A bare 3620 is millimetres left unsaid; no room is 100 m long, so ask instead of guessing.
  if (metres.num >= 100 * metres.den) {
    throw new CoreError('length.no_unit', { text: text.trim(), hint: `${clean} mm or metres` })
  }
  return times(metres, sure(METRIC.m))
}

function readImperial(clean: string): ExactMm | null {
  const match = FEET_INCHES.exec(clean)
  if (!match || (match[1] === undefined && match[2] === undefined)) return null
  const feet = match[1] === undefined ? ZERO : times(readNumber(match[1]), FOOT)
  const inches = match[2] === undefined ? ZERO : times(readNumber(match[2]), INCH)
  return plus(feet, inches)
}

const ZERO: ExactMm = { num: 0, den: 1 }

/** `6`, `2.65`, `3/16` or `6 1/2` as a fraction. */
function readNumber(text: string): ExactMm {
  return text
    .split(/[ -]+/)
    .map((part) => {
      const [top, bottom] = part.split('/')
      if (bottom !== undefined) return reduce(Number(top), Number(bottom))
      const decimals = sure(top).split('.')[1]?.length ?? 0
      return reduce(Math.round(Number(top) * 10 ** decimals), 10 ** decimals)
    })
    .reduce(plus)
}

function reduce(num: number, den: number): ExactMm {
  if (den === 0) return ZERO
  const divisor = gcd(num, den) || 1
  return { num: num / divisor, den: den / divisor }
}
const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b))
const plus = (a: ExactMm, b: ExactMm): ExactMm => reduce(a.num * b.den + b.num * a.den, a.den * b.den)
const times = (a: ExactMm, b: ExactMm): ExactMm => reduce(a.num * b.num, a.den * b.den)

function formatFeetInches(mm: number): string {
  const sixteenths = Math.round((mm * 16 * 5) / 127)
  const feet = Math.floor(sixteenths / 192)
  const inches = Math.floor((sixteenths % 192) / 16)
  const rest = sixteenths % 16
  const divisor = gcd(rest, 16) || 1
  const fraction = rest === 0 ? '' : `${rest / divisor}/${16 / divisor}`
  const inchText = [inches || !fraction ? String(inches) : '', fraction].filter(Boolean).join(' ')
  if (feet === 0) return `${inchText}"`
  return inches === 0 && !fraction ? `${feet}'` : `${feet}' ${inchText}"`
}
