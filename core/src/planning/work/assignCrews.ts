import type { Parameters } from '../../base/parameters/parameters'
import { sure } from '../../base/units/sure'
import type { Crew, Room } from '../../base/nouns'
import { crewSpeed } from '../../nature/calendar/calendar'

/**
 * Gives every room a crew: the one the room names, else the crew that would be free soonest, longest rooms first
 * (longest processing time rule, Graham 1969).
 *
 * @param workMin  minutes of one practised painter per room id
 * @returns crew id per room id; empty when there is no crew
 */
export function assignCrews(
  rooms: readonly Room[],
  crews: readonly Crew[],
  workMin: ReadonlyMap<string, number>,
  parameters: Pick<Parameters, 'work'>,
): Map<string, string> {
  const able = crews.filter((crew) => crew.people.length > 0)
  const assigned = new Map<string, string>()
  const load = new Map(able.map((crew) => [crew.id, 0]))
  const give = (room: Room, crew: Crew) => {
    assigned.set(room.id, crew.id)
    load.set(crew.id, sure(load.get(crew.id)) + sure(workMin.get(room.id)) / crewSpeed(crew, parameters))
  }
  if (able.length === 0) return assigned
  const free: Room[] = []
  for (const room of rooms) {
    const named = able.find((crew) => crew.id === room.crewId)
    if (named) give(room, named)
    else free.push(room)
  }
  free.sort((a, b) => sure(workMin.get(b.id)) - sure(workMin.get(a.id)) || (a.id < b.id ? -1 : 1))
  for (const room of free) {
    const after = (crew: Crew) => sure(load.get(crew.id)) + sure(workMin.get(room.id)) / crewSpeed(crew, parameters)
    give(
      room,
      able.reduce((best, crew) => (after(crew) < after(best) ? crew : best)),
    )
  }
  return assigned
}
