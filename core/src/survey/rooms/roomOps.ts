import { nth, sure } from '../../base/units/sure'
import type { Room } from '../../base/nouns'
import { legsOfRing, traceOutline } from './outline'

/** A room under another id and name, without its log: photos and dates stay with the first. */
export const copyRoom = (room: Room, id: string, name: string): Room => ({
  ...room,
  id,
  name,
  photos: [],
  neededBy: null,
})

/** A room seen in a mirror: walls in the other direction, everything on them from the other end. Ids stay. */
export function mirrorRoom(room: Room): Room {
  const { corners } = traceOutline(room.walls)
  const n = room.walls.length
  const length = new Map(room.walls.map((wall) => [wall.id, wall.lengthMm]))
  const flip = <T extends { readonly wallId: string; readonly atMm: number; readonly widthMm: number }>(
    thing: T,
  ): T => ({
    ...thing,
    atMm: sure(length.get(thing.wallId)) - thing.atMm - thing.widthMm,
  })
  // Mirrored at the y axis and walked backwards, the ring is clockwise again; its legs are the old ones reversed.
  const legs =
    room.kind === 'room'
      ? legsOfRing(
          Array.from({ length: n }, (_, i) => ({ x: -nth(corners, (n - i) % n).x, y: nth(corners, (n - i) % n).y })),
        )
      : null
  const walls = [...room.walls].reverse().map((wall, i) => ({
    ...wall,
    // Lengths stay exact; the turn at a wall's right end was the one at its left.
    turnDeg: legs?.[i]?.turnDeg ?? wall.turnDeg,
    cornerRadiusMm: nth(room.walls, (n - 2 - i + n) % n).cornerRadiusMm,
    top: [...wall.top].reverse().map((point) => ({ atMm: wall.lengthMm - point.atMm, heightMm: point.heightMm })),
  }))
  return {
    ...room,
    walls,
    facingDeg: room.facingDeg,
    openings: room.openings.map(flip),
    fittings: room.fittings.map(flip),
    pieces: room.pieces.map(flip),
    foot: room.foot.map((stretch) => {
      const long = sure(length.get(stretch.wallId))
      return { ...stretch, fromMm: long - stretch.toMm, toMm: long - stretch.fromMm }
    }),
    handHems: room.handHems.map((hem) => {
      const long = sure(length.get(hem.wallId))
      return { ...hem, x1: long - hem.x1, x2: long - hem.x2 }
    }),
  }
}
