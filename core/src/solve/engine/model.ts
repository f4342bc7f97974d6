import { intAt } from '../../base/units/sure'
import type { Ramp } from './ramp'
import { NEVER, type Starts } from './starts'

/** A task: how long it takes and when it may start. */
export interface ModelTask {
  readonly id: string
  readonly minutes: number
  /** Its end by its start, where that hangs on the hour: work that goes on after a break. Null: start + minutes. */
  readonly finish: Ramp | null
  /** Starts it may have; none at all when empty. */
  readonly starts: Starts
  /** Minutes counted behind its end in the goal; null: its end does not count. */
  readonly after: number | null
}

/** `start(to) ≥ start(from) + weight`, or `≥ ramp(start(from))` where the wait hangs on the hour. */
export interface ModelLag {
  readonly from: number
  readonly to: number
  readonly weight: number
  readonly ramp: Ramp | null
}

/** A crew, or anything there are only so many of, and who holds how many of it. Tasks by index. */
export interface SharedResource {
  readonly id: string
  readonly capacity: number
  readonly uses: readonly { readonly task: number; readonly units: number }[]
  /** The way from one of its tasks to another; left out, there is none. Only where `capacity` is 1. */
  readonly travel?: Travel
}

/**
 * How long it takes from place to place: the same both ways, and no longer straight than by way of a third. Of two tasks the
 * later starts no sooner than so long after the earlier ends.
 */
export interface Travel {
  /** The place of each task of the model. */
  readonly places: Int32Array
  /** Minutes by place and place, row after row. */
  readonly minutes: Int32Array
  readonly count: number
}

/** Exactly one of its ways is taken: the tasks of the others are not done. No task is in two choices. */
export interface Choice {
  readonly id: string
  readonly ways: readonly (readonly number[])[]
}

/** What is scheduled: whole minutes, tasks by their place in the list. The goal is the least end of all, each with what is counted behind it. */
export interface Model {
  readonly tasks: readonly ModelTask[]
  readonly lags: readonly ModelLag[]
  readonly shared: readonly SharedResource[]
  /** Left out: everything is done. */
  readonly choices?: readonly Choice[]
  /** Nothing starts later than this. */
  readonly horizon: number
}

/** Starts of all tasks, by their place; `ABSENT` for one that is not done. */
export type Schedule = Int32Array
export const ABSENT = -1

/** Minutes on the way between two tasks of a crew. */
export const travelOf = (travel: Travel | undefined, one: number, other: number): number =>
  travel ? intAt(travel.minutes, intAt(travel.places, one) * travel.count + intAt(travel.places, other)) : 0

export const endOf = ({ minutes, finish }: ModelTask, start: number): number =>
  finish === null ? start + minutes : (finish.values[Math.max(0, start - finish.start)] ?? finish.start)

/** No schedule of a model ends behind this. */
export function latestEnd({ tasks }: Model): number {
  let latest = 0
  for (const { starts, minutes, finish, after } of tasks) {
    if (after === null || starts.length === 0) continue
    const last = starts.at(-1) ?? 0
    // Ends that lie behind the table are never reached.
    const end = finish ? finish.values.findLast((value) => value < NEVER) : last + minutes
    latest = Math.max(latest, (end ?? 0) + after)
  }
  return latest
}

/** When the last task ends, with what is counted behind its end. */
export const makespanOf = (model: Model, schedule: Schedule): number =>
  model.tasks.reduce(
    (last, task, i) =>
      task.after === null || schedule[i] === ABSENT
        ? last
        : Math.max(last, endOf(task, intAt(schedule, i)) + task.after),
    0,
  )
