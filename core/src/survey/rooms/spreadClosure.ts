import { nth } from '../../base/units/sure'
import { isSquare, legsOfRing, traceOutline, type Leg } from './outline'

/** An outline made to close, and by how much it had missed. */
interface SpreadOutline<W> {
  readonly walls: readonly W[]
  readonly missedMm: number
  /** Length walked for each mm missed; the larger, the better it was measured. */
  readonly ratio: number
}

/** A miss of more than one part in this many is measured again instead of spread. Common practice. */
export const SPREAD_RATIO = 100

/**
 * Spreads the closing error of an outline over its walls in proportion to their length: the compass rule of
 * traversing (Bowditch 1808). Square rooms stay square: what is missed along x goes to the walls along x, and y
 * likewise, in whole mm by largest remainder.
 *
 * @returns null when there is nothing sensible to spread: fewer than three walls, or turns that are not a whole round
 */
export function spreadClosure<W extends Leg>(walls: readonly W[]): SpreadOutline<W> | null {
  const { corners, end, turnedDeg } = traceOutline(walls)
  if (walls.length < 3 || Math.abs(turnedDeg - 360) > 5) return null
  const missedMm = Math.hypot(end.x, end.y)
  const walked = walls.reduce((sum, wall) => sum + wall.lengthMm, 0)
  const ratio = missedMm === 0 ? Number.POSITIVE_INFINITY : walked / missedMm
  if (isSquare(walls)) return { walls: spreadSquare(walls, end), missedMm, ratio }
  let done = 0
  const ring = corners.map((corner, i) => {
    const share = done / walked
    done += nth(walls, i).lengthMm
    return { x: corner.x - end.x * share, y: corner.y - end.y * share }
  })
  const legs = legsOfRing(ring)
  return { walls: walls.map((wall, i) => ({ ...wall, ...nth(legs, i) })), missedMm, ratio }
}

function spreadSquare<W extends Leg>(walls: readonly W[], end: { x: number; y: number }): W[] {
  let quarter = 0
  const ways = walls.map((wall) => {
    const own = quarter
    quarter = (quarter + wall.turnDeg / 90 + 4) % 4
    return own
  })
  const lengths = walls.map((wall) => wall.lengthMm)
  for (const axis of [0, 1]) {
    const miss = axis === 0 ? end.x : end.y
    const along = ways.flatMap((way, i) => (way % 2 === axis ? [i] : []))
    const shares = sharesOf(
      Math.abs(miss),
      along.map((i) => nth(walls, i).lengthMm),
    )
    // A wall that runs the way of the miss shrinks, one that runs against it grows.
    along.forEach(
      (i, k) => (lengths[i] = nth(lengths, i) + (nth(ways, i) < 2 ? -1 : 1) * Math.sign(miss) * nth(shares, k)),
    )
  }
  return walls.map((wall, i) => ({ ...wall, lengthMm: nth(lengths, i) }))
}

/** Splits whole mm by weight; what rounding leaves goes to the largest remainders. */
function sharesOf(total: number, weights: readonly number[]): number[] {
  const sum = weights.reduce((all, each) => all + each, 0)
  const exact = weights.map((weight) => (sum === 0 ? 0 : (total * weight) / sum))
  const shares = exact.map(Math.floor)
  const order = exact
    .map((value, i) => ({ i, rest: value - nth(shares, i) }))
    .sort((a, b) => b.rest - a.rest || a.i - b.i)
  for (let left = total - shares.reduce((all, each) => all + each, 0), k = 0; left > 0; left--, k++)
    shares[nth(order, k % order.length).i] = nth(shares, nth(order, k % order.length).i) + 1
  return shares
}
