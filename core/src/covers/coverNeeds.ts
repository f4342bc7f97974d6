import type { Room, Shelf } from '../ground'
import type { CoverNeed } from './coverNeed'
import { floorNeeds } from './floorNeeds'
import { gunNeeds } from './gunNeeds'
import { pieceNeeds } from './pieceNeeds'

/** What has to be covered in a room before colour comes near it. Widths are chosen from the shelf, narrowest first. */
export function coverNeeds(room: Room, shelf: Shelf): CoverNeed[] {
  if (room.steps.length === 0) return []
  const gunCoats = Math.max(0, ...room.steps.map((step) => (step.tool === 'spray' ? step.coats : 0)))
  return [...floorNeeds(room, shelf, gunCoats > 0), ...pieceNeeds(room, shelf, gunCoats), ...gunNeeds(room, shelf)]
}
