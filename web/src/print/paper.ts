import type { Site } from '@crisp-hem/core'

export type Paper = 'A4' | 'LETTER'

/** Countries whose printers hold Letter. From memory; everywhere else holds A4 (ISO 216). */
const LETTER: readonly string[] = ['US', 'CA', 'MX', 'PH', 'CL', 'CO', 'VE', 'GT', 'CR', 'PA', 'DO']
/** Where no country is said, its money tells. */
const LETTER_MONEY: readonly string[] = ['USD', 'CAD', 'MXN']

/** What lies in the printer where a job is. */
export const paperOf = ({ country, currency }: Pick<Site, 'country' | 'currency'>): Paper =>
  (country === '' ? LETTER_MONEY.includes(currency) : LETTER.includes(country)) ? 'LETTER' : 'A4'

/** Width between the margins of our sheets, pt: 595 and 612 less 2 × 32. */
export const PAGE_WIDTH: Readonly<Record<Paper, number>> = { A4: 531, LETTER: 548 }

/** A file name of parts that every system takes: no slashes, colons or signs that mean something. */
export const fileName = (...parts: readonly string[]): string =>
  `${parts
    .filter(Boolean)
    .map((part) => part.replace(/[\\/:*?"<>|]+/g, '-').trim())
    .join(', ')}.pdf`
