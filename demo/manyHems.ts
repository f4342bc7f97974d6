import { deriveHems, newRoom, type Fitting, type Job, type Room } from '@crisp-hem/core'
import { ternQuaySurvey } from './ternQuay'

/** A made-up job with at least so many hems, for measuring speed: copies of plain and textured rooms. */
export function manyHems(atLeast: number, hemsPerRoom: number): Job {
  const base = ternQuaySurvey()
  const [plain, textured] = [base.rooms[2]!, base.rooms[0]!]
  const rooms: Room[] = Array.from({ length: Math.ceil(atLeast / hemsPerRoom) }, (_, i) => {
    const like = i % 2 === 0 ? plain : textured
    const room = {
      ...newRoom(`r${i}`, `Room ${i + 1}`, like.walls),
      ...like,
      id: `r${i}`,
      name: `Room ${i + 1}`,
      crewId: null,
      neededBy: null,
      heldAir: null,
    }
    const missing = hemsPerRoom - deriveHems(room, base.shelf).hems.length
    return missing > 0 ? withPlates(room, missing) : room
  })
  return { ...base, id: 'many-hems', name: 'Many hems', rooms }
}

/** A room with so many more sockets, one hem each, in rows along its walls. */
function withPlates(room: Room, count: number): Room {
  const plates = Array.from({ length: count }, (_, i): Fitting => {
    const wall = room.walls[i % room.walls.length]!
    const row = Math.floor(i / room.walls.length)
    return {
      id: `x${i}`,
      name: `socket x${i}`,
      kind: 'socket',
      wallId: wall.id,
      atMm: 60 + ((row * 140) % Math.max(1, wall.lengthMm - 200)),
      bottomMm: 250 + 130 * Math.floor((row * 140) / Math.max(1, wall.lengthMm - 200)),
      widthMm: 86,
      heightMm: 86,
      on: 'wall',
      scope: 'mask',
    }
  })
  return { ...room, fittings: [...room.fittings, ...plates] }
}
