import { face, type Room } from '../../base/nouns'
import { liesIn } from '../rooms/bandShape'
import type { Hem } from './deriveHems'

/** How far beside a line or a corner one looks for the band, mm. */
const BESIDE = 2

/** Whether a level line of a band reaches a corner of the room round which its band goes on: its tape is begun anew there. */
export function turnsCorner(room: Room, hem: Pick<Hem, 'orientation' | 'segments' | 'paint' | 'keep'>): boolean {
  const band = room.bands.find(({ id }) => hem.paint === face('band', id) || hem.keep === face('band', id))
  if (!band || hem.orientation !== 'level') return false
  const { walls } = room
  const goesOn = (wallAt: number, atRight: boolean, y: number): boolean => {
    const isClosed = room.kind === 'room'
    const wall = isClosed ? walls[(wallAt + walls.length) % walls.length] : walls[wallAt]
    if (!wall) return false
    const x = atRight ? wall.lengthMm - BESIDE : BESIDE
    return [y - BESIDE, y + BESIDE].some((height) => liesIn(band, wall.id, { x, y: height }))
  }
  return hem.segments.some((s) => {
    const at = walls.findIndex(({ id }) => id === s.wallId)
    const isAt = (x: number) => Math.abs(s.x1 - x) < BESIDE || Math.abs(s.x2 - x) < BESIDE
    const long = walls[at]?.lengthMm ?? 0
    return (isAt(0) && goesOn(at - 1, true, s.y1)) || (isAt(long) && goesOn(at + 1, false, s.y2))
  })
}
