import type { ActivityId } from './activityId'

/** What a plan is judged by, once it keeps every window: the first that differs decides. */
export const PLAN_GOALS = ['hand-backs', 'end', 'moves', 'soon'] as const
export type PlanGoal = (typeof PLAN_GOALS)[number]

/** Whether plans are compared by what they cost: goals are in their usual order. */
export const isByPrice = (goals: readonly PlanGoal[]): boolean => PLAN_GOALS.every((goal, i) => goals[i] === goal)

/** Work that stays where somebody put it. Once its start has passed it says nothing any more. */
export interface Hold {
  readonly taskId: ActivityId
  /** Its start, ISO UTC. */
  readonly at: string
  /** Who does it instead of the room's crew; null for that one. */
  readonly crewId: string | null
  readonly why: string
}

/** A crew, or one of its people, is not there from one instant to another, ISO UTC, whatever its shifts say. */
export interface Away {
  readonly crewId: string
  /** Who of the crew, by name; null for all of them. */
  readonly person: string | null
  readonly from: string
  readonly to: string
  readonly why: string
}

/** How a room is done, where somebody settled it otherwise than the rule has it. */
export interface RoomPlan {
  readonly roomId: string
  /** How much of what is usual a round fills of its window, 0.3 … 1: smaller rounds are surer. */
  readonly roundShare: number
  /** Who takes over with the gun once all is masked; null for the room's own crew. */
  readonly gunCrewId: string | null
}

/** What lead and office have settled about the plan of a job. */
export interface Planning {
  /** Every goal once, the weightiest first. */
  readonly goals: readonly PlanGoal[]
  readonly holds: readonly Hold[]
  readonly away: readonly Away[]
  /** At most one for a room. */
  readonly rooms: readonly RoomPlan[]
}

/** Nothing settled: goals in their usual order. */
export const USUAL_PLANNING: Planning = { goals: PLAN_GOALS, holds: [], away: [], rooms: [] }
