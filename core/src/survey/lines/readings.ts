import { CoreError } from '../../base/units/errors'
import { formatLength, parseLength, type UnitSystem } from '../../base/units/length'
import type { Lump } from '../../base/nouns'
import type { WanderPoint } from './oneSided'

/** What was typed one after another: lines, or parts between semicolons, none of them empty. */
export const typedLines = (text: string): string[] =>
  text
    .split(/[\n;]/)
    .map((line) => line.trim())
    .filter((line) => line !== '')

/** How readings along an edge were taken. */
export interface ReadingsFrom {
  readonly units: UnitSystem
  /** Length of the run, mm. */
  readonly lengthMm: number
  /** Readings without places stand so far apart, mm; null where each line begins with its place. */
  readonly everyMm: number | null
  /** Places are measured from this end. */
  readonly end: 'left' | 'right'
  /** A larger reading means that the edge lies farther over what is kept, or less far. */
  readonly grows: 'over-keep' | 'over-paint'
}

/**
 * Readings as they are typed, one after another: `0 3`, `400 5`, a place and how far off the edge lies there, or offsets alone at even
 * distances, `3/16`, `1/4 in`; millimetres on a metric site where no unit is given, inches on an imperial one; a sign goes before. Lines and `;` part them.
 *
 * @returns points of the edge from left to right; offsets grow towards what is kept
 * @throws CoreError lines.reading, with the line that could not be read; lines.beyond, for a place beyond the run
 */
export function readReadings(text: string, from: ReadingsFrom): WanderPoint[] {
  const lines = typedLines(text)
  const points = lines.map((line, i): WanderPoint => {
    const read = from.everyMm === null ? pairOf(line, from.units) : aloneAt(i * from.everyMm, line, from.units)
    if (!read) throw new CoreError('lines.reading', { line: i + 1, text: line })
    if (read.atMm < 0 || read.atMm > from.lengthMm + 0.5)
      throw new CoreError('lines.beyond', { line: i + 1, text: line })
    return {
      atMm: from.end === 'left' ? read.atMm : from.lengthMm - read.atMm,
      offMm: from.grows === 'over-keep' ? read.offMm : -read.offMm,
    }
  })
  return points.sort((a, b) => a.atMm - b.atMm)
}

function aloneAt(atMm: number, line: string, units: UnitSystem): WanderPoint | null {
  const offMm = signed(line, units)
  return offMm === null ? null : { atMm, offMm }
}

/** A place and an offset. Either may hold blanks itself (`1 1/4`): the first split at which both halves are lengths. */
function pairOf(line: string, units: UnitSystem): WanderPoint | null {
  const parts = line.split(/\s*:\s*|\s+/)
  for (let k = 1; k < parts.length; k++) {
    const [atMm, offMm] = [signed(parts.slice(0, k).join(' '), units), signed(parts.slice(k).join(' '), units)]
    if (atMm !== null && offMm !== null) return { atMm, offMm }
  }
  return null
}

/** A length with a sign before it, mm; nothing is a length too. Null where it is none. */
function signed(text: string, units: UnitSystem): number | null {
  const clean = text.trim()
  const sign = /^[-−–]/.test(clean) ? -1 : 1
  const bare = clean.replace(/^[-+−–]\s*/, '')
  if (/^0+([.,]0+)?\s*[a-z"']*$/i.test(bare)) return 0
  const unit = /^[\d.,/ -]+$/.test(bare) ? (units === 'metric' ? `${bare} mm` : `${bare} in`) : bare
  try {
    const { num, den } = parseLength(unit, units)
    return (sign * num) / den
  } catch {
    return null
  }
}

/** Readings as they would be typed, so that they read back as the same edge: whole millimetres and hundredths, or feet and inches. */
export const writeReadings = (points: readonly WanderPoint[], units: UnitSystem): string =>
  points
    .map(({ atMm, offMm }) =>
      units === 'metric' ? `${atMm} ${offMm}` : `${formatLength(atMm, units, 32)} ${formatLength(offMm, units, 32)}`,
    )
    .join('\n')

/**
 * Lengths typed one after another, a line or `;` each, mm.
 *
 * @throws CoreError lines.reading, with the line that could not be read
 */
export const readLengths = (text: string, units: UnitSystem): number[] =>
  typedLines(text).map((line, i) => {
    const mm = signed(line, units)
    if (mm === null) throw new CoreError('lines.reading', { line: i + 1, text: line })
    return mm
  })

/**
 * Lumps and dips as they are typed, one a line: where each begins from the left end, how long it is, and how high, with a minus before a dip:
 * `1200 300 -4`.
 *
 * @throws CoreError lines.lump, with the line that could not be read; lines.beyond, for one beyond the run
 */
export function readLumps(text: string, units: UnitSystem, runMm: number): Lump[] {
  const lines = typedLines(text)
  return lines.map((line, i) => {
    const lump = lumpOf(line, units)
    if (!lump) throw new CoreError('lines.lump', { line: i + 1, text: line })
    if (lump.atMm < 0 || lump.atMm + lump.lengthMm > runMm + 0.5)
      throw new CoreError('lines.beyond', { line: i + 1, text: line })
    return lump
  })
}

/** A place, a length and a height; each may hold blanks itself, so the first split that reads is taken. */
function lumpOf(line: string, units: UnitSystem): Lump | null {
  const parts = line.split(/\s+/)
  for (let k = 1; k < parts.length - 1; k++) {
    const atMm = signed(parts.slice(0, k).join(' '), units)
    const rest = pairOf(parts.slice(k).join(' '), units)
    if (atMm !== null && rest !== null && rest.atMm >= 0 && rest.offMm !== 0)
      return { atMm, lengthMm: rest.atMm, heightMm: rest.offMm }
  }
  return null
}

/** The same as they would be typed. */
export const writeLumps = (lumps: readonly Lump[], units: UnitSystem): string =>
  lumps
    .map(({ atMm, lengthMm, heightMm }) =>
      [atMm, lengthMm, heightMm].map((mm) => (units === 'metric' ? mm : formatLength(mm, units, 32))).join(' '),
    )
    .join('\n')
