import type { Room, Shelf } from '../../base/nouns'
import type { UnitSystem } from '../../base/units/length'
import type { CoverNeed } from './coverNeed'
import { floorNeeds } from './floorNeeds'
import { fittingNeeds } from './fittingNeeds'
import { fieldSprays } from './mist'
import { gunNeeds } from './gunNeeds'
import { pieceNeeds } from './pieceNeeds'

/**
 * What has to be covered in a room before colour comes near it. Widths are chosen from the shelf, narrowest first.
 *
 * @param units  what it is told in
 * @param rooms  all areas of the work; left out, the room by itself
 */
export function coverNeeds(room: Room, shelf: Shelf, units: UnitSystem, rooms: readonly Room[] = [room]): CoverNeed[] {
  if (room.steps.length === 0) return []
  // Beside sprayed trim the strip and its narrow paper catch the mist; only a field's mist falls on what stands about.
  const gunCoats = Math.max(0, ...fieldSprays(room).map((step) => step.coats))
  return [
    ...floorNeeds(room, shelf, gunCoats > 0, rooms),
    ...pieceNeeds(room, shelf, gunCoats),
    ...fittingNeeds(room, shelf),
    ...gunNeeds(room, shelf, units),
  ]
}
