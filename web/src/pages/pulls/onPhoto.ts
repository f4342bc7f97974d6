import type { InPicture } from '@crisp-hem/core/exchange'

/** The two ends of what is known in a picture, its length, and places set along a fault, two and two. */
export interface OnPhoto {
  readonly scale: readonly InPicture[]
  readonly scaleMm: number
  readonly ends: readonly InPicture[]
}

const apart = (a: InPicture, b: InPicture): number => Math.hypot(a.x - b.x, a.y - b.y)

/**
 * Length of a fault in a picture taken square on, by something in it whose length is known: a coin, a mark, a ruler. Each pair of ends is a
 * stretch; an end without its other end does not count. Null until both ends of the known thing are set apart and one stretch is.
 */
export function measuredMm({ scale: [a, b], scaleMm, ends }: OnPhoto): number | null {
  if (!a || !b || ends.length < 2 || scaleMm <= 0) return null
  const px = apart(a, b)
  if (px === 0) return null
  let run = 0
  for (let i = 0; i + 1 < ends.length; i += 2) {
    const [from, to] = [ends[i], ends[i + 1]]
    if (from && to) run += apart(from, to)
  }
  return Math.round((run / px) * scaleMm)
}
