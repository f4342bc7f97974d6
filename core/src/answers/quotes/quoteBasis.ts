import type { JobFacts } from '../../base/nouns'
import { seedOf } from '../../base/units/seeded'

/**
 * What a quote rests on, as a short word: the same for the same survey, shelf and house rules. Quotes, holds, crews' absences and
 * pictures are not in it: they change nothing of what the customer was offered.
 */
export function quoteBasis({ rooms, shelf, house, crews, site }: JobFacts): string {
  const surveyed = rooms.map(({ photos: _photos, crewId: _crewId, ...room }) => room)
  const { firm: _firm, ...rules } = house
  const text = JSON.stringify([surveyed, { ...shelf, articles: [], remnants: [] }, rules, crews, site.currency])
  return `${text.length.toString(36)}-${seedOf(text).toString(36)}`
}

/** Whether a job has changed since a quote was given; quotes of before this was noted say nothing. */
export const isOutdated = (basis: string, facts: JobFacts): boolean => basis !== '' && basis !== quoteBasis(facts)
