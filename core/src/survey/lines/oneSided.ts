/** A point of an old edge: along the run, and how far it wanders beyond the true line, mm. */
export interface WanderPoint {
  readonly atMm: number
  readonly offMm: number
}

/** A straight line over a run: offset at its start and slope, mm per mm. */
export interface StraightLine {
  readonly startMm: number
  readonly slope: number
}

/**
 * The straight line that hides an old edge and gives up least: over every point, with the least area between. The area below a line is
 * the run times its height in the middle of the run, so it lies on the edge of the upper hull above that middle, however unevenly the
 * points were read.
 *
 * @param points  at least one; the whole run, since the first bad spot is seldom the worst
 */
export function lineOver(points: readonly WanderPoint[]): StraightLine {
  const hull = upperHull(points)
  const middle = ((hull[0]?.atMm ?? 0) + (hull.at(-1)?.atMm ?? 0)) / 2
  const right = hull.findIndex(({ atMm }) => atMm >= middle)
  const b = hull[Math.max(right, 0)] ?? hull[hull.length - 1]
  const a = hull[Math.max(right, 1) - 1]
  if (!a || !b) return { startMm: 0, slope: 0 }
  // Where a corner of the hull lies in the very middle every line that turns about it gives up as much: the most level one is taken.
  const c = b.atMm === middle ? hull[Math.max(right, 1) + 1] : undefined
  const left = slopeOf(a, b)
  const slope = c ? Math.min(left, Math.max(slopeOf(b, c), 0)) : left
  return { startMm: b.offMm - slope * b.atMm, slope }
}

const slopeOf = (a: WanderPoint, b: WanderPoint): number =>
  a.atMm === b.atMm ? 0 : (b.offMm - a.offMm) / (b.atMm - a.atMm)

/** The level line over every point: what a run takes whose line has to stay parallel to a true edge. */
export const levelOver = (points: readonly WanderPoint[]): StraightLine => ({
  startMm: Math.max(0, ...points.map(({ offMm }) => offMm)),
  slope: 0,
})

export const offsetAt = ({ startMm, slope }: StraightLine, atMm: number): number => startMm + slope * atMm

/** Upper hull from left to right, by Andrew's monotone chain (1979). */
export function upperHull(points: readonly WanderPoint[]): WanderPoint[] {
  const sorted = [...points].sort((a, b) => a.atMm - b.atMm || b.offMm - a.offMm)
  const hull: WanderPoint[] = []
  for (const point of sorted) {
    if (hull[hull.length - 1]?.atMm === point.atMm) continue
    for (;;) {
      const [a, b] = hull.slice(-2)
      if (!a || !b) break
      const turn = (b.atMm - a.atMm) * (point.offMm - a.offMm) - (b.offMm - a.offMm) * (point.atMm - a.atMm)
      if (turn < 0) break
      hull.pop()
    }
    hull.push(point)
  }
  return hull
}
