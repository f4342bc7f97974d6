import type { Opening, Room } from '../../base/nouns'
import { reachesFloor } from '../../survey/rooms/areas'

/** Doors and gaps of a room that people walk through. */
export const doorsOf = (room: Room): readonly Opening[] =>
  room.openings.filter((opening) => opening.kind !== 'window' && reachesFloor(opening))

/** A room people walk through while the work lasts: it has more than one door. */
export const isBusy = (room: Room): boolean => doorsOf(room).length > 1

/**
 * Doors of a room that lead out of the work: there soles are wiped. What the survey says stands. Where it says nothing, the room with
 * most doors is taken for the hall: as many of its doors as there are other rooms lead to them, the rest out; another room leads out
 * by glazed doors, to a garden, besides the one to the hall. Rooms without a hall among them open on something that is not worked
 * in, and so does a single room. From memory.
 */
export function waysOut(room: Room, rooms: readonly Room[]): readonly Opening[] {
  const doors = doorsOf(room)
  const unsaid = doors.filter(({ leadsOut }) => leadsOut === null)
  const guessed = new Set(guessedOut(room, unsaid, rooms))
  return doors.filter((door) => door.leadsOut ?? guessed.has(door))
}

function guessedOut(room: Room, unsaid: readonly Opening[], rooms: readonly Room[]): readonly Opening[] {
  const worked = rooms.filter(
    (each) =>
      each.kind === 'room' && each.steps.length > 0 && each.placeId === room.placeId && doorsOf(each).length > 0,
  )
  const most = Math.max(0, ...worked.map((each) => doorsOf(each).length))
  if (worked.length < 2 || most < 2) return unsaid
  const hall = worked.find((each) => doorsOf(each).length === most)
  if (hall?.id !== room.id) return unsaid.slice(0).sort(plainFirst).slice(1).filter(isGlazed)
  const inside = worked.length - 1 - doorsOf(room).filter(({ leadsOut }) => leadsOut === false).length
  // A hall without a door to spare leads somewhere all the same.
  const out = Math.max(unsaid.length - Math.max(0, inside), doorsOf(room).some(({ leadsOut }) => leadsOut) ? 0 : 1)
  return unsaid
    .slice(0)
    .sort(plainFirst)
    .slice(-out || unsaid.length)
}

const isGlazed = ({ kind }: Opening): boolean => kind === 'glazed-doors'
const plainFirst = (a: Opening, b: Opening): number => Number(isGlazed(a)) - Number(isGlazed(b))
