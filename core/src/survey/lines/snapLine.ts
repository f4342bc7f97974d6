import { fitOver } from './crookedEdge'
import { offsetAt, type WanderPoint } from './oneSided'
import { straightened } from './straightened'

/** A line to snap over an edge that was read: how far off the reference at either end, and the most it covers, whole mm. */
export interface SnapLine {
  readonly leftMm: number
  readonly rightMm: number
  readonly mostMm: number
}

/** The line that gives up least over some readings; null for fewer than two. */
export function snapLine(readings: readonly WanderPoint[]): SnapLine | null {
  if (readings.length < 2) return null
  const { line } = fitOver(readings, 'least-area')
  const ats = readings.map(({ atMm }) => atMm)
  return {
    leftMm: Math.round(offsetAt(line, Math.min(...ats))),
    rightMm: Math.round(offsetAt(line, Math.max(...ats))),
    mostMm: Math.round(straightened(readings, line, null).mostMm),
  }
}
