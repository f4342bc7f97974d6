import { highestMm, skirtingMm, topAtMm, topLine, type EdgeSegment, type Room } from '@crisp-hem/core'
import type { StitchLine } from './HemStitch'

export interface UnrolledWall {
  readonly id: string
  readonly name: string
  readonly lengthMm: number
  /** Left end and the height of the room's highest point on the drawing, px. */
  readonly x: number
  readonly y: number
  readonly width: number
  readonly skirting: number
  /** The wall's top from left to right, px. */
  readonly top: readonly { readonly x: number; readonly y: number }[]
}

/** A room's walls laid side by side, corner after corner, in rows as wide as the sheet. All in px. */
export interface Unrolled {
  readonly scale: number
  readonly width: number
  /** Height of the whole drawing. */
  readonly height: number
  /** Height of the room on it. */
  readonly tall: number
  readonly walls: readonly UnrolledWall[]
  /** From wall-local mm (x right, y up from the floor) to px of the drawing. */
  readonly at: (wallId: string, xMm: number, yMm: number) => { readonly x: number; readonly y: number }
  /** The top of a wall above a point of it. */
  readonly topAt: (wallId: string, xMm: number) => { readonly x: number; readonly y: number }
  readonly line: (segment: EdgeSegment) => StitchLine
}

/** Space above a row for the ceiling and wall names, and below it for the floor. */
const ABOVE = 34
const BELOW = 22
/** A wall is drawn at least this tall; where all walls do not fit beside each other at that, rows are begun. */
const LEAST_TALL = 116
const MOST_TALL = 230
/** An elevation is one wall and gets the sheet to itself. */
const ELEVATION_TALL = 330

/**
 * Lays a room out on a sheet `width` px wide.
 *
 * @param leastTall  a wall is drawn at least this tall, px: paper is looked at from nearer than a screen
 */
export function unrollRoom(room: Room, width: number, leastTall = LEAST_TALL): Unrolled {
  const total = room.walls.reduce((sum, wall) => sum + wall.lengthMm, 0)
  const longest = Math.max(...room.walls.map((wall) => wall.lengthMm))
  const highest = highestMm(room)
  const most = (room.kind === 'elevation' ? ELEVATION_TALL : MOST_TALL) / highest
  const wanted = Math.min(Math.max(width / total, leastTall / highest), most)
  const scale = Math.min(wanted, width / longest)
  const tall = highest * scale
  let [x, y] = [0, ABOVE]
  const walls = room.walls.map((wall): UnrolledWall => {
    const wide = wall.lengthMm * scale
    if (x > 0 && x + wide > width + 0.5) {
      x = 0
      y += tall + ABOVE + BELOW
    }
    const [left, floor] = [x, y + tall]
    const placed = {
      id: wall.id,
      name: wall.name,
      lengthMm: wall.lengthMm,
      x,
      y,
      width: wide,
      skirting: skirtingMm(room, wall.id) * scale,
      top: topLine(room, wall).map((point) => ({ x: left + point.atMm * scale, y: floor - point.heightMm * scale })),
    }
    x += wide
    return placed
  })
  const byId = new Map(walls.map((wall) => [wall.id, wall]))
  const at = (wallId: string, xMm: number, yMm: number) => {
    const wall = byId.get(wallId)!
    return { x: wall.x + xMm * scale, y: wall.y + tall - yMm * scale }
  }
  const topAt = (wallId: string, xMm: number) => {
    const wall = room.walls.find(({ id }) => id === wallId)
    return at(wallId, xMm, wall ? topAtMm(room, wall, xMm) : highest)
  }
  const line = (s: EdgeSegment): StitchLine => {
    const [from, to] = [at(s.wallId, s.x1, s.y1), at(s.wallId, s.x2, s.y2)]
    return { x1: from.x, y1: from.y, x2: to.x, y2: to.y }
  }
  return { scale, width, height: y + tall + BELOW, tall, walls, at, topAt, line }
}
