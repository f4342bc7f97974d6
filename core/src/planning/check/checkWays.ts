import type { PlacedTask } from '../plan/placement'
import type { Resource, ScheduleProblem } from '../problem/problem'
import { miss, type Miss } from './miss'

interface Stop {
  readonly id: string
  readonly roomId: string
  readonly from: number
  readonly to: number
}

/** People who would have to be at the next address, and things that would have to stand in the next room, before they can be. */
export function checkWays(problem: ScheduleProblem, placed: ReadonlyMap<string, PlacedTask>): Miss[] {
  const left = problem.activities.flatMap(({ id, roomId, uses }) => {
    const task = placed.get(id)
    return task ? [{ id, roomId, from: task.from, to: task.to, crewId: task.crewId, uses }] : []
  })
  const all = [...problem.done, ...left].sort((a, b) => a.from - b.from || a.to - b.to)
  const isLeft = new Set<string>(left.map(({ id }) => id))
  const crews =
    problem.places.length === 0 ? [] : problem.crews.map(({ id }) => all.filter((activity) => activity.crewId === id))
  return [
    ...crews.flatMap((stops) =>
      hurries(stops, 1, (a, b) => drive(problem, a, b)).map(({ stop, ...late }) => miss('on-the-way', stop, late)),
    ),
    ...problem.resources.flatMap((resource) => {
      const activities = all.filter((activity) => activity.uses.includes(resource.id))
      const way = (a: string, b: string) => carried(problem, resource, a, b)
      return hurries(activities, resource.capacity, way).map(({ stop, ...late }) =>
        miss('not-brought-yet', stop, { ...late, other: resource.id }),
      )
    }),
  ].filter(({ activityId }) => isLeft.has(activityId))
}

/** A stop that is reached so many minutes late, from another. */
interface Hurry {
  readonly stop: string
  readonly minutes: number
  readonly at: number | null
  readonly other: string
}

/** Stops that none of so many reaches in time. Each goes to the one that stands there already, else to one that can be there. */
function hurries(stops: readonly Stop[], count: number, way: (from: string, to: string) => number): Hurry[] {
  const last: (Stop | null)[] = Array.from({ length: count }, () => null)
  return stops.flatMap((stop) => {
    const ready = last.map((each) => (each ? each.to + way(each.roomId, stop.roomId) : Number.NEGATIVE_INFINITY))
    const here = last.findIndex((each, i) => each?.roomId === stop.roomId && (ready[i] ?? 0) <= stop.from)
    const soonest = ready.indexOf(Math.min(...ready))
    const taken = here >= 0 ? here : soonest
    const late = (ready[taken] ?? 0) - stop.from
    const before = last[taken]
    last[taken] = stop
    // Two at once are told as such.
    return late > 0 && before && before.to <= stop.from
      ? [{ stop: stop.id, minutes: late, at: ready[taken] ?? null, other: before.id }]
      : []
  })
}

function drive({ places }: ScheduleProblem, from: string, to: string): number {
  const at = (roomId: string) =>
    Math.max(
      0,
      places.findIndex(({ roomIds }) => roomIds.includes(roomId)),
    )
  return places[at(from)]?.minutes[at(to)] ?? 0
}

const carried = (problem: ScheduleProblem, { carryMin }: Resource, from: string, to: string): number =>
  from === to ? 0 : carryMin + drive(problem, from, to)
