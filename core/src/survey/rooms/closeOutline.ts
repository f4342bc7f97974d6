import { isSquare, legsOfRing, signedAreaMm2, traceOutline, type Leg, type PlanPoint } from './outline'

/** One wall as typed: its length and the turn at its right-hand end. */
type TypedWall = Leg

/**
 * Completes an outline from the walls typed so far. A right-angled one gets the one or two walls that lead back with
 * right turns; any other, or one that they do not close, gets a single wall back to the start.
 *
 * @returns the whole outline, or null when it would have no area or run the wrong way round
 */
export function closeOutline(typed: readonly TypedWall[]): TypedWall[] | null {
  if (typed.length < 2) return null
  const { corners, end, turnedDeg } = traceOutline(typed)
  if (end.x === 0 && end.y === 0) return turnedDeg === 360 ? [...typed] : null
  const square = isSquare(typed) ? closeSquare(typed, turnedDeg, end) : null
  if (square) return square
  const ring = [...corners, end]
  if (ring.length < 3 || signedAreaMm2(ring) <= 0) return null
  return legsOfRing(ring)
}

function closeSquare(typed: readonly TypedWall[], turnedDeg: number, end: PlanPoint): TypedWall[] | null {
  // What is left to walk, seen along the present heading and across it to the right.
  const [ahead, aside] = homeward((((turnedDeg / 90) % 4) + 4) % 4, -end.x, -end.y)
  const turnsLeft = 4 - turnedDeg / 90
  if (turnsLeft === 1 && aside === 0 && ahead > 0) return [...typed, { lengthMm: ahead, turnDeg: 90 }]
  if (turnsLeft === 2 && ahead > 0 && aside > 0) {
    return [...typed, { lengthMm: ahead, turnDeg: 90 }, { lengthMm: aside, turnDeg: 90 }]
  }
  return null
}

function homeward(quarter: number, x: number, y: number): [number, number] {
  switch (quarter) {
    case 0:
      return [x, y]
    case 1:
      return [y, -x]
    case 2:
      return [-x, -y]
    default:
      return [-y, x]
  }
}
