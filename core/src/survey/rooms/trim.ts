import { sure } from '../../base/units/sure'
import { readFace, type FaceKey, type Room } from '../../base/nouns'
import { casingLengthMm, doorWidthsMm, skirtingMm } from './areas'
import { paneEdgeMm } from './glazing'

/**
 * Length of a face that a brush follows as a run, edges and all: a skirting, a casing, the bars of glazed doors, mm. Null
 * for faces that are painted by area.
 */
export function trimRunMm(room: Room, key: FaceKey): number | null {
  const { kind, id } = readFace(key) ?? { kind: null, id: null }
  const opening = room.openings.find((each) => each.id === id)
  switch (kind) {
    case 'skirting':
      return room.walls.reduce((sum, wall) => sum + skirtingRunMm(room, wall.id), 0)
    case 'casing':
      return casingLengthMm(sure(opening))
    case 'leaf':
      // A bar has a pane on either side.
      return opening?.glazing ? Math.round(paneEdgeMm(opening) / 2) : null
    default:
      return null
  }
}

/** How wide a trim is across its run, mm: a skirting's height, a casing's width; null for other faces. */
export function trimWidthMm(room: Room, key: FaceKey): number | null {
  const { kind, id } = readFace(key) ?? { kind: null, id: null }
  if (kind === 'skirting') return room.skirting?.heightMm ?? null
  return kind === 'casing' ? (room.openings.find((opening) => opening.id === id)?.casingMm ?? null) : null
}

/** Run of skirting on a wall, mm. */
export const skirtingRunMm = (room: Room, wallId: string): number => {
  const wall = sure(room.walls.find((each) => each.id === wallId))
  return skirtingMm(room, wallId) > 0 ? wall.lengthMm - doorWidthsMm(room, wallId) : 0
}
