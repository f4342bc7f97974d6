import type { LineFit } from '../../base/nouns'
import { fitOver, splitOver, type SplitLine } from './crookedEdge'
import type { StraightLine, WanderPoint } from './oneSided'
import { straightened } from './straightened'

/** The line that was chosen over some readings; one straight line that gives up least where two parts do no better. */
export const lineFor = (readings: readonly WanderPoint[], fit: LineFit): StraightLine | SplitLine =>
  fit === 'split' ? (splitOver(readings) ?? fitOver(readings, 'least-area').line) : fitOver(readings, fit).line

/** A line to snap over an edge that was read: how far off the reference at either end, where two parts meet, and the most it covers, whole mm. */
export interface SnapLine {
  readonly leftMm: number
  readonly rightMm: number
  /** Where two parts meet, and how far off there; null for one line. */
  readonly joint: { readonly atMm: number; readonly offMm: number } | null
  readonly mostMm: number
}

/** The line to snap over some readings; null for fewer than two. */
export function snapLine(readings: readonly WanderPoint[], fit: LineFit): SnapLine | null {
  if (readings.length < 2) return null
  const line = lineFor(readings, fit)
  const { leftMm, rightMm, joint, mostMm } = straightened(readings, line, null)
  return {
    leftMm: Math.round(leftMm),
    rightMm: Math.round(rightMm),
    joint: joint && { atMm: Math.round(joint.atMm), offMm: Math.round(joint.offMm) },
    mostMm: Math.round(mostMm),
  }
}
