import type { Hem } from '@crisp-hem/core'
import type { Unrolled } from './unroll'

interface Point {
  readonly x: number
  readonly y: number
}

/** Distance from a point to a stroke of the drawing. */
export function distanceTo(at: Point, line: { x1: number; y1: number; x2: number; y2: number }): number {
  const [dx, dy] = [line.x2 - line.x1, line.y2 - line.y1]
  const length = dx * dx + dy * dy
  const along = length === 0 ? 0 : ((at.x - line.x1) * dx + (at.y - line.y1) * dy) / length
  const t = Math.min(1, Math.max(0, along))
  return Math.hypot(at.x - line.x1 - t * dx, at.y - line.y1 - t * dy)
}

/** The hem whose line lies nearest to where somebody pointed: a thumb covers several, and means one of them. */
export function nearestHem(hems: readonly Hem[], drawing: Unrolled, at: Point): Hem | null {
  let best: { hem: Hem; far: number } | null = null
  for (const hem of hems)
    for (const segment of hem.segments) {
      const far = distanceTo(at, drawing.line(segment))
      if (!best || far < best.far) best = { hem, far }
    }
  return best?.hem ?? null
}
