import type { Ramp } from './ramp'
import { NEVER, type Starts } from './starts'

/** A task: how long it takes and when it may start. */
export interface Task {
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
export interface Lag {
  readonly from: number
  readonly to: number
  readonly weight: number
  readonly ramp: Ramp | null
}

/** A crew, or anything there are only so many of, and who holds how many of it. Tasks by index. */
export interface Shared {
  readonly id: string
  readonly capacity: number
  readonly uses: readonly { readonly task: number; readonly units: number }[]
}

/** What is scheduled: whole minutes, tasks by their place in the list. The goal is the least end of all, each with what is counted behind it. */
export interface Model {
  readonly tasks: readonly Task[]
  readonly lags: readonly Lag[]
  readonly shared: readonly Shared[]
  /** Nothing starts later than this. */
  readonly horizon: number
}

/** Starts of all tasks, by their place. */
export type Schedule = Int32Array

export const endOf = ({ minutes, finish }: Task, start: number): number =>
  finish === null ? start + minutes : (finish.values[Math.max(0, start - finish.start)] ?? finish.start)

/** No schedule of a model ends behind this. */
export function latestEnd({ tasks }: Model): number {
  let latest = 0
  for (const { starts, minutes, finish, after } of tasks) {
    if (after === null || starts.length === 0) continue
    const last = starts[starts.length - 1] ?? 0
    // Ends that lie behind the table are never reached.
    const end = finish ? finish.values.findLast((value) => value < NEVER) : last + minutes
    latest = Math.max(latest, (end ?? 0) + after)
  }
  return latest
}

/** When the last task ends, with what is counted behind its end. */
export const makespanOf = (model: Model, schedule: Schedule): number =>
  model.tasks.reduce(
    (last, task, i) => (task.after === null ? last : Math.max(last, endOf(task, schedule[i] ?? 0) + task.after)),
    0,
  )
