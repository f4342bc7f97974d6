import type { FittedLine, SplitLine } from './crookedEdge'
import { offsetAt, type StraightLine, type WanderPoint } from './oneSided'

/** A slope, or a bend, that the eye takes for crooked: two millimetres in a metre. From memory. */
export const SHOWS_FROM = 1 / 500

/** What is covered by less is as good as the old edge, mm. From memory. */
export const COVERED_FROM_MM = 1

/** A straight line over a crooked edge, as a painter sets it. Offsets count from what the readings were taken from, mm. */
export interface Straightened {
  readonly leftMm: number
  readonly rightMm: number
  /** Where two parts meet, and how far off there; null for one line. */
  readonly joint: { readonly atMm: number; readonly offMm: number } | null
  /** The most of what is kept that comes under paint, and where. */
  readonly mostMm: number
  readonly mostAtMm: number
  /** Run along which more than a millimetre is covered, mm, and the area given up, mm². */
  readonly coveredRunMm: number
  readonly areaMm2: number
  /** What stays to be seen of the kept side, of so much, at its narrowest; null where nothing bounds it. */
  readonly staysMm: number | null
  /** It slants by more than the eye lets pass against what the readings were taken from. */
  readonly slants: boolean
  /** The bend at the joint of two parts, as a slope; 0 for one line. */
  readonly bend: number
  readonly bendShows: boolean
  /** No trim is left somewhere, or less than half of it. */
  readonly trim: 'enough' | 'under-half' | 'gone'
}

/** Heights of a line, of one part or of two that meet. */
export const heightOf =
  (of: StraightLine | SplitLine) =>
  (atMm: number): number =>
    'slope' in of ? offsetAt(of, atMm) : offsetAt(atMm <= of.jointMm ? of.left : of.right, atMm)

/**
 * What a line over an edge comes to.
 *
 * @param points   of the edge, at least one
 * @param trimMm   width of what is kept beyond the reference, mm; null where it goes on
 */
export function straightened(
  points: readonly WanderPoint[],
  of: FittedLine['line'] | SplitLine,
  trimMm: number | null,
): Straightened {
  const sorted = [...points].sort((a, b) => a.atMm - b.atMm)
  const at = heightOf(of)
  const [from, to] = [sorted[0]?.atMm ?? 0, sorted.at(-1)?.atMm ?? 0]
  const gaps = sorted.map(({ atMm, offMm }) => ({ atMm, gap: at(atMm) - offMm }))
  const most = gaps.reduce((a, b) => (b.gap > a.gap ? b : a), { atMm: from, gap: 0 })
  let [coveredRunMm, areaMm2] = [0, 0]
  gaps.slice(1).forEach((b, i) => {
    const a = gaps[i] ?? b
    const run = b.atMm - a.atMm
    coveredRunMm += run * shareOver(a.gap, b.gap, COVERED_FROM_MM)
    areaMm2 += (run * (a.gap + b.gap)) / 2
  })
  const bend = 'slope' in of ? 0 : of.right.slope - of.left.slope
  // Against the true edge of the trim the line stands over by its own offset.
  const highest = Math.max(at(from), at(to), 'slope' in of ? at(from) : at(of.jointMm))
  const staysMm = trimMm === null ? null : Math.max(0, trimMm - Math.max(0, highest))
  return {
    leftMm: at(from),
    rightMm: at(to),
    joint: 'slope' in of ? null : { atMm: of.jointMm, offMm: at(of.jointMm) },
    mostMm: most.gap,
    mostAtMm: most.atMm,
    coveredRunMm,
    areaMm2,
    staysMm,
    slants: Math.abs((at(to) - at(from)) / Math.max(1, to - from)) > SHOWS_FROM,
    bend,
    bendShows: Math.abs(bend) > SHOWS_FROM,
    trim:
      trimMm === null || staysMm === null
        ? 'enough'
        : staysMm <= 0
          ? 'gone'
          : staysMm < trimMm / 2
            ? 'under-half'
            : 'enough',
  }
}

/** Share of a run over which a height that goes evenly from one end to the other lies over a bound. */
function shareOver(a: number, b: number, bound: number): number {
  if (a > bound && b > bound) return 1
  if (a <= bound && b <= bound) return 0
  const [low, high] = [Math.min(a, b), Math.max(a, b)]
  return (high - bound) / (high - low)
}

/** Whether the eye sees that an edge wanders, where it is only followed: a slope or a bend between readings that it does not let pass. */
export function wanderShows(points: readonly WanderPoint[]): boolean {
  const sorted = [...points].sort((a, b) => a.atMm - b.atMm)
  const slopes = sorted.slice(1).map((b, i) => {
    const a = sorted[i] ?? b
    return (b.offMm - a.offMm) / Math.max(1, b.atMm - a.atMm)
  })
  return slopes.slice(1).some((slope, i) => Math.abs(slope - (slopes[i] ?? slope)) > SHOWS_FROM)
}

/** A mark to set: how far from either end, and how far off the reference. All from one end, so that errors do not add. */
export interface LineMark {
  readonly atMm: number
  readonly fromRightMm: number
  readonly offMm: number
}

/** What of a run was read, mm from its left end, and how long it is. */
export interface RunRead {
  readonly fromMm: number
  readonly toMm: number
  readonly lengthMm: number
}

/**
 * Marks along a line, at the ends of what was read, its joint and every stud or board between.
 *
 * @param everyMm  distance of studs or boards from the left end of the run, more than 0
 */
export function marksOf(
  of: StraightLine | SplitLine,
  { fromMm, toMm, lengthMm }: RunRead,
  everyMm: number,
): LineMark[] {
  const places = new Set([fromMm, toMm, ...('slope' in of ? [] : [of.jointMm])])
  for (let at = everyMm; at < toMm; at += everyMm) if (at > fromMm) places.add(Math.round(at))
  const height = heightOf(of)
  return [...places]
    .sort((a, b) => a - b)
    .map((atMm) => ({ atMm, fromRightMm: lengthMm - atMm, offMm: Math.round(height(atMm) * 10) / 10 }))
}
