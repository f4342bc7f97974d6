import { outlineAreaMm2 } from './outline'
import type { FaceKey } from './faces'
import type { Opening, Room } from './types'

/** Area of a face, mm²; openings and their casings are taken out of walls. A fitting's is its plate. */
export function faceAreaMm2(room: Room, key: FaceKey): number {
  const [kind, id] = key.split(':')
  switch (kind) {
    case 'ceiling':
    case 'floor':
      return outlineAreaMm2(room.walls)
    case 'wall': {
      const wall = room.walls.find((each) => each.id === id)!
      const low = skirtingMm(room, wall.id)
      const holes = room.openings
        .filter((each) => each.wallId === id)
        .reduce((sum, each) => sum + holeMm2(each, low), 0)
      return Math.max(0, wall.lengthMm * (room.heightMm - low) - holes)
    }
    case 'skirting':
      return room.walls.reduce(
        (sum, wall) => sum + skirtingMm(room, wall.id) * (wall.lengthMm - doorWidthsMm(room, wall.id)),
        0,
      )
    case 'casing': {
      const opening = room.openings.find((each) => each.id === id)!
      return casingLengthMm(opening) * opening.casingMm
    }
    case 'leaf': {
      const opening = room.openings.find((each) => each.id === id)!
      return opening.widthMm * opening.heightMm
    }
    default: {
      const fitting = room.fittings.find((each) => each.id === id)!
      return fitting.widthMm * fitting.heightMm
    }
  }
}

/** Height of the skirting on a wall, mm; 0 where there is none. */
export const skirtingMm = (room: Room, wallId: string): number =>
  room.skirting && !room.skirting.without.includes(wallId) ? room.skirting.heightMm : 0

/** Whether an opening reaches the floor, so that skirting and floor lines stop at it. */
export const reachesFloor = (opening: Opening): boolean => opening.sillMm === 0

const doorWidthsMm = (room: Room, wallId: string): number =>
  room.openings
    .filter((each) => each.wallId === wallId && reachesFloor(each))
    .reduce((sum, each) => sum + each.widthMm + 2 * each.casingMm, 0)

const casingLengthMm = (o: Opening): number =>
  reachesFloor(o) ? 2 * o.heightMm + o.widthMm + 2 * o.casingMm : 2 * (o.heightMm + o.widthMm) + 4 * o.casingMm

function holeMm2(o: Opening, skirtMm: number): number {
  const width = o.widthMm + 2 * o.casingMm
  const height = reachesFloor(o) ? o.heightMm + o.casingMm - skirtMm : o.heightMm + 2 * o.casingMm
  return width * Math.max(0, height)
}
