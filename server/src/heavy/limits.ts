import { ServerError } from '../errors'

/** The largest request body, bytes. A job of 5,000 hems takes about half a megabyte. */
export const BODY_LIMIT_BYTES = 32 * 1024 * 1024
/** The most a body may hold: brackets in brackets, and values in all. A job file is ten deep. */
const DEPTH_LIMIT = 24
const PARTS_LIMIT = 4_000_000

const QUOTE = 0x22
const BACKSLASH = 0x5c
const COMMA = 0x2c
const OPENS = new Set([0x7b, 0x5b])
const CLOSES = new Set([0x7d, 0x5d])

/**
 * Refuses a body that is too deep or has too many parts, by one pass over its bytes before anything is made of them: a
 * small body can be deep, and a large one made of empty brackets.
 *
 * @throws ServerError request.too_deep, request.too_many_parts
 */
export function checkMeasure(body: Uint8Array): void {
  let depth = 0
  let parts = 1
  for (let i = 0; i < body.length; i++) {
    const sign = body[i] ?? 0
    if (sign === QUOTE) i = endOfText(body, i)
    else if (sign === COMMA) parts += 1
    else if (OPENS.has(sign)) {
      depth += 1
      parts += 1
    } else if (CLOSES.has(sign)) depth -= 1
    if (depth > DEPTH_LIMIT) throw new ServerError('request.too_deep', { most: DEPTH_LIMIT })
    if (parts > PARTS_LIMIT) throw new ServerError('request.too_many_parts', { most: PARTS_LIMIT })
  }
}

/** Where a text that begins at a quote ends; bytes of other signs in UTF-8 are never quotes. */
function endOfText(body: Uint8Array, start: number): number {
  let i = start + 1
  while (i < body.length && body[i] !== QUOTE) i += body[i] === BACKSLASH ? 2 : 1
  return i
}
