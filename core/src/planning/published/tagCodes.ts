import type { RoundId } from '../../base/nouns'

/** Signs that nobody takes for one another, read out across a room or typed with gloves: 0 O, 1 I, 2 Z, 5 S, 8 B and Q are left out. */
const SIGNS = '34679ACDEFGHJKLMNPRTUVWXY'
export const TAG_SIGNS = 4
const MOST = SIGNS.length ** TAG_SIGNS

/**
 * A code of four signs for each round of a job, the same on every device: from job and round alone, the next free one where two
 * would have the same. Of a thousand rounds some two or three step aside.
 */
export function tagCodes(jobId: string, roundIds: readonly RoundId[]): ReadonlyMap<RoundId, string> {
  const taken = new Set<string>()
  return new Map(
    [...new Set(roundIds)].sort().map((roundId) => {
      let at = sumOf(`${jobId}|${roundId}`) % MOST
      while (taken.has(written(at))) at = (at + 1) % MOST
      taken.add(written(at))
      return [roundId, written(at)]
    }),
  )
}

/** What was typed or scanned, as a code: small letters and blanks do not matter, and an address ends with it. */
export const asTagCode = (text: string): string =>
  (text.split('/').at(-1) ?? '').toUpperCase().replace(/[^A-Z0-9]/g, '')

function written(number: number): string {
  let [rest, text] = [number, '']
  for (let i = 0; i < TAG_SIGNS; i++) {
    text = `${SIGNS[rest % SIGNS.length]}${text}`
    rest = Math.floor(rest / SIGNS.length)
  }
  return text
}

/** FNV-1a, 32 bits (Fowler, Noll & Vo): spreads names that differ in one sign. */
function sumOf(text: string): number {
  let sum = 0x811c9dc5
  for (const byte of new TextEncoder().encode(text)) sum = Math.imul(sum ^ byte, 0x01000193) >>> 0
  return sum
}
