import type { Face, Room } from '@crisp-hem/core'

/** A room with one face changed; `walls` changes all of them. The room itself when there is no such face. */
export function withFace(room: Room, key: string, change: (face: Face) => Face): Room {
  const [kind, id] = key.split(':')
  const onOpening = (part: 'casing' | 'leaf') => ({
    ...room,
    openings: room.openings.map((each) =>
      each.id === id && each[part] ? { ...each, [part]: change(each[part]) } : each,
    ),
  })
  switch (kind) {
    case 'ceiling':
      return { ...room, ceiling: change(room.ceiling) }
    case 'floor':
      return { ...room, floor: change(room.floor) }
    case 'skirting':
      return room.skirting ? { ...room, skirting: { ...room.skirting, face: change(room.skirting.face) } } : room
    case 'walls':
      return { ...room, walls: room.walls.map((wall) => ({ ...wall, face: change(wall.face) })) }
    case 'wall':
      return {
        ...room,
        walls: room.walls.map((wall) => (wall.id === id ? { ...wall, face: change(wall.face) } : wall)),
      }
    case 'casing':
    case 'leaf':
      return onOpening(kind)
    default:
      return room
  }
}
