import type { ActivityId } from '../../base/nouns'
import type { Work } from './activity'

/** Which activity lays the tape, or the mask, of each hem. */
export const laysOf = (work: Pick<Work, 'activities'>): ReadonlyMap<string, ActivityId> =>
  new Map(
    work.activities.flatMap((act) =>
      act.kind === 'lay' ? act.subjects.map((hemId): [string, ActivityId] => [hemId, act.id]) : [],
    ),
  )
