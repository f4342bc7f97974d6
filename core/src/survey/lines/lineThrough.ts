import { offsetAt, type StraightLine, type WanderPoint } from './oneSided'

/** A line that passes points which were chosen. */
export interface ThroughLine {
  /** Null where none that covers the whole edge passes there. */
  readonly line: StraightLine | null
  /** How far off the line would have to be at the first point chosen, mm, so that one covers the edge; null where one does. */
  readonly needsMm: number | null
  /** Where the old edge stands out from under a line through two points, farthest, and by how much; null where it does not. */
  readonly bare: WanderPoint | null
}

/**
 * The straight line through one or two points that were chosen, such as where it has to meet the line on the next wall. Through one it
 * turns about it to where it covers the whole edge and gives up least: its height in the middle of the run decides the area, so that is the
 * flattest way up to the middle. Through two it lies where it lies, and what of the old edge stands out is told.
 *
 * @param points   of the edge, at least one
 * @param through  none: no line
 */
export function lineThrough(points: readonly WanderPoint[], through: readonly WanderPoint[]): ThroughLine {
  const [a, b] = through
  if (!a) return { line: null, needsMm: null, bare: null }
  if (b && b.atMm !== a.atMm) {
    const slope = (b.offMm - a.offMm) / (b.atMm - a.atMm)
    const line = { startMm: a.offMm - slope * a.atMm, slope }
    const worst = points
      .map(({ atMm, offMm }) => ({ atMm, offMm: offMm - offsetAt(line, atMm) }))
      .reduce((most, each) => (each.offMm > most.offMm ? each : most), { atMm: a.atMm, offMm: 0 })
    return { line, needsMm: null, bare: worst.offMm > STANDS_OUT_MM ? worst : null }
  }
  const [least, most] = slopesOver(points, a)
  if (least > most) return { line: null, needsMm: leastAt(points, a.atMm), bare: null }
  const ats = points.map(({ atMm }) => atMm)
  const middle = (Math.min(...ats) + Math.max(...ats)) / 2
  const slope = middle > a.atMm ? finite(least, most) : finite(most, least)
  return { line: { startMm: a.offMm - slope * a.atMm, slope }, needsMm: null, bare: null }
}

/** What is nearer than a pencil's width is covered, mm. From memory. */
const STANDS_OUT_MM = 0.5

/** The first of two slopes that is bound by a point, else level. */
const finite = (one: number, other: number): number => (Number.isFinite(one) ? one : Number.isFinite(other) ? other : 0)

/** Slopes from a point between which a line through it covers all others: the least, by those to its right, and the most. */
function slopesOver(points: readonly WanderPoint[], { atMm, offMm }: WanderPoint): [number, number] {
  const to = (side: (at: number) => boolean) =>
    points.filter((point) => side(point.atMm)).map((point) => (point.offMm - offMm) / (point.atMm - atMm))
  // A point of the edge over the very place: no slope helps.
  if (points.some((point) => point.atMm === atMm && point.offMm > offMm))
    return [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY]
  return [
    Math.max(...to((at) => at > atMm), Number.NEGATIVE_INFINITY),
    Math.min(...to((at) => at < atMm), Number.POSITIVE_INFINITY),
  ]
}

/** How high a line has to pass at a place to cover all points: the height of their upper hull there. */
function leastAt(points: readonly WanderPoint[], atMm: number): number {
  const own = points.filter((point) => point.atMm === atMm).map(({ offMm }) => offMm)
  const across = points.flatMap((left) =>
    points.flatMap((right) =>
      left.atMm < atMm && right.atMm > atMm
        ? left.offMm + ((right.offMm - left.offMm) * (atMm - left.atMm)) / (right.atMm - left.atMm)
        : [],
    ),
  )
  return Math.max(...own, ...across)
}
