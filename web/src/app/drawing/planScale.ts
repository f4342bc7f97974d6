import { traceOutline, type Leg, type PlanPoint } from '@crisp-hem/core'

/** How a plan lies on its drawing. */
interface PlanScale {
  readonly scale: number
  readonly height: number
  readonly corners: readonly PlanPoint[]
  readonly end: PlanPoint
  readonly toPx: (point: PlanPoint) => PlanPoint
  readonly toMm: (point: PlanPoint) => PlanPoint
}

/** Space round a plan for the walls' names, px. */
const MARGIN = 22

/** Fits an outline into a square of `size` px. */
export function planScale(walls: readonly Leg[], size: number): PlanScale {
  const { corners, end } = traceOutline(walls)
  const points = [...corners, end]
  const [minX, minY] = [Math.min(...points.map((p) => p.x)), Math.min(...points.map((p) => p.y))]
  const [maxX, maxY] = [Math.max(...points.map((p) => p.x)), Math.max(...points.map((p) => p.y))]
  const scale = (size - 2 * MARGIN) / Math.max(maxX - minX, maxY - minY, 1)
  return {
    scale,
    height: 2 * MARGIN + (maxY - minY) * scale,
    corners,
    end,
    toPx: (p) => ({ x: MARGIN + (p.x - minX) * scale, y: MARGIN + (p.y - minY) * scale }),
    toMm: (p) => ({ x: (p.x - MARGIN) / scale + minX, y: (p.y - MARGIN) / scale + minY }),
  }
}

/** Corners snap to this grid, mm, and to the line of a neighbouring corner within the reach. */
const PLAN_GRID_MM = 50
const SQUARE_REACH_MM = 120

/** Where a dragged corner comes to rest: square with a neighbour where it is near, else on the grid. */
export function snapCorner(corners: readonly PlanPoint[], index: number, to: PlanPoint): PlanPoint {
  const n = corners.length
  const near = [corners[(index + n - 1) % n]!, corners[(index + 1) % n]!]
  const snap = (value: number, lines: readonly number[]) => {
    const line = lines.find((each) => Math.abs(each - value) <= SQUARE_REACH_MM)
    return line ?? Math.round(value / PLAN_GRID_MM) * PLAN_GRID_MM
  }
  return {
    x: snap(
      to.x,
      near.map((p) => p.x),
    ),
    y: snap(
      to.y,
      near.map((p) => p.y),
    ),
  }
}
