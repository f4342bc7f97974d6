import { CoreError } from '../errors'
import type { Turn, Wall } from './types'

/** A point of the plan, mm: x to the right, y down, the first wall along +x from the origin. */
export interface PlanPoint {
  readonly x: number
  readonly y: number
}

type Leg = Pick<Wall, 'lengthMm' | 'turn'>

export interface TracedOutline {
  /** corners[i] is the left end of wall i; walls run clockwise with the room on their right. */
  readonly corners: readonly PlanPoint[]
  /** Where the last wall ends, to be compared with corners[0]. */
  readonly end: PlanPoint
  /** Quarter turns to the right, less those to the left; 4 on a closed room. */
  readonly quarterTurns: number
}

const HEADINGS: readonly PlanPoint[] = [
  { x: 1, y: 0 },
  { x: 0, y: 1 },
  { x: -1, y: 0 },
  { x: 0, y: -1 },
]
const TURN_STEP: Record<Turn, number> = { right: 1, left: -1 }

/** Walks the walls in order and notes every corner. */
export function traceOutline(walls: readonly Leg[]): TracedOutline {
  const corners: PlanPoint[] = []
  let at: PlanPoint = { x: 0, y: 0 }
  let heading = 0
  let quarterTurns = 0
  for (const wall of walls) {
    corners.push(at)
    const step = HEADINGS[heading]!
    at = { x: at.x + step.x * wall.lengthMm, y: at.y + step.y * wall.lengthMm }
    quarterTurns += TURN_STEP[wall.turn]
    heading = (heading + TURN_STEP[wall.turn] + 4) % 4
  }
  return { corners, end: at, quarterTurns }
}

/** How far the outline's end misses its beginning, mm along x and y together. 0 when closed. */
export function closingGapMm(walls: readonly Leg[]): number {
  const { end, quarterTurns } = traceOutline(walls)
  const gap = Math.abs(end.x) + Math.abs(end.y)
  return gap === 0 && quarterTurns !== 4 ? Number.POSITIVE_INFINITY : gap
}

/** @throws CoreError survey.open_outline, survey.crossed_outline */
export function checkOutline(walls: readonly (Leg & { readonly name: string })[]): void {
  const gapMm = walls.length < 4 ? Number.POSITIVE_INFINITY : closingGapMm(walls)
  if (gapMm !== 0) throw new CoreError('survey.open_outline', { gapMm: Number.isFinite(gapMm) ? gapMm : 'some' })
  const crossing = firstCrossing(traceOutline(walls).corners)
  if (crossing !== null) throw new CoreError('survey.crossed_outline', { wall: walls[crossing]!.name })
}

/** Area inside a closed outline, mm², by the shoelace sum. */
export function outlineAreaMm2(walls: readonly Leg[]): number {
  const { corners } = traceOutline(walls)
  let twice = 0
  corners.forEach((a, i) => {
    const b = corners[(i + 1) % corners.length]!
    twice += a.x * b.y - b.x * a.y
  })
  return Math.abs(twice) / 2
}

/**
 * Changes one wall's length and keeps the room closed by giving the difference to a wall of the opposite heading.
 * @returns null when no wall opposite can take it and stay longer than nothing
 */
export function resizeWall<W extends Leg>(walls: readonly W[], index: number, lengthMm: number): W[] | null {
  const headings = wallHeadings(walls)
  const change = lengthMm - walls[index]!.lengthMm
  const same = (i: number) => headings[i] === headings[index]
  const opposite = walls
    .map((wall, i) => ({ wall, i }))
    .filter(({ i }) => headings[i] === (headings[index]! + 2) % 4)
    .sort((a, b) => b.wall.lengthMm - a.wall.lengthMm)[0]
  if (opposite && opposite.wall.lengthMm + change > 0) {
    return walls.map((wall, i) =>
      i === index ? { ...wall, lengthMm } : i === opposite.i ? { ...wall, lengthMm: wall.lengthMm + change } : wall,
    )
  }
  const brother = walls.findIndex((wall, i) => i !== index && same(i) && wall.lengthMm - change > 0)
  if (brother < 0) return null
  return walls.map((wall, i) =>
    i === index ? { ...wall, lengthMm } : i === brother ? { ...wall, lengthMm: wall.lengthMm - change } : wall,
  )
}

function wallHeadings(walls: readonly Leg[]): number[] {
  const headings: number[] = []
  let heading = 0
  for (const wall of walls) {
    headings.push(heading)
    heading = (heading + TURN_STEP[wall.turn] + 4) % 4
  }
  return headings
}

/** Index of the first wall that meets another one it does not adjoin, or null. Walls are axis-aligned. */
function firstCrossing(corners: readonly PlanPoint[]): number | null {
  const n = corners.length
  for (let i = 0; i < n; i++) {
    for (let j = i + 2; j < n; j++) {
      if (i === 0 && j === n - 1) continue
      if (boxesMeet(corners[i]!, corners[(i + 1) % n]!, corners[j]!, corners[(j + 1) % n]!)) return j
    }
  }
  return null
}

// For axis-aligned segments, meeting is the same as overlapping bounding boxes.
function boxesMeet(a: PlanPoint, b: PlanPoint, c: PlanPoint, d: PlanPoint): boolean {
  return (
    Math.max(a.x, b.x) >= Math.min(c.x, d.x) &&
    Math.max(c.x, d.x) >= Math.min(a.x, b.x) &&
    Math.max(a.y, b.y) >= Math.min(c.y, d.y) &&
    Math.max(c.y, d.y) >= Math.min(a.y, b.y)
  )
}
