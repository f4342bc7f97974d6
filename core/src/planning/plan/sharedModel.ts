import { nth, sure } from '../../base/units/sure'
import type { SharedResource, Travel } from '../../solve/engine/model'
import { carryWays, crewWays, type WayMin } from '../problem/places'
import type { Resource, ScheduleProblem } from '../problem/problem'
import { groupedBy } from '../../base/units/groupedBy'
import { peopleAt } from '../problem/withCrews'
import { timesIn, type Block } from './blocks'

/** What of a task of the model tells who does it, where, and by what means. */
export interface Using {
  readonly block: Block
  readonly crewId: string
  readonly hands: number | undefined
  readonly minutes: number
  /** Its start in the plan at hand, minutes of the model. */
  readonly at: number
}

const roomOf = ({ block }: Using): string => block.activities[0].roomId

/** Crews, and what there is only so many of, each with its ways. */
export const sharedOf = (problem: ScheduleProblem, items: readonly Using[]): SharedResource[] => [
  ...sharedCrews(problem, items),
  ...problem.resources.flatMap((resource) => sharedUnits(problem, items, resource)),
]

/** Crews, no more of their people at once than there are, with their ways from address to address. */
function sharedCrews(problem: ScheduleProblem, items: readonly Using[]): SharedResource[] {
  const travel = travelBy(crewWays(problem), items)
  const byCrew = groupedBy([...items.keys()], (i) => items[i]?.crewId ?? '')
  return [...byCrew].map(([id, own]) => {
    const crew = problem.crews.find((each) => each.id === id)
    return {
      id,
      capacity: crew?.people ?? 1,
      uses: own.map((task) => ({ task, units: peopleAt(nth(items, task), crew) })),
      ...(travel ? { travel } : {}),
    }
  })
}

/**
 * What there is only so many of. Where carrying it takes time each piece is one by itself, with the tasks it has in the plan at
 * hand: a schedule that keeps those can be done.
 */
function sharedUnits(problem: ScheduleProblem, items: readonly Using[], resource: Resource): SharedResource[] {
  const { id, capacity } = resource
  const own = items.flatMap(({ block }, task) => (block.uses.includes(id) ? [task] : []))
  const way = carryWays(problem, resource)
  const travel = travelBy(way, items)
  if (!way || !travel) {
    const unitsOf = (task: number) => timesIn(nth(items, task).block.uses, id)
    return [{ id, capacity, uses: own.map((task) => ({ task, units: unitsOf(task) })) }]
  }
  const units = Array.from({ length: capacity }, (): number[] => [])
  for (const task of own.sort((a, b) => (items[a]?.at ?? 0) - (items[b]?.at ?? 0))) {
    const item = items[task]
    if (!item) continue
    const ready = (unit: readonly number[]): number => {
      const last = items[unit.at(-1) ?? -1]
      return last ? last.at + last.minutes + way(roomOf(last), roomOf(item)) : Number.NEGATIVE_INFINITY
    }
    const isThere = (unit: readonly number[]) => roomOf(items[unit.at(-1) ?? -1] ?? item) === roomOf(item)
    const free = units.filter((unit) => ready(unit) <= item.at)
    const best = free.find((unit) => unit.length > 0 && isThere(unit)) ?? free[0] ?? units[0]
    best?.push(task)
  }
  return units.map((unit, i) => ({
    id: `${id} ${i + 1}`,
    capacity: 1,
    uses: unit.map((task) => ({ task, units: 1 })),
    travel,
  }))
}

function travelBy(way: WayMin | null, items: readonly Using[]): Travel | null {
  if (!way) return null
  const rooms = [...new Set(items.map(roomOf))]
  const place = new Map(rooms.map((roomId, i) => [roomId, i]))
  return {
    count: rooms.length,
    places: Int32Array.from(items, (item) => sure(place.get(roomOf(item)))),
    minutes: Int32Array.from(rooms.flatMap((from) => rooms.map((to) => Math.ceil(way(from, to))))),
  }
}

/** From when a task can be reached from what its crew, and a thing of which there is one, did last; minutes since the epoch. */
export function waysFromDone(problem: ScheduleProblem, item: Using): number {
  const crew = crewWays(problem)
  const things = problem.resources.flatMap((resource) => {
    const way = resource.capacity === 1 && item.block.uses.includes(resource.id) ? carryWays(problem, resource) : null
    return way ? [{ way, id: resource.id }] : []
  })
  const ends = problem.done.flatMap((activity) => [
    ...(crew && activity.crewId === item.crewId ? [activity.to + crew(activity.roomId, roomOf(item))] : []),
    ...things.flatMap(({ way, id }) =>
      activity.uses.includes(id) ? [activity.to + way(activity.roomId, roomOf(item))] : [],
    ),
  ])
  return Math.ceil(Math.max(0, ...ends))
}
