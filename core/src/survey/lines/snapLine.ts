import type { LineFit, LineNote } from '../../base/nouns'
import { fitOver, splitOver, type SplitLine } from './crookedEdge'
import type { StraightLine, WanderPoint } from './oneSided'
import { lineThrough } from './lineThrough'
import { straightened } from './straightened'

/**
 * The line that was chosen over some readings; one straight line that gives up least where two parts do no better, or where none can pass
 * the points that were chosen.
 */
export function lineFor(
  readings: readonly WanderPoint[],
  fit: LineFit,
  through: readonly WanderPoint[],
): StraightLine | SplitLine {
  const plain = () => fitOver(readings, 'least-area').line
  if (fit === 'split') return splitOver(readings) ?? plain()
  if (fit === 'through') return lineThrough(readings, through).line ?? plain()
  return fitOver(readings, fit).line
}

/** A line to snap over an edge that was read: how far off the reference at either end, where two parts meet, and the most it covers, whole mm. */
export interface SnapLine {
  readonly leftMm: number
  readonly rightMm: number
  /** Where two parts meet, and how far off there; null for one line. */
  readonly joint: { readonly atMm: number; readonly offMm: number } | null
  readonly mostMm: number
}

/** The line to snap over some readings; null for fewer than two. */
export function snapLine({ readings, fit, through }: Pick<LineNote, 'readings' | 'fit' | 'through'>): SnapLine | null {
  if (readings.length < 2) return null
  const line = lineFor(readings, fit, through)
  const { leftMm, rightMm, joint, mostMm } = straightened(readings, line, null)
  return {
    leftMm: Math.round(leftMm),
    rightMm: Math.round(rightMm),
    joint: joint && { atMm: Math.round(joint.atMm), offMm: Math.round(joint.offMm) },
    mostMm: Math.round(mostMm),
  }
}
