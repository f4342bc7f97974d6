import { intAt, nth, sure } from '../../base/units/sure'
import { ABSENT, type ModelLag, type Model, type Schedule, type ModelTask, type Travel } from './model'
import { NEVER, shared, startsOf, type Starts } from './starts'

/** A neutral scheduling instance, as files have it; docs/engine.md tells the format. Whole minutes. */
export interface Instance {
  readonly name?: string | undefined
  readonly resources: readonly InstanceResource[]
  readonly tasks: readonly InstanceTask[]
  readonly lags: readonly InstanceLag[]
  /** Exactly one way of each is taken; tasks of the others are not done, and lags to and from them do not count. */
  readonly choices?: readonly InstanceChoice[] | undefined
  /** The way between two places, the same both ways; those that are not told take no time. */
  readonly ways?: readonly InstanceWay[] | undefined
}

interface InstanceChoice {
  readonly id: string
  /** Ids of tasks, way by way. */
  readonly ways: readonly (readonly string[])[]
}

interface InstanceWay {
  readonly between: readonly [string, string]
  readonly minutes: number
}

export interface InstanceResource {
  readonly id: string
  readonly capacity: number
  /** Tasks that use it lie wholly inside one of these, end not included; left out, it is always there. */
  readonly shifts?: readonly (readonly [number, number])[] | undefined
  /** It goes from place to place and takes the time of the ways; only of capacity 1. */
  readonly travels?: boolean | undefined
}

export interface InstanceTask {
  readonly id: string
  readonly duration: number
  readonly uses: Readonly<Record<string, number>>
  readonly release?: number | undefined
  readonly deadline?: number | undefined
  /** Where it is done. */
  readonly place?: string | undefined
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
  const travel = travelIn(instance)
  return {
    horizon,
    tasks: tasks.map((task): ModelTask => ({
      id: task.id,
      minutes: task.duration,
      finish: null,
      after: 0,
      starts: startsIn(task, byId, horizon),
    })),
    lags: lags.flatMap(({ from, to, min = 0, max }): ModelLag[] => {
      const [i, j] = [sure(place.get(from)), sure(place.get(to))]
      const { duration } = nth(tasks, i)
      return [
        { from: i, to: j, weight: duration + min, ramp: null },
        ...(max === undefined ? [] : [{ from: j, to: i, weight: -(duration + max), ramp: null }]),
      ]
    }),
    ...(instance.choices
      ? {
          choices: instance.choices.map(({ id, ways }) => ({
            id,
            ways: ways.map((way) => way.map((t) => sure(place.get(t)))),
          })),
        }
      : {}),
    shared: resources.map(({ id, capacity, travels }) => ({
      id,
      capacity,
      ...(travels && travel ? { travel } : {}),
      uses: tasks.flatMap(({ uses }, task) => {
        const units = uses[id] ?? 0
        return units > 0 ? [{ task, units }] : []
      }),
    })),
  }
}

/**
 * A time by which everything can be done if it can be done at all: what follows nobody’s clock is moved as far to the front as
 * it goes, so no gap is longer than the longest wait, or the longest time between shifts.
 */
function horizonOf({ resources, tasks, lags, ways = [] }: Instance): number {
  const ends = resources.flatMap(({ shifts }) => (shifts ? shifts.map(([, to]) => to) : []))
  const work = tasks.reduce((sum, { duration }) => sum + duration, 0)
  const waits = lags.reduce((sum, { min = 0, max = 0 }) => sum + Math.max(0, min) + Math.max(0, -max), 0)
  const release = Math.max(0, ...tasks.map((task) => task.release ?? 0))
  const longest = Math.max(0, ...ways.map((way) => way.minutes))
  const free = release + Math.max(0, ...ends) + work + waits + longest * tasks.length
  return Math.min(NEVER / 4, free)
}

/** Ways between all places; undefined where nobody goes anywhere. */
function travelIn({ tasks, ways = [] }: Instance): Travel | undefined {
  if (ways.length === 0) return undefined
  const names = [...new Set(ways.flatMap((way) => way.between))]
  // A task without a place is nowhere in particular: no way leads there.
  const count = names.length + 1
  const minutes = new Int32Array(count * count)
  for (const { between, minutes: long } of ways) {
    const [a, b] = [names.indexOf(between[0]), names.indexOf(between[1])]
    minutes[a * count + b] = minutes[b * count + a] = long
  }
  const at = (place: string | undefined) =>
    place === undefined || !names.includes(place) ? names.length : names.indexOf(place)
  return { places: Int32Array.from(tasks, ({ place }) => at(place)), minutes, count }
}

function startsIn(
  { duration, uses, release = 0, deadline }: InstanceTask,
  resources: ReadonlyMap<string, InstanceResource>,
  horizon: number,
): Starts {
  let starts = startsOf([[Math.max(0, release), deadline === undefined ? horizon : deadline - duration]])
  for (const [id, units] of Object.entries(uses)) {
    const resource = sure(resources.get(id))
    if (units <= 0) continue
    if (units > resource.capacity && duration > 0) return startsOf([])
    if (resource.shifts) starts = shared(starts, startsOf(resource.shifts.map(([from, to]) => [from, to - duration])))
  }
  return starts
}

/** A schedule as starts by id, of what is done. */
export const startsById = (instance: Instance, schedule: Schedule): Record<string, number> =>
  Object.fromEntries(
    instance.tasks.flatMap(({ id }, i) => (schedule[i] === ABSENT ? [] : [[id, intAt(schedule, i)] as const])),
  )
