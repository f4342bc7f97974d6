import type { ActivityId } from './activityId'

/** What a plan is judged by, once it keeps every window: the first that differs decides. */
export const PLAN_GOALS = ['hand-backs', 'end', 'moves', 'soon'] as const
export type PlanGoal = (typeof PLAN_GOALS)[number]

/** Work that stays where somebody put it. Once its start has passed it says nothing any more. */
export interface Hold {
  readonly taskId: ActivityId
  /** Its start, ISO UTC. */
  readonly at: string
  /** Who does it instead of the room's crew; null for that one. */
  readonly crewId: string | null
  readonly why: string
}

/** A crew is not there from one instant to another, ISO UTC, whatever its shifts say. */
export interface Away {
  readonly crewId: string
  readonly from: string
  readonly to: string
  readonly why: string
}

/** What lead and office have settled about the plan of a job. */
export interface Planning {
  /** Every goal once, the weightiest first. */
  readonly goals: readonly PlanGoal[]
  readonly holds: readonly Hold[]
  readonly away: readonly Away[]
}

/** Nothing settled: goals in their usual order. */
export const USUAL_PLANNING: Planning = { goals: PLAN_GOALS, holds: [], away: [] }
