type Fields = Record<string, unknown>
const isFields = (data: unknown): data is Fields => typeof data === 'object' && data !== null && !Array.isArray(data)

/**
 * Fields of a job whose values come from fixed lists, by name. Up to version 3 lists held English words; since then
 * they hold stable codes. What people wrote themselves (names, colours, notes) stands in other fields and stays.
 */
const LISTED = new Set([
  'school',
  'sealantColour',
  'runs',
  'source',
  'mark',
  'backing',
  'edge',
  'kind',
  'material',
  'texture',
  'soundness',
  'rub',
  'scope',
  'way',
])

/** A note is a code where it says why an edge has no hem, and people's own words elsewhere. */
const isListed = (name: string, beside: Fields): boolean => LISTED.has(name) || (name === 'note' && 'edge' in beside)

/** Words of versions 1 to 3 that are written otherwise as codes; the rest were codes already. */
const WORDS: Readonly<Record<string, string>> = Object.fromEntries(
  [
    'wiped sealant',
    'own-colour seal',
    'clear glaze',
    'barrier edge',
    'press only',
    'plain, sprayed',
    'liquid mask',
    'by colour',
    'one run',
    'short pieces',
    'weather service',
    'common practice',
    'from memory',
    'own log',
    'lapped boards',
    'not made',
    'chair rail',
    'glazed doors',
    'air inlet',
    'meter box',
    'take off',
    'takes wall colour',
    'replaced soon',
    'left out',
    'true joint',
    'creped paper',
    'seal brush',
    'press tool',
    'pole roller',
    'light spray',
    'medium spray',
    'heavy spray',
    'wood grain',
    'thin over dusty filler',
    'bare board paper',
    'bare wood',
    'unpainted hard',
  ].map((words) => [words, words.replace(/,/g, '').replace(/ /g, '-')]),
)

/** Any part of an older job with the words of its lists as codes. A log's notes are people's own and stay. */
export function withCodes(data: unknown): unknown {
  if (Array.isArray(data)) return data.map(withCodes)
  if (!isFields(data)) return data
  return Object.fromEntries(
    Object.entries(data).map(([name, value]) => [
      name,
      isListed(name, data) && typeof value === 'string'
        ? (WORDS[value] ?? value)
        : name === 'log'
          ? value
          : withCodes(value),
    ]),
  )
}
