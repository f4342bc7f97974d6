import { nth } from '../../base/units/sure'
import { SHOWS_FROM } from './straightened'

/** How a line round a room may run. */
export const RUNS = ['level', 'parallel', 'between'] as const
export type RoundRun = (typeof RUNS)[number]

/** A corner of a room, from one to the next round it. */
export interface RoundCorner {
  readonly name: string
  /** Length of the wall from this corner to the next, mm. */
  readonly wallMm: number
  /** Ceiling over a level line carried round, mm. */
  readonly ceilingMm: number
}

/** A line at each corner: its height over the level datum, how far it is out of level, and how far under the ceiling. */
export interface RoundLine {
  readonly run: RoundRun
  readonly heightsMm: readonly number[]
  readonly offLevelMm: readonly number[]
  readonly underCeilingMm: readonly number[]
  /** The steepest wall, as a slope. */
  readonly slant: number
  /** By how much the strip under the ceiling differs, as a share of its width. */
  readonly unevenStrip: number
  /** How much it offends: 1 where the eye begins to see it. */
  readonly offends: number
}

/** A strip that differs by more than this share of its width looks crooked, where it is no wider than an arm. From memory. */
const UNEVEN_FROM = 0.03
/** Beyond this the eye no longer measures a line against the ceiling, mm. From memory. */
const NEAR_MM = 900

/**
 * Three ways to carry a line round a room whose ceiling is not level: level, parallel to the ceiling, or half of either, the one that
 * offends least first.
 *
 * @param heightMm  where the line is wanted over the datum, at the first corner
 */
export function linesRound(corners: readonly RoundCorner[], heightMm: number): RoundLine[] {
  const first = corners[0]?.ceilingMm ?? 0
  const under = first - heightMm
  const of = (run: RoundRun, share: number): RoundLine => {
    const heightsMm = corners.map(({ ceilingMm }) => heightMm + share * (ceilingMm - under - heightMm))
    const underCeilingMm = corners.map(({ ceilingMm }, i) => ceilingMm - nth(heightsMm, i))
    const slant = Math.max(
      0,
      ...corners.map(({ wallMm }, i) => {
        const rise = nth(heightsMm, (i + 1) % corners.length) - nth(heightsMm, i)
        return Math.abs(rise) / Math.max(1, wallMm)
      }),
    )
    const [least, most] = [Math.min(...underCeilingMm), Math.max(...underCeilingMm)]
    const unevenStrip = most <= 0 ? 0 : (most - least) / most
    const near = most > NEAR_MM ? NEAR_MM / most : 1
    return {
      run,
      heightsMm,
      offLevelMm: heightsMm.map((height) => height - heightMm),
      underCeilingMm,
      slant,
      unevenStrip,
      offends: Math.max(slant / SHOWS_FROM, (near * unevenStrip) / UNEVEN_FROM),
    }
  }
  return [of('level', 0), of('parallel', 1), of('between', 0.5)].sort((a, b) => a.offends - b.offends)
}

/** Where most people's eyes are, standing, mm. From memory. */
const EYE_MM = 1500

/** A line stays this far off a plate, mm. From memory. */
const CLEAR_MM = 30

/** What a room has that a line is set by, mm above the floor; empty where it has none. */
export interface SetBy {
  readonly sills: readonly number[]
  /** Upper edges of switch plates. */
  readonly switches: readonly number[]
  /** Tops of what stands along its walls. */
  readonly furniture: readonly number[]
}

export const HEIGHT_REASONS = ['third', 'golden', 'sill', 'switch', 'furniture', 'eye'] as const
export type HeightReason = (typeof HEIGHT_REASONS)[number]

/** Heights that are often right for a rail or a change of colour, over the floor, mm: by what a room has. From memory. */
export function heightsFor(
  roomMm: number,
  { sills, switches, furniture }: SetBy,
): { readonly why: HeightReason; readonly heightMm: number }[] {
  const at = (why: HeightReason, heights: readonly number[], of: (mm: readonly number[]) => number) =>
    heights.length > 0 ? [{ why, heightMm: of(heights) }] : []
  return [
    { why: 'third', heightMm: Math.round(roomMm / 3) },
    // The smaller part of the golden section, below.
    { why: 'golden', heightMm: Math.round(roomMm * (1 - 2 / (1 + Math.sqrt(5)))) },
    ...at('sill', sills, (mm) => Math.min(...mm)),
    ...at('switch', switches, (mm) => Math.max(...mm) + CLEAR_MM),
    ...at('furniture', furniture, (mm) => Math.max(...mm)),
    { why: 'eye', heightMm: EYE_MM },
  ]
}
