import { CoreError } from '../../base/nouns'
import type { RawDrawing } from './outlines'

/** What a drawing from outside may hold at most: a house has some hundred lines, a town hall some ten thousand. */
const DRAWING_LIMITS = { signs: 24_000_000, points: 300_000, rings: 10_000, depth: 64 } as const

/** @throws CoreError drawing.too_large naming what there is too much of */
export function refuseBeyond(what: keyof typeof DRAWING_LIMITS, found: number): void {
  const most = DRAWING_LIMITS[what]
  if (found > most) throw new CoreError('drawing.too_large', { what, found, most })
}

/** A drawing within its limits. @throws CoreError drawing.too_large */
export function withinLimits(drawing: RawDrawing): RawDrawing {
  refuseBeyond('rings', drawing.rings.length)
  refuseBeyond('points', 2 * drawing.lines.length + drawing.rings.reduce((sum, ring) => sum + ring.points.length, 0))
  return drawing
}

/** How deep marks of a drawing lie in one another at most, by one pass over its text: readers of trees go down by calls. */
export function depthOfMarks(text: string): number {
  let [depth, deepest] = [0, 0]
  for (const [mark] of text.matchAll(/<\/?[a-zA-Z][^>]*>/g)) {
    if (mark.startsWith('</')) depth -= 1
    else if (!mark.endsWith('/>')) deepest = Math.max(deepest, ++depth)
  }
  return deepest
}
