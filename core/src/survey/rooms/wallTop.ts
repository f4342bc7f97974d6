import { nth } from '../../base/units/sure'
import type { Room, TopPoint, Wall } from '../../base/nouns'

/** The top of a wall from left end to right end; a level one has its two ends. */
export function topLine(room: Pick<Room, 'heightMm'>, wall: Pick<Wall, 'top' | 'lengthMm'>): readonly TopPoint[] {
  if (wall.top.length >= 2) return wall.top
  return [
    { atMm: 0, heightMm: room.heightMm },
    { atMm: wall.lengthMm, heightMm: room.heightMm },
  ]
}

/** Height of a wall at a place along it, mm. */
export function topAtMm(room: Pick<Room, 'heightMm'>, wall: Pick<Wall, 'top' | 'lengthMm'>, atMm: number): number {
  const line = topLine(room, wall)
  const next = Math.max(
    1,
    line.findIndex((point) => point.atMm >= atMm),
  )
  const [a, b] = [nth(line, next - 1), line[next] ?? nth(line, line.length - 1)]
  if (b.atMm === a.atMm) return b.heightMm
  const share = Math.min(1, Math.max(0, (atMm - a.atMm) / (b.atMm - a.atMm)))
  return a.heightMm + share * (b.heightMm - a.heightMm)
}

/** Highest point of a room's walls, mm. */
export const highestMm = (room: Pick<Room, 'heightMm' | 'walls'>): number =>
  Math.max(...room.walls.flatMap((wall) => topLine(room, wall).map((point) => point.heightMm)))

/** Area of a wall between two heights, under its top, mm². */
export function wallAreaMm2(room: Pick<Room, 'heightMm'>, wall: Wall, fromMm: number, toMm = Infinity): number {
  const line = topLine(room, wall)
  let sum = 0
  for (let i = 1; i < line.length; i++) {
    const [a, b] = [nth(line, i - 1), nth(line, i)]
    sum += clippedTrapezoid(a, b, toMm) - clippedTrapezoid(a, b, fromMm)
  }
  return sum
}

/** Area under a slope and under a level, mm². */
function clippedTrapezoid(a: TopPoint, b: TopPoint, level: number): number {
  const width = b.atMm - a.atMm
  const [low, high] = a.heightMm <= b.heightMm ? [a.heightMm, b.heightMm] : [b.heightMm, a.heightMm]
  if (level >= high) return (width * (low + high)) / 2
  if (level <= low) return width * level
  // Below the level everywhere but on the stretch where the slope stays under it.
  const under = ((level - low) / (high - low)) * width
  return under * ((low + level) / 2) + (width - under) * level
}
