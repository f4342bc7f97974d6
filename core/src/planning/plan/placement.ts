import type { ActivityId } from '../../base/nouns'

/** A stretch of time, minutes since the epoch, end not included. */
export interface WorkPiece {
  readonly from: number
  readonly to: number
}

/** Where an activity lies. */
export interface PlacedTask {
  readonly taskId: ActivityId
  readonly crewId: string
  /** How many of the crew are at it; all of them where it is left out. */
  readonly hands?: number
  readonly from: number
  readonly to: number
  /** Working pieces; more than one where divisible work goes over a break. */
  readonly pieces: readonly WorkPiece[]
  /** Ticked on site rather than planned. */
  readonly done: boolean
}

/** An answer to a schedule problem. */
export interface Placement {
  readonly placed: readonly PlacedTask[]
  /** What found no place, in the order in which it was given up. */
  readonly unplaced: readonly ActivityId[]
}

/** A plan's tasks, with what of some activities has no place among them. */
export function placementOf(
  activities: readonly { readonly id: ActivityId }[],
  placed: readonly PlacedTask[],
): Placement {
  const there = new Set<string>(placed.map(({ taskId }) => taskId))
  return { placed, unplaced: activities.flatMap(({ id }) => (there.has(id) ? [] : [id])) }
}
