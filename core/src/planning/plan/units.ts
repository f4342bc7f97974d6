import { carryWays, crewWays } from '../problem/places'
import type { DoneActivity, Resource, ScheduleProblem } from '../problem/problem'
import { freeTime, type FreeTime } from './freeTime'
import { Route, type Stop } from './route'

/** One of what there is only so many of. */
export interface Unit {
  readonly free: FreeTime
  /** Where it stands; null where carrying it takes no time. */
  readonly route: Route | null
}

/** All there are of a resource, free but for where they stand now. */
export function unitsOf(problem: ScheduleProblem, resource: Resource): Unit[] {
  const { from, horizon } = problem
  const way = carryWays(problem, resource)
  const units = Array.from({ length: resource.capacity }, () => ({
    free: freeTime([{ from, to: horizon }]),
    route: way && new Route(way),
  }))
  // Where they stand now: the latest places at which they were used.
  const last = new Map<string, DoneActivity>()
  for (const activity of [...problem.done].sort((a, b) => a.to - b.to))
    if (activity.uses.includes(resource.id)) {
      // Behind those that were used before it.
      last.delete(activity.roomId)
      last.set(activity.roomId, activity)
    }
  ;[...last.values()].reverse().forEach((activity, i) => units[i]?.route?.add(activity))
  return units
}

/** Where crews have been; none where all rooms are at one address. */
export function routesOf(problem: ScheduleProblem): Map<string, Route> {
  const way = crewWays(problem)
  const routes = new Map<string, Route>()
  if (!way) return routes
  for (const { id } of problem.crews) routes.set(id, new Route(way))
  for (const activity of problem.done) routes.get(activity.crewId)?.add(activity)
  return routes
}

/** From when, at the soonest, so many of some units are free, and there, for so long. */
export const firstFree = (units: readonly Unit[], stop: Stop, count = 1): number =>
  units.map((unit) => freeFrom(unit, stop)).sort((a, b) => a - b)[count - 1] ?? Number.POSITIVE_INFINITY

/** From when one is free, and there, for so long. */
export function freeFrom({ free, route }: Unit, { from, to, roomId }: Stop): number {
  for (let at = from; ;) {
    const slot = free.firstSlot(at, to - from)
    if (!slot) return Number.POSITIVE_INFINITY
    const next = route?.reached({ ...slot, roomId }) ?? slot.from
    if (next <= slot.from) return slot.from
    at = next
  }
}
