/* eslint-disable @typescript-eslint/no-non-null-assertion -- indices come from maps made of the same lists */
import type { Lag, Model, Schedule, Task } from './model'
import { NEVER, shared, startsOf, type Starts } from './starts'

/** A neutral scheduling instance, as files have it; docs/engine.md tells the format. Whole minutes. */
export interface Instance {
  readonly name?: string | undefined
  readonly resources: readonly InstanceResource[]
  readonly tasks: readonly InstanceTask[]
  readonly lags: readonly InstanceLag[]
}

export interface InstanceResource {
  readonly id: string
  readonly capacity: number
  /** Tasks that use it lie wholly inside one of these, end not included; left out, it is always there. */
  readonly shifts?: readonly (readonly [number, number])[] | undefined
}

export interface InstanceTask {
  readonly id: string
  readonly duration: number
  readonly uses: Readonly<Record<string, number>>
  readonly release?: number | undefined
  readonly deadline?: number | undefined
}

/** `start(to) − end(from)` lies between the two; 0 and no limit when left out. */
export interface InstanceLag {
  readonly from: string
  readonly to: string
  readonly min?: number | undefined
  readonly max?: number | undefined
}

/** An instance as a model. A task that asks for more than there is has no start at all. */
export function modelOf(instance: Instance): Model {
  const { resources, tasks, lags } = instance
  const place = new Map(tasks.map(({ id }, i) => [id, i]))
  const horizon = horizonOf(instance)
  const byId = new Map(resources.map((resource) => [resource.id, resource]))
  return {
    horizon,
    tasks: tasks.map((task): Task => ({
      id: task.id,
      minutes: task.duration,
      finish: null,
      after: 0,
      starts: startsIn(task, byId, horizon),
    })),
    lags: lags.flatMap(({ from, to, min = 0, max }): Lag[] => {
      const [i, j] = [place.get(from)!, place.get(to)!]
      const { duration } = tasks[i]!
      return [
        { from: i, to: j, weight: duration + min, ramp: null },
        ...(max === undefined ? [] : [{ from: j, to: i, weight: -(duration + max), ramp: null }]),
      ]
    }),
    shared: resources.map(({ id, capacity }) => ({
      id,
      capacity,
      uses: tasks.flatMap(({ uses }, task) => ((uses[id] ?? 0) > 0 ? [{ task, units: uses[id]! }] : [])),
    })),
  }
}

/**
 * A time by which everything can be done if it can be done at all: what follows nobody’s clock is moved as far to the front as
 * it goes, so no gap is longer than the longest wait, or the longest time between shifts.
 */
function horizonOf({ resources, tasks, lags }: Instance): number {
  const ends = resources.flatMap(({ shifts }) => (shifts ? shifts.map(([, to]) => to) : []))
  const work = tasks.reduce((sum, { duration }) => sum + duration, 0)
  const waits = lags.reduce((sum, { min = 0, max = 0 }) => sum + Math.max(0, min) + Math.max(0, -max), 0)
  const release = Math.max(0, ...tasks.map((task) => task.release ?? 0))
  const free = release + Math.max(0, ...ends) + work + waits
  return Math.min(NEVER / 4, free)
}

function startsIn(
  { duration, uses, release = 0, deadline }: InstanceTask,
  resources: ReadonlyMap<string, InstanceResource>,
  horizon: number,
): Starts {
  let starts = startsOf([[Math.max(0, release), deadline === undefined ? horizon : deadline - duration]])
  for (const [id, units] of Object.entries(uses)) {
    const resource = resources.get(id)!
    if (units <= 0) continue
    if (units > resource.capacity && duration > 0) return startsOf([])
    if (resource.shifts) starts = shared(starts, startsOf(resource.shifts.map(([from, to]) => [from, to - duration])))
  }
  return starts
}

/** A schedule as starts by id. */
export const startsById = (instance: Instance, schedule: Schedule): Record<string, number> =>
  Object.fromEntries(instance.tasks.map(({ id }, i) => [id, schedule[i]!]))
