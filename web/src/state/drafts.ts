import type { JobFacts } from '@crisp-hem/core/wire'

/** Facts that were not saved when their page was left, and the revision they were made from. */
export interface Draft {
  readonly facts: JobFacts
  readonly revision: number
  /** An earlier edit whose save had not been answered yet, or null. */
  readonly onItsWay: JobFacts | null
}

/**
 * What becomes of a draft when its job is opened again: taken up where the job still stands as it was, or as our own
 * last save left it; nothing where the draft is what stands; told where somebody has changed the job since.
 */
export function takenUp(draft: Draft | null, facts: JobFacts, revision: number): JobFacts | 'outdated' | null {
  if (!draft || isSame(draft.facts, facts)) return null
  if (draft.revision === revision) return draft.facts
  return draft.onItsWay && isSame(draft.onItsWay, facts) ? draft.facts : 'outdated'
}

/** Whether two versions of a job say the same; the order of their fields may differ. */
const isSame = (a: JobFacts, b: JobFacts): boolean =>
  (Object.keys(a) as (keyof JobFacts)[]).every((key) => JSON.stringify(a[key]) === JSON.stringify(b[key]))

export interface Drafts {
  readonly read: (jobId: string) => Draft | null
  /** Null forgets it. */
  readonly write: (jobId: string, draft: Draft | null) => void
}

/** Drafts in the browser's own store. A draft that does not fit there is given up: its save may still come through. */
export function deviceDrafts(store: Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>): Drafts {
  const key = (jobId: string) => `crisp-hem:draft:${jobId}`
  return {
    read(jobId) {
      try {
        // What stands there was written below.
        return JSON.parse(store.getItem(key(jobId)) ?? 'null') as Draft | null
      } catch {
        return null
      }
    },
    write(jobId, draft) {
      try {
        if (draft) store.setItem(key(jobId), JSON.stringify(draft))
        else store.removeItem(key(jobId))
      } catch {
        store.removeItem(key(jobId))
      }
    },
  }
}
