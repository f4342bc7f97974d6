import { randomBytes } from 'node:crypto'

/** Signs of a code that nobody takes for one another, read out or typed with gloves. */
const SIGNS = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789'
/** 31 signs twelve times: some 59 bits, good once and for half an hour. */
const CODE_SIGNS = 12

/** A code as its signs alone: small letters, blanks and dashes do not matter. */
export const codeSigns = (code: string): string => code.toUpperCase().replace(/[^A-Z0-9]/g, '')

/** A code as people read it: in fours. */
export function newCode(): string {
  const signs = [...randomBytes(CODE_SIGNS)].map((byte) => SIGNS[byte % SIGNS.length])
  return [0, 4, 8].map((at) => signs.slice(at, at + 4).join('')).join('-')
}
