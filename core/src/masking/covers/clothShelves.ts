import type { Room, Shelf } from '../../base/nouns'
import { fieldSprays } from './mist'
import { floorPlan } from './floorPlan'

/** Shelves with other numbers of cloths, by those numbers: the same object for the same cloths, so that floors are laid once. */
const known = new WeakMap<Shelf, Map<string, Shelf>>()

function shelfWith(shelf: Shelf, used: ReadonlyMap<string, number>): Shelf {
  const key = [...used].map(([id, count]) => `${id} ${count}`).join()
  if (key === '') return shelf
  const of = known.get(shelf) ?? new Map<string, Shelf>()
  known.set(shelf, of)
  const found = of.get(key)
  if (found) return found
  const covers = shelf.covers.map((cover) => ({
    ...cover,
    owned: Math.max(0, cover.owned - (used.get(cover.id) ?? 0)),
  }))
  const made = { ...shelf, covers }
  of.set(key, made)
  return made
}

/**
 * The shelf each room’s floor is laid from, by room: one after another takes of the field cloths what those before it left. A room
 * for which not enough is left is laid from all of them: by then others are taken up again.
 */
export function clothShelves(rooms: readonly Room[], shelf: Shelf): ReadonlyMap<string, Shelf> {
  let used = new Map<string, number>()
  return new Map(
    rooms.map((room) => {
      if (room.steps.length === 0) return [room.id, shelf] as const
      const sprayed = fieldSprays(room).length > 0
      const own = shelfWith(shelf, used)
      const wanted = fieldCounts(room, own, sprayed, rooms)
      const isThere = [...wanted].every(
        ([id, count]) => count <= (own.covers.find((cover) => cover.id === id)?.owned ?? 0),
      )
      if (!isThere) used = new Map()
      const from = isThere ? own : shelf
      for (const [id, count] of isThere ? wanted : fieldCounts(room, shelf, sprayed, rooms))
        used.set(id, (used.get(id) ?? 0) + count)
      return [room.id, from] as const
    }),
  )
}

/** Cloths of a floor’s field, by size. */
function fieldCounts(room: Room, shelf: Shelf, sprayed: boolean, rooms: readonly Room[]): Map<string, number> {
  const counts = new Map<string, number>()
  for (const { coverId, as } of floorPlan(room, shelf, sprayed, rooms)?.field ?? [])
    if (as === 'field') counts.set(coverId, (counts.get(coverId) ?? 0) + 1)
  return counts
}
