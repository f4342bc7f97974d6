import { edgeOfHem, type Room } from '../../base/nouns'
import type { UnitSystem } from '../../base/units/length'
import { sure } from '../../base/units/sure'
import type { Hem } from './deriveHems'
import type { SplitLine } from '../lines/crookedEdge'
import type { StraightLine, WanderPoint } from '../lines/oneSided'
import { lineFor } from '../lines/snapLine'
import { marksOf, type LineMark } from '../lines/straightened'

/** Usual distance of studs, mm: what marks are set at. Common practice. */
export const STUDS_MM: Readonly<Record<UnitSystem, number>> = { metric: 600, imperial: 406 }

/** A line to set over an edge that was read. */
export interface HemMarks {
  readonly hem: Hem
  readonly points: readonly WanderPoint[]
  readonly of: StraightLine | SplitLine
  readonly marks: readonly LineMark[]
}

/** The marks of a hem whose edge was read and is straightened; null for any other. */
export function hemMarks(room: Pick<Room, 'lines'>, hem: Hem, everyMm: number): HemMarks | null {
  const noted = room.lines.find(({ edge }) => edge === edgeOfHem(hem.id))
  if (!noted || !isMarked(hem)) return null
  const points = noted.readings
  const [first, last] = [sure(points[0]), sure(points.at(-1))]
  const of = lineFor(points, noted.fit, noted.through)
  const read = { fromMm: first.atMm, toMm: last.atMm, lengthMm: hem.lengthMm }
  return { hem, points, of, marks: marksOf(of, read, everyMm) }
}

/** Whether somebody marks a hem's line before it is taped, since its edge was read and is not followed. */
export const isMarked = (hem: Pick<Hem, 'line' | 'snap'>): boolean => hem.line === 'straighten' && hem.snap !== null
