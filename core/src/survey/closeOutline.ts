import { traceOutline } from './outline'
import type { Turn } from './types'

/** One wall as typed: its length and the turn at its right-hand end. */
export interface TypedWall {
  readonly lengthMm: number
  readonly turn: Turn
}

/**
 * Completes a right-angled outline from the walls typed so far: adds the one, two or three walls that lead back
 * to the start with a right turn at the last corner.
 *
 * @returns the whole outline, or null when no such walls exist (they would have no length or turn outward)
 */
export function closeOutline(typed: readonly TypedWall[]): TypedWall[] | null {
  if (typed.length < 2) return null
  const { end, quarterTurns } = traceOutline(typed)
  if (end.x === 0 && end.y === 0) return quarterTurns === 4 ? [...typed] : null
  const heading = ((quarterTurns % 4) + 4) % 4
  // What is left to walk, seen along the present heading and across it to the right.
  const [ahead, aside] = homeward(heading, -end.x, -end.y)
  const turnsLeft = 4 - quarterTurns
  if (turnsLeft === 1 && aside === 0 && ahead > 0) return [...typed, { lengthMm: ahead, turn: 'right' }]
  if (turnsLeft === 2 && ahead > 0 && aside > 0) {
    return [...typed, { lengthMm: ahead, turn: 'right' }, { lengthMm: aside, turn: 'right' }]
  }
  return null
}

function homeward(heading: number, x: number, y: number): [number, number] {
  switch (heading) {
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
