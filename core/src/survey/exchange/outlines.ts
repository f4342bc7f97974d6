import { nth } from '../../base/units/sure'
import { firstCrossing, legsOfRing, signedAreaMm2, type Leg, type PlanPoint } from '../rooms/outline'

/** Units a drawing may be in, as mm. */
export const DRAWING_UNITS = { mm: 1, cm: 10, m: 1000, in: 25.4, ft: 304.8 } as const
export type DrawingUnit = keyof typeof DRAWING_UNITS

/** An outline found in a drawing. */
interface FoundOutline {
  readonly name: string
  readonly legs: readonly Leg[]
}

/** What a drawing holds: outlines, and what was not understood, each with its place. */
interface FoundOutlines {
  readonly outlines: readonly FoundOutline[]
  readonly skipped: readonly string[]
}

/** A drawing as read: rings and loose lines in its own units; `unit` null where the drawing does not say. */
export interface RawDrawing {
  readonly unit: DrawingUnit | null
  readonly rings: readonly { readonly name: string; readonly points: readonly PlanPoint[] }[]
  readonly lines: readonly { readonly a: PlanPoint; readonly b: PlanPoint }[]
  readonly skipped: readonly string[]
}

/** Corners nearer than this are one, mm. */
const SAME_CORNER_MM = 3
/** No room has more corners; curves cut into short lines have. */
const MOST_CORNERS = 400
/** Loops under this area are furniture or marks, not rooms, mm². */
const LEAST_ROOM_MM2 = 300_000

/**
 * Outlines of a drawing: its closed shapes, and loose lines chained end to end into closed loops.
 *
 * @param unit  what one unit of the drawing is; a drawing's own statement should be passed on here
 */
export function outlinesOf(drawing: RawDrawing, unit: DrawingUnit): FoundOutlines {
  const scale = DRAWING_UNITS[unit]
  const inMm = (point: PlanPoint): PlanPoint => ({ x: point.x * scale, y: point.y * scale })
  const skipped = [...drawing.skipped]
  const chained = chainLines(drawing.lines.map(({ a, b }) => ({ a: inMm(a), b: inMm(b) })))
  if (chained.loose > 0)
    skipped.push(`${chained.loose} loose ${chained.loose === 1 ? 'line' : 'lines'} in no closed loop`)
  const rings = [
    ...drawing.rings.map(({ name, points }) => ({ name, points: points.map(inMm) })),
    ...chained.rings.map((points, i) => ({ name: `loop ${i + 1}`, points })),
  ]
  const outlines = rings.flatMap(({ name, points }): FoundOutline[] => {
    const ring = tidyRing(points)
    if (ring.length < 3 || Math.abs(signedAreaMm2(ring)) < LEAST_ROOM_MM2) {
      skipped.push(`${name}: too small for a room`)
      return []
    }
    if (ring.length > MOST_CORNERS) {
      skipped.push(`${name}: ${ring.length} corners, at most ${MOST_CORNERS}`)
      return []
    }
    if (firstCrossing(ring) !== null) {
      skipped.push(`${name}: crosses itself`)
      return []
    }
    return [{ name, legs: legsOfRing(signedAreaMm2(ring) > 0 ? ring : [...ring].reverse()) }]
  })
  return { outlines, skipped }
}

/** A ring without a repeated end, doubled corners, and points in the middle of straight walls. */
function tidyRing(points: readonly PlanPoint[]): PlanPoint[] {
  const apart = points.filter((point, i) => {
    const before = nth(points, (i + points.length - 1) % points.length)
    return Math.hypot(point.x - before.x, point.y - before.y) > SAME_CORNER_MM
  })
  return apart.filter((point, i) => {
    const before = nth(apart, (i + apart.length - 1) % apart.length)
    const next = nth(apart, (i + 1) % apart.length)
    const twice = (point.x - before.x) * (next.y - before.y) - (point.y - before.y) * (next.x - before.x)
    const long = Math.hypot(next.x - before.x, next.y - before.y)
    return long === 0 || Math.abs(twice) / long > SAME_CORNER_MM
  })
}

interface Line {
  readonly a: PlanPoint
  readonly b: PlanPoint
}

/** Ends of lines by the square they lie in, so that a neighbour is found without looking at all of them. */
class Ends {
  private readonly squares = new Map<string, Set<Line>>()

  constructor(lines: readonly Line[]) {
    for (const line of lines) for (const end of [line.a, line.b]) this.squareOf(end.x, end.y).add(line)
  }

  /** A line that is left and has an end at a place; in the order of the drawing where several have. */
  next(at: PlanPoint, left: ReadonlySet<Line>): Line | undefined {
    for (const dx of BESIDE)
      for (const dy of BESIDE) {
        const square = this.squares.get(keyOf(at.x + dx, at.y + dy))
        for (const line of square ?? []) {
          if (!left.has(line)) square?.delete(line)
          else if (near(line.a, at) || near(line.b, at)) return line
        }
      }
    return undefined
  }

  private squareOf(x: number, y: number): Set<Line> {
    const key = keyOf(x, y)
    const square = this.squares.get(key) ?? new Set()
    this.squares.set(key, square)
    return square
  }
}

const BESIDE = [0, -SAME_CORNER_MM, SAME_CORNER_MM]
const keyOf = (x: number, y: number): string => `${Math.floor(x / SAME_CORNER_MM)} ${Math.floor(y / SAME_CORNER_MM)}`
const near = (p: PlanPoint, q: PlanPoint): boolean => Math.hypot(p.x - q.x, p.y - q.y) <= SAME_CORNER_MM

/** Walks from line to line at shared ends; a walk that comes back to its start is a ring. */
function chainLines(lines: readonly Line[]): { rings: PlanPoint[][]; loose: number } {
  const left = new Set(lines)
  const ends = new Ends(lines)
  const rings: PlanPoint[][] = []
  let loose = 0
  for (const first of lines) {
    if (!left.delete(first)) continue
    const ring = [first.a, first.b]
    for (;;) {
      const end = nth(ring, ring.length - 1)
      if (ring.length > 2 && near(end, nth(ring, 0))) break
      const next = ends.next(end, left)
      if (!next) break
      left.delete(next)
      ring.push(near(next.a, end) ? next.b : next.a)
    }
    if (ring.length > 3 && near(nth(ring, ring.length - 1), nth(ring, 0))) rings.push(ring.slice(0, -1))
    else loose += ring.length - 1
  }
  return { rings, loose }
}
