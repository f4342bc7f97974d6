import { nth, sure } from '../../base/units/sure'
import { CoreError, type Wall } from '../../base/nouns'

/** A point of the plan, mm: x to the right, y down, the first wall along +x from the origin. */
export interface PlanPoint {
  readonly x: number
  readonly y: number
}

/** What an outline needs of a wall. */
export type Leg = Pick<Wall, 'lengthMm' | 'turnDeg'>

interface TracedOutline {
  /** corners[i] is the left end of wall i; walls run clockwise with the room on their right. */
  readonly corners: readonly PlanPoint[]
  /** Where the last wall ends, to be compared with corners[0]. */
  readonly end: PlanPoint
  /** All turns together, degrees to the right; 360 on a closed room. */
  readonly turnedDeg: number
}

/** Lengths are whole mm and turns hundredths of a degree, so an outline with odd angles closes only to this. */
const CLOSED_WITHIN_MM = 5
const CLOSED_WITHIN_DEG = 0.5

const SQUARE: Readonly<Record<number, PlanPoint>> = {
  0: { x: 1, y: 0 },
  90: { x: 0, y: 1 },
  180: { x: -1, y: 0 },
  270: { x: 0, y: -1 },
}

const wrap360 = (deg: number): number => ((deg % 360) + 360) % 360
/** A turn in (−180, 180]. */
const wrap180 = (deg: number): number => {
  const turn = wrap360(deg)
  return turn > 180 ? turn - 360 : turn
}
/** Square headings are exact; others go by sine and cosine. */
function heading(deg: number): PlanPoint {
  const wrapped = wrap360(deg)
  const rad = (wrapped * Math.PI) / 180
  return SQUARE[wrapped] ?? { x: Math.cos(rad), y: Math.sin(rad) }
}

/** Whether every corner is square, so that all sums are exact. */
export const isSquare = (walls: readonly Leg[]): boolean => walls.every((wall) => Math.abs(wall.turnDeg) === 90)

/** Walks the walls in order and notes every corner. */
export function traceOutline(walls: readonly Leg[]): TracedOutline {
  const corners: PlanPoint[] = []
  let at: PlanPoint = { x: 0, y: 0 }
  let turnedDeg = 0
  for (const wall of walls) {
    corners.push(at)
    const step = heading(turnedDeg)
    at = { x: at.x + step.x * wall.lengthMm, y: at.y + step.y * wall.lengthMm }
    turnedDeg += wall.turnDeg
  }
  return { corners, end: at, turnedDeg }
}

/** How far the outline's end misses its beginning, mm; infinite when it ends there but faces another way. */
export function closingGapMm(walls: readonly Leg[]): number {
  const { end, turnedDeg } = traceOutline(walls)
  const gap = Math.hypot(end.x, end.y)
  const closes = gap <= (isSquare(walls) ? 0 : CLOSED_WITHIN_MM)
  if (!closes) return gap
  return Math.abs(turnedDeg - 360) <= CLOSED_WITHIN_DEG ? 0 : Number.POSITIVE_INFINITY
}

/** @throws CoreError survey.open_outline, survey.crossed_outline */
export function checkOutline(walls: readonly (Leg & { readonly name: string })[]): void {
  const gapMm = walls.length < 3 ? Number.POSITIVE_INFINITY : closingGapMm(walls)
  if (gapMm !== 0)
    throw new CoreError('survey.open_outline', { gapMm: Number.isFinite(gapMm) ? Math.ceil(gapMm) : 'some' })
  const crossing = firstCrossing(traceOutline(walls).corners)
  if (crossing !== null) throw new CoreError('survey.crossed_outline', { wall: sure(walls[crossing]).name })
}

/** Area inside a closed outline, mm², by the shoelace sum. */
export function outlineAreaMm2(walls: readonly Leg[]): number {
  return Math.abs(signedAreaMm2(traceOutline(walls).corners))
}

/** Shoelace sum of a ring, mm²; positive when it runs clockwise on the plan (y down). */
export function signedAreaMm2(ring: readonly PlanPoint[]): number {
  let twice = 0
  ring.forEach((a, i) => {
    const b = nth(ring, (i + 1) % ring.length)
    twice += a.x * b.y - b.x * a.y
  })
  return twice / 2
}

/** Legs of a closed ring of corners, clockwise: lengths to the mm, turns to the hundredth of a degree. */
export function legsOfRing(ring: readonly PlanPoint[]): Leg[] {
  const at = (i: number) => nth(ring, (i + ring.length) % ring.length)
  const direction = (i: number) => (Math.atan2(at(i + 1).y - at(i).y, at(i + 1).x - at(i).x) * 180) / Math.PI
  return ring.map((corner, i) => ({
    lengthMm: Math.round(Math.hypot(at(i + 1).x - corner.x, at(i + 1).y - corner.y)),
    turnDeg: Number(wrap180(direction(i + 1) - direction(i)).toFixed(2)),
  }))
}

/** The walls with one corner moved; both walls that meet there follow. Null where a wall would vanish or cross. */
export function moveCorner<W extends Leg>(walls: readonly W[], index: number, to: PlanPoint): W[] | null {
  const ring = traceOutline(walls).corners.map((corner, i) => (i === index ? to : corner))
  const legs = legsOfRing(ring)
  if (legs.some((leg) => leg.lengthMm < 1) || firstCrossing(ring) !== null || signedAreaMm2(ring) <= 0) return null
  return walls.map((wall, i) => ({ ...wall, ...nth(legs, i) }))
}

/**
 * Changes one wall's length and keeps the room closed: a wall of the opposite heading takes the difference, else the
 * wall's right-hand corner slides along it.
 * @returns null when neither is possible
 */
export function resizeWall<W extends Leg>(walls: readonly W[], index: number, lengthMm: number): W[] | null {
  const headings = wallHeadings(walls)
  const change = lengthMm - nth(walls, index).lengthMm
  const opposite = walls
    .map((wall, i) => ({ wall, i }))
    .filter(({ i }) => headings[i] === wrap360(nth(headings, index) + 180))
    .sort((a, b) => b.wall.lengthMm - a.wall.lengthMm)[0]
  if (opposite && opposite.wall.lengthMm + change > 0) {
    return walls.map((wall, i) =>
      i === index ? { ...wall, lengthMm } : i === opposite.i ? { ...wall, lengthMm: wall.lengthMm + change } : wall,
    )
  }
  const brother = walls.findIndex(
    (wall, i) => i !== index && headings[i] === headings[index] && wall.lengthMm - change > 0,
  )
  if (brother >= 0) {
    return walls.map((wall, i) =>
      i === index ? { ...wall, lengthMm } : i === brother ? { ...wall, lengthMm: wall.lengthMm - change } : wall,
    )
  }
  if (isSquare(walls)) return null
  const from = nth(traceOutline(walls).corners, index)
  const along = heading(nth(headings, index))
  return moveCorner(walls, (index + 1) % walls.length, {
    x: from.x + along.x * lengthMm,
    y: from.y + along.y * lengthMm,
  })
}

function wallHeadings(walls: readonly Leg[]): number[] {
  let turned = 0
  return walls.map((wall) => {
    const own = wrap360(Number(turned.toFixed(2)))
    turned += wall.turnDeg
    return own
  })
}

/** Index of the first wall that meets another one it does not adjoin, or null. */
export function firstCrossing(corners: readonly PlanPoint[]): number | null {
  const n = corners.length
  for (let i = 0; i < n; i++) {
    for (let j = i + 2; j < n; j++) {
      if (i === 0 && j === n - 1) continue
      if (segmentsMeet(nth(corners, i), nth(corners, (i + 1) % n), nth(corners, j), nth(corners, (j + 1) % n))) return j
    }
  }
  return null
}

/** Twice the area of a triangle; its sign tells on which side of a–b the point c lies. */
const side = (a: PlanPoint, b: PlanPoint, c: PlanPoint): number => (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x)

function segmentsMeet(a: PlanPoint, b: PlanPoint, c: PlanPoint, d: PlanPoint): boolean {
  const boxes =
    Math.max(a.x, b.x) >= Math.min(c.x, d.x) &&
    Math.max(c.x, d.x) >= Math.min(a.x, b.x) &&
    Math.max(a.y, b.y) >= Math.min(c.y, d.y) &&
    Math.max(c.y, d.y) >= Math.min(a.y, b.y)
  return boxes && side(a, b, c) * side(a, b, d) <= 0 && side(c, d, a) * side(c, d, b) <= 0
}
