import type { LineFit } from '../../base/nouns'
import { nth, sure } from '../../base/units/sure'
import { lineOver, offsetAt, upperHull, type StraightLine, type WanderPoint } from './oneSided'

/** What a straight line over a crooked edge is to do best. */
export const FITS = ['least-area', 'least-worst', 'level'] as const satisfies readonly LineFit[]
export type Fit = (typeof FITS)[number]

/** A straight line over an edge, with the points it touches: they are the proof that none does better. */
export interface FittedLine {
  readonly line: StraightLine
  /** Points on the line, from left to right. */
  readonly touches: readonly WanderPoint[]
}

/**
 * The straight line on or over every point of an edge that does best by a rule: least area between them, least worst gap, or level with
 * what the readings were taken from. Each is the best of all lines, not only of those through two points: see {@link proofOf}.
 *
 * @param points  of one edge, at least one, in any order
 */
export function fitOver(points: readonly WanderPoint[], fit: Fit): FittedLine {
  const line = fit === 'level' ? levelLine(points) : fit === 'least-area' ? lineOver(points) : leastWorst(points)
  const touches = [...points].filter((point) => isOn(line, point)).sort((a, b) => a.atMm - b.atMm)
  return { line, touches }
}

const isOn = (line: StraightLine, { atMm, offMm }: WanderPoint): boolean =>
  Math.abs(offsetAt(line, atMm) - offMm) < 1e-6

/** Level with the reference, at the highest point, however low that is. */
const levelLine = (points: readonly WanderPoint[]): StraightLine => ({
  startMm: Math.max(...points.map(({ offMm }) => offMm)),
  slope: 0,
})

/** The line over the strip of least height that holds all points: one side of it lies on a side of their hull (Chebyshev's approximation). */
function leastWorst(points: readonly WanderPoint[]): StraightLine {
  const upper = upperHull(points)
  const lower = upperHull(points.map(({ atMm, offMm }) => ({ atMm, offMm: -offMm }))).map(({ atMm, offMm }) => ({
    atMm,
    offMm: -offMm,
  }))
  const slopes = [upper, lower].flatMap((hull) =>
    hull.slice(1).map((b, i) => (b.offMm - nth(hull, i).offMm) / (b.atMm - nth(hull, i).atMm)),
  )
  const lines = (slopes.length > 0 ? slopes : [0]).map((slope): StraightLine => {
    const startMm = Math.max(...points.map(({ atMm, offMm }) => offMm - slope * atMm))
    return { startMm, slope }
  })
  return lines.reduce((best, line) => (worstGap(line, points) < worstGap(best, points) - 1e-12 ? line : best))
}

/** The farthest any point lies under a line, mm. */
export const worstGap = (line: StraightLine, points: readonly WanderPoint[]): number =>
  Math.max(...points.map(({ atMm, offMm }) => offsetAt(line, atMm) - offMm))

/**
 * Why no line does better: for the area, two touched points with the middle of the run between them, since every line over both is at least
 * as high there; for the worst gap, a point on either side of the lowest one that is touched, since every line over both is at least as far
 * above it. Null where the points given prove nothing.
 */
export function proofOf(
  points: readonly WanderPoint[],
  { touches, line }: FittedLine,
  fit: Fit,
): readonly WanderPoint[] | null {
  const ats = points.map(({ atMm }) => atMm)
  const [from, to] = [Math.min(...ats), Math.max(...ats)]
  if (fit === 'level') return touches.slice(0, 1)
  if (from === to) return touches.slice(0, 1)
  if (fit === 'least-area') return around((from + to) / 2, touches)
  // Lowest points under the line: one of them lies between two that are touched, or touched ones lie between two of them.
  const gap = worstGap(line, points)
  const lowest = points.filter(({ atMm, offMm }) => offsetAt(line, atMm) - offMm > gap - 1e-6)
  for (const low of lowest) {
    const pair = around(low.atMm, touches)
    if (pair) return [...pair, low]
  }
  for (const touch of touches) {
    const pair = around(touch.atMm, lowest)
    if (pair) return [...pair, touch]
  }
  return null
}

/** One point on or left of a place and one on or right of it. */
function around(atMm: number, points: readonly WanderPoint[]): readonly WanderPoint[] | null {
  const left = points.filter((point) => point.atMm <= atMm + 1e-9).at(-1)
  const right = points.find((point) => point.atMm >= atMm - 1e-9)
  return left && right ? [left, right] : null
}

/** Two straight parts that meet at a place. */
export interface SplitLine {
  readonly jointMm: number
  readonly left: StraightLine
  readonly right: StraightLine
}

/**
 * Two straight parts over an edge that meet at one of its points, so that the area between is least: what a hump wants. Exact: for a
 * joint at a place the area is convex in the height there, and piecewise straight.
 *
 * @param points  at least three
 * @returns null where a single straight line is as good
 */
export function splitOver(points: readonly WanderPoint[]): SplitLine | null {
  const sorted = [...points].sort((a, b) => a.atMm - b.atMm)
  const [first, last] = [sure(sorted[0]), sure(sorted.at(-1))]
  const whole = areaUnder(fitOver(sorted, 'least-area').line, first.atMm, last.atMm)
  const inner = sorted.filter(({ atMm }) => atMm > first.atMm && atMm < last.atMm)
  const splits = inner.map(({ atMm }) => bestAt(sorted, atMm, first.atMm, last.atMm))
  const best = splits.reduce<(typeof splits)[number] | null>((a, b) => (a === null || b.area < a.area ? b : a), null)
  return best && best.area < whole - 1 ? best.split : null
}

const areaUnder = (line: StraightLine, from: number, to: number): number =>
  ((offsetAt(line, from) + offsetAt(line, to)) / 2) * (to - from)

function bestAt(points: readonly WanderPoint[], jointMm: number, from: number, to: number) {
  const least = Math.max(...points.filter(({ atMm }) => atMm === jointMm).map(({ offMm }) => offMm))
  const partsAt = (heightMm: number): SplitLine => ({
    jointMm,
    left: through(
      points.filter(({ atMm }) => atMm < jointMm),
      jointMm,
      heightMm,
      -1,
    ),
    right: through(
      points.filter(({ atMm }) => atMm > jointMm),
      jointMm,
      heightMm,
      1,
    ),
  })
  const areaAt = (heightMm: number): number => {
    const { left, right } = partsAt(heightMm)
    return areaUnder(left, from, jointMm) + areaUnder(right, jointMm, to)
  }
  // Where the height of the joint makes another point decide: between two such heights the area is straight.
  const highest = Math.max(...points.map(({ offMm }) => offMm))
  let [low, high] = [least, Math.max(least, highest) + (highest - least) + 1]
  for (let i = 0; i < 120; i++) {
    const [a, b] = [low + (high - low) / 3, high - (high - low) / 3]
    if (areaAt(a) <= areaAt(b)) high = b
    else low = a
  }
  return { area: areaAt(low), split: partsAt(low) }
}

/** The lowest line over some points on one side of a joint that goes through it. */
function through(points: readonly WanderPoint[], atMm: number, heightMm: number, side: 1 | -1): StraightLine {
  const slopes = points.map((point) => (point.offMm - heightMm) / (point.atMm - atMm))
  // To the right the steepest point decides, to the left the one that falls least.
  const slope = slopes.length === 0 ? 0 : side === 1 ? Math.max(...slopes) : Math.min(...slopes)
  return { startMm: heightMm - slope * atMm, slope }
}
