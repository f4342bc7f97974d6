import { CLOSE, OPEN } from '@crisp-hem/core/words'

/** Signs that are no language's: units as they are written everywhere, and the names of file formats and standards. */
const SIGNS =
  /\b(?:25mm|10mm|mm|cm|m|km|m²|µm|nm|min|h|d|s|g|kg|ml|l|L|N|Pa|K|kJ|mol|W|ft|in|gf|lbf|ozf|CSV|PDF|DXF|SVG|JSON|ISO|ASTM|RH|log)\b|[°%×·–—’“”€£$²³µ]/g

/**
 * What stands in some drawn page outside of every message of the catalogue, less what people wrote themselves. Messages
 * of the pseudo-locale stand between brackets; names people gave are taken out wherever they stand.
 *
 * @param html  a drawn page
 * @param names  texts that are data: names of rooms, colours, products, people
 * @returns stray words, each once
 */
export function strayWords(html: string, names: ReadonlySet<string>): string[] {
  const texts = [
    ...html.replace(/<(script|style)[^]*?<\/\1>/g, '').matchAll(/>([^<>]+)</g),
    ...html.matchAll(/ (?:aria-label|title|placeholder|alt)="([^"]+)"/g),
  ].map((found) => unescaped(found[1] ?? ''))
  const stray = texts.flatMap((text) => strayIn(text, names))
  return [...new Set(stray)]
}

function strayIn(text: string, names: ReadonlySet<string>): string[] {
  let rest = withoutMessages(text)
  if (names.has(rest.trim()) || isShortened(rest.trim(), names)) return []
  for (const name of [...names].sort((a, b) => b.length - a.length))
    if (name.length > 1) rest = rest.split(name).join(' ')
  rest = rest.replace(SIGNS, ' ')
  return /\p{L}{2,}/u.test(rest) ? [rest.trim()] : []
}

/** Charts cut long names where room is short. */
const isShortened = (text: string, names: ReadonlySet<string>): boolean =>
  text.endsWith('…') && [...names].some((name) => name.startsWith(text.slice(0, -1).trim()))

/** The text with everything between brackets taken out; brackets may stand in brackets. */
export function withoutMessages(text: string): string {
  let depth = 0
  let rest = ''
  for (const sign of text) {
    if (sign === OPEN) depth += 1
    else if (sign === CLOSE) depth = Math.max(0, depth - 1)
    else if (depth === 0) rest += sign
  }
  return rest
}

const unescaped = (text: string): string =>
  text
    .replace(/&quot;/g, '"')
    .replace(/&#x27;/g, "'")
    .replace(/&lt;/g, '<')
    .replace(/&gt;/g, '>')
    .replace(/&amp;/g, '&')

/** Every text somebody wrote in some data: values under names, colours, notes, and the like. */
export function writtenNames(data: unknown, found = new Set<string>()): Set<string> {
  if (Array.isArray(data)) for (const each of data) writtenNames(each, found)
  else if (typeof data === 'object' && data !== null)
    for (const [key, value] of Object.entries(data)) {
      if (typeof value !== 'string') writtenNames(value, found)
      else if (WRITTEN.has(key) && value !== '') found.add(value).add(value.toLowerCase())
    }
  return found
}

const WRITTEN = new Set([
  'by',
  'why',
  'id',
  'name',
  'place',
  'colour',
  'note',
  'reason',
  'caption',
  'zone',
  'currency',
  'country',
  'swatch',
  'number',
  'supplier',
])
