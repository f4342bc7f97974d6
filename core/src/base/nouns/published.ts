import type { ActivityId } from './activityId'

/** One task of a plan that people were told of. Instants ISO UTC. */
export interface PublishedTask {
  readonly taskId: ActivityId
  readonly crewId: string
  /** How many of the crew; null for all of them. */
  readonly hands: number | null
  readonly from: string
  readonly to: string
  /** Working pieces, where it goes over a break; else one. */
  readonly pieces: readonly { readonly from: string; readonly to: string }[]
}

/** A shift nobody has to be told of is shorter, min; windows are told to the minute anyway. Common practice. */
export const TOLD_FROM_MIN = 5

export const CHANGE_KINDS = ['added', 'dropped', 'moved', 'other-crew'] as const
/** What is new against the plan before. Instants ISO UTC; null where there is none. */
export interface PlanChange {
  readonly kind: (typeof CHANGE_KINDS)[number]
  readonly taskId: ActivityId
  readonly before: string | null
  readonly after: string | null
}

/** A plan that office or lead published: what everybody works by until the next one. Never changed. */
export interface PublishedPlan {
  /** 1, 2, 3 … of a job. */
  readonly number: number
  readonly at: string
  readonly by: string
  readonly why: string
  readonly tasks: readonly PublishedTask[]
  readonly changes: readonly PlanChange[]
}
