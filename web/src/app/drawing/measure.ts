import { topLine, type Room } from '@crisp-hem/core'
import type { Unrolled } from './unroll'

/** A place on a wall, mm from its left end and above the floor. */
export interface SheetPoint {
  readonly wallId: string
  readonly xMm: number
  readonly yMm: number
}

/** Corners that a measurement snaps to: walls, openings, fittings and pieces. */
function snapPoints(room: Room): SheetPoint[] {
  const corners = ({
    wallId,
    x,
    y,
    w,
    h,
  }: {
    readonly wallId: string
    readonly x: number
    readonly y: number
    readonly w: number
    readonly h: number
  }): SheetPoint[] => [
    { wallId, xMm: x, yMm: y },
    { wallId, xMm: x + w, yMm: y },
    { wallId, xMm: x, yMm: y + h },
    { wallId, xMm: x + w, yMm: y + h },
  ]
  return [
    ...room.walls.flatMap((wall) => [
      { wallId: wall.id, xMm: 0, yMm: 0 },
      { wallId: wall.id, xMm: wall.lengthMm, yMm: 0 },
      ...topLine(room, wall).map((point) => ({ wallId: wall.id, xMm: point.atMm, yMm: point.heightMm })),
    ]),
    ...room.openings.flatMap((o) => corners({ wallId: o.wallId, x: o.atMm, y: o.sillMm, w: o.widthMm, h: o.heightMm })),
    ...[...room.fittings.filter(({ on }) => on === 'wall'), ...room.pieces].flatMap((f) =>
      corners({ wallId: f.wallId, x: f.atMm, y: f.bottomMm, w: f.widthMm, h: f.heightMm }),
    ),
  ]
}

/** The place under a point of the drawing, snapped to the nearest corner within `reach` px; null beside all walls. */
export function sheetPoint(
  room: Room,
  drawing: Unrolled,
  at: { readonly x: number; readonly y: number },
  reach: number,
): SheetPoint | null {
  const near = snapPoints(room)
    .map((point) => {
      const px = drawing.at(point.wallId, point.xMm, point.yMm)
      return { point, away: Math.hypot(px.x - at.x, px.y - at.y) }
    })
    .sort((a, b) => a.away - b.away)[0]
  if (near && near.away <= reach) return near.point
  const wall = drawing.walls.find(
    (each) =>
      at.x >= each.x && at.x <= each.x + each.width && at.y >= each.y - 12 && at.y <= each.y + drawing.tall + 10,
  )
  if (!wall) return null
  return {
    wallId: wall.id,
    xMm: Math.round((at.x - wall.x) / drawing.scale),
    yMm: Math.max(0, Math.round((wall.y + drawing.tall - at.y) / drawing.scale)),
  }
}

/** Straight distance of two places, mm; along the unrolled strip where they lie on two walls of one row. */
export function distanceMm(drawing: Unrolled, a: SheetPoint, b: SheetPoint): number {
  const [from, to] = [drawing.at(a.wallId, a.xMm, a.yMm), drawing.at(b.wallId, b.xMm, b.yMm)]
  return Math.round(Math.hypot(to.x - from.x, to.y - from.y) / drawing.scale)
}
