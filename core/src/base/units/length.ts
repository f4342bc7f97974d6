import { nth, sure } from './sure'
import { CoreError } from './errors'

/** How a site's people write lengths. */
export const UNIT_SYSTEMS = ['metric', 'imperial'] as const
export type UnitSystem = (typeof UNIT_SYSTEMS)[number]

/** A length as an exact fraction of a millimetre, reduced: 3/16" is 381/80 mm. */
interface ExactMm {
  readonly num: number
  readonly den: number
}

// 1 in = 25.4 mm exactly, 1 ft = 12 in (international yard and pound agreement 1959): published.
const INCH: ExactMm = { num: 127, den: 5 }
const FOOT: ExactMm = { num: 1524, den: 5 }
const YARD: ExactMm = { num: 4572, den: 5 }
const METRIC: Record<string, ExactMm> = {
  mm: { num: 1, den: 1 },
  cm: { num: 10, den: 1 },
  m: { num: 1000, den: 1 },
  // A film's and a tape's units: 1 mil is a thousandth of an inch.
  µm: { num: 1, den: 1000 },
  um: { num: 1, den: 1000 },
  micron: { num: 1, den: 1000 },
  microns: { num: 1, den: 1000 },
  mil: { num: 127, den: 5000 },
  mils: { num: 127, den: 5000 },
}
/** Beside these a comma is a decimal comma: nobody measures a room of a thousand metres. */
const DECIMAL_COMMA: readonly string[] = ['m', 'cm']
const VULGAR: Record<string, string> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
}
const NUMBER = String.raw`(?:\d+[ -]+\d+/\d+|\d+/\d+|\d[\d,]*(?:[.]\d+)?|[.,]\d+)`
const FEET_INCHES = new RegExp(
  String.raw`^(?:(${NUMBER})\s*(?:yd|yds|yard|yards)\b)?\s*(?:(${NUMBER})\s*(?:'|ft\b|feet\b|foot\b))?\s*-?\s*(?:(${NUMBER})\s*(?:"|''|in\b|inch\b|inches\b)?)?$`,
)
const METRES = new RegExp(String.raw`^(${NUMBER})\s*(mm|cm|m|µm|um|microns?|mils?)$`)

/**
 * Reads a length as people write it on site: `12' 6 1/2"`, `12'-6 1/2"`, `3/16"`, `.5 in`, `2 yd`, `2.6 m`, `2,6 m`,
 * `1,250 mm`, `36 mm`, `6½"`, `50 µm`, `2 mil`.
 *
 * @param text    what was typed; surrounding blanks and unicode primes are fine
 * @param system  decides what a bare number means: metres on a metric site, refused on an imperial one
 * @returns the exact length in millimetres as a reduced fraction, more than zero
 * @throws CoreError length.unreadable, length.no_unit, length.not_positive
 */
export function parseLength(text: string, system: UnitSystem): ExactMm {
  const signed = tidy(text)
  // Behind a sign it would be read as what stands between feet and inches.
  if (/^[-−–]/.test(signed)) throw new CoreError('length.not_positive', { text: text.trim() })
  const clean = signed.replace(/^\+\s*/, '')
  const found = readMetric(clean) ?? readBare(clean, text, system) ?? readImperial(clean)
  if (!found) throw new CoreError('length.unreadable', { text: text.trim() })
  if (found.num <= 0) throw new CoreError('length.not_positive', { text: text.trim() })
  return found
}

/** The nearest whole millimetre, halves up: what the survey stores. */
const roundMm = (exact: ExactMm): number => Math.floor((2 * exact.num + exact.den) / (2 * exact.den))

/** A typed length as whole millimetres, the survey's unit. Same errors as {@link parseLength}. */
export function parseMm(text: string, system: UnitSystem): number {
  const mm = roundMm(parseLength(text, system))
  if (mm < 1) throw new CoreError('length.not_positive', { text: text.trim() })
  return mm
}

/**
 * Reads two lengths as people write a size: `4 x 6 ft`, `1200 × 900 mm`, `4' x 6'`. A unit said once holds for both.
 * @returns width and height, whole millimetres  @throws CoreError as {@link parseLength}
 */
export function parseSize(text: string, system: UnitSystem): readonly [number, number] {
  const [first = '', second = '', more] = text.split(/\s*[x×]\s*/i)
  if (second === '' || more !== undefined) throw new CoreError('length.unreadable', { text: text.trim() })
  const unit = /[a-zµ'"′″]+\s*$/i.exec(second)?.[0] ?? ''
  const isBare = !/[a-zµ'"′″]\s*$/i.test(first)
  return [
    parseMm(isBare ? `${first}${unit.startsWith("'") ? unit : ` ${unit}`}` : first, system),
    parseMm(second, system),
  ]
}

/** Into how many parts an inch is written. */
type InchParts = 8 | 16 | 32

/**
 * Writes whole millimetres for the site: `3.62 m`, `36 mm` under 10 cm, or feet and inches to 1/16.
 * A length typed in sixteenths of an inch comes back as typed, since half a millimetre is under 1/32".
 */
export function formatLength(mm: number, system: UnitSystem, parts: InchParts = 16): string {
  if (mm < 0) return `−${formatLength(-mm, system, parts)}`
  if (system === 'imperial') return formatFeetInches(mm, parts)
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
    .replace(/μ/g, 'µ')
    .trim()
}

function readMetric(clean: string): ExactMm | null {
  const match = METRES.exec(clean)
  if (!match) return null
  const unit = nth(match, 2)
  const value = readNumber(nth(match, 1), !DECIMAL_COMMA.includes(unit))
  return value && times(value, sure(METRIC[unit]))
}

function readBare(clean: string, text: string, system: UnitSystem): ExactMm | null {
  if (!new RegExp(`^${NUMBER}$`).test(clean)) return null
  if (system === 'imperial') throw new CoreError('length.no_unit', { text: text.trim(), hint: '12\' 6" or 6 1/2"' })
  const metres = readNumber(clean, false)
  if (!metres) return null
  // A bare 3620 is millimetres left unsaid; no room is 100 m long, so ask instead of guessing.
  if (metres.num >= 100 * metres.den) {
    throw new CoreError('length.no_unit', { text: text.trim(), hint: `${clean} mm or metres` })
  }
  return times(metres, sure(METRIC.m))
}

function readImperial(clean: string): ExactMm | null {
  const match = FEET_INCHES.exec(clean)
  const parts = [YARD, FOOT, INCH].flatMap((unit, i) => {
    const text = match?.[i + 1]
    return text === undefined ? [] : [{ unit, value: readNumber(text, true) }]
  })
  if (parts.length === 0) return null
  return parts.reduce<ExactMm | null>((sum, { unit, value }) => sum && value && plus(sum, times(value, unit)), ZERO)
}

const ZERO: ExactMm = { num: 0, den: 1 }

const THOUSANDS = /^\d{1,3}(,\d{3})+(\.\d+)?$/

/** `6`, `2.65`, `2,65`, `1,250`, `3/16` or `6 1/2` as a fraction; null for what is none, as 1/0. */
function readNumber(text: string, thousands: boolean): ExactMm | null {
  const parts = text.split(/[ -]+/).map((part): ExactMm | null => {
    const [top, bottom] = part.split('/')
    if (bottom !== undefined) return Number(bottom) === 0 ? null : reduce(Number(top), Number(bottom))
    const plain = thousands && THOUSANDS.test(part) ? part.replace(/,/g, '') : part.replace(',', '.')
    if (!/^\d*\.?\d+$/.test(plain)) return null
    const decimals = plain.split('.')[1]?.length ?? 0
    return reduce(Math.round(Number(plain) * 10 ** decimals), 10 ** decimals)
  })
  return parts.reduce<ExactMm | null>((sum, part) => sum && part && plus(sum, part), ZERO)
}

function reduce(num: number, den: number): ExactMm {
  const divisor = gcd(num, den) || 1
  return { num: num / divisor, den: den / divisor }
}
const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b))
const plus = (a: ExactMm, b: ExactMm): ExactMm => reduce(a.num * b.den + b.num * a.den, a.den * b.den)
const times = (a: ExactMm, b: ExactMm): ExactMm => reduce(a.num * b.num, a.den * b.den)

function formatFeetInches(mm: number, parts: InchParts): string {
  const all = Math.round((mm * parts * 5) / 127)
  const feet = Math.floor(all / (12 * parts))
  const inches = Math.floor((all % (12 * parts)) / parts)
  const rest = all % parts
  const divisor = gcd(rest, parts) || 1
  const fraction = rest === 0 ? '' : `${rest / divisor}/${parts / divisor}`
  const inchText = [inches || !fraction ? String(inches) : '', fraction].filter(Boolean).join(' ')
  if (feet === 0) return `${inchText}"`
  return inches === 0 && !fraction ? `${feet}'` : `${feet}' ${inchText}"`
}
