import { readFace, type Face, type Room } from '../../base/nouns'

const inList = <T extends { readonly id: string }>(
  list: readonly T[],
  id: string | null,
  change: (each: T) => T,
): T[] => list.map((each) => (each.id === id ? change(each) : each))

/** A room with one face changed; `walls` changes all of them. The room itself when there is no such face. */
export function withFace(room: Room, key: string, change: (face: Face) => Face): Room {
  if (key === 'walls') return { ...room, walls: room.walls.map((wall) => ({ ...wall, face: change(wall.face) })) }
  const { kind, id } = readFace(key) ?? { kind: null, id: null }
  const own = <T extends { readonly id: string; readonly face: Face }>(list: readonly T[]) =>
    inList(list, id, (each) => ({ ...each, face: change(each.face) }))
  const part = (name: 'casing' | 'leaf') =>
    inList(room.openings, id, (each) => (each[name] ? { ...each, [name]: change(each[name]) } : each))
  switch (kind) {
    case 'ceiling':
      return { ...room, ceiling: change(room.ceiling) }
    case 'floor':
      if (id === null) return { ...room, floor: change(room.floor) }
      return {
        ...room,
        foot: inList(room.foot, id, (stretch) =>
          stretch.floor ? { ...stretch, floor: change(stretch.floor) } : stretch,
        ),
      }
    case 'skirting':
      return room.skirting ? { ...room, skirting: { ...room.skirting, face: change(room.skirting.face) } } : room
    case 'wall':
      return { ...room, walls: own(room.walls) }
    case 'band':
      return { ...room, bands: own(room.bands) }
    case 'piece':
      return { ...room, pieces: own(room.pieces) }
    case 'casing':
    case 'leaf':
      return { ...room, openings: part(kind) }
    default:
      return room
  }
}
