import { hemOfSubject, type HemId, type LogEvent } from '../../base/nouns'
import { parseInstant } from '../../base/units/time'
import { standingEvents } from './hemStates'

/** A picture somebody took of a hem on site. */
export interface HemPicture {
  /** The picture's id among the job's pictures. */
  readonly id: string
  readonly hemId: HemId
  /** Minutes since the epoch. */
  readonly at: number
  /** A person's name, or the crew's id, or null. */
  readonly by: string | null
  readonly words: string
}

/** Pictures of defects, by hem, the latest first. One that was taken back is not among them. */
export function picturesOf(log: readonly LogEvent[]): ReadonlyMap<string, readonly HemPicture[]> {
  const found = new Map<string, HemPicture[]>()
  for (const { id, kind, at, crewId, subjects, note, origin } of standingEvents(log).reverse()) {
    if (kind !== 'pictured') continue
    for (const subject of subjects) {
      const hemId = hemOfSubject(subject)
      if (hemId === null) continue
      const picture = { id, hemId, at: parseInstant(at), by: origin?.by ?? crewId, words: note }
      found.set(hemId, [...(found.get(hemId) ?? []), picture])
    }
  }
  return found
}
