import type { Edit, LogEvent } from '@crisp-hem/core'
import type { JobAnswer, JobSummary, Who } from '@crisp-hem/core/wire'

/** Something this device has to say: a tick, an edit, a picture. */
export type OutWhat =
  /** `again`: the office had it before a copy was put back there. */
  | { readonly kind: 'tick'; readonly event: LogEvent; readonly again?: boolean }
  | { readonly kind: 'edit'; readonly edit: Edit }
  | { readonly kind: 'photo'; readonly photoId: string; readonly file: Blob }

/** One thing to say, in the order in which it was said. */
export interface OutItem {
  readonly n: number
  readonly jobId: string
  readonly what: OutWhat
  /** Why the office would not have it; null while it waits. */
  readonly refused: string | null
  /** Who was signed in when it was said: it goes out under no other name. Null: nobody has to sign in. */
  readonly who: Sayer | null
}

/** Somebody who said something here, to be asked to sign in again. */
export type Sayer = Pick<Who, 'id' | 'name'>

/** What a device keeps for itself: it outlives a reload and a dead battery, and all tabs of a browser share it. */
export interface DeviceStore {
  /** @returns whether it outlives the page; a plain store throws where the device has no room left */
  readonly put: (jobId: string, what: readonly OutWhat[], who: Sayer | null) => Promise<'kept' | 'in-memory'>
  /** All that waits or was refused, in order. */
  readonly items: () => Promise<OutItem[]>
  readonly drop: (ns: readonly number[]) => Promise<void>
  readonly setAside: (n: number, reason: string | null) => Promise<void>
  readonly keepJob: (job: JobAnswer) => Promise<void>
  readonly job: (id: string) => Promise<JobAnswer | null>
  /** All jobs that were looked at here. */
  readonly seen: () => Promise<readonly JobAnswer[]>
  readonly keepJobs: (jobs: readonly JobSummary[]) => Promise<void>
  readonly jobs: () => Promise<readonly JobSummary[] | null>
  /** Tells of what another tab, or this one, has put down or sent. @returns how to stop listening */
  readonly onChange: (tell: () => void) => () => void
  /** Does something in one tab at a time; nothing where another is at it. */
  readonly alone: (act: () => Promise<void>) => Promise<void>
}
