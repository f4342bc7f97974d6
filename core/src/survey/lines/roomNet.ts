import { CoreError } from '../../base/units/errors'
import type { UnitSystem } from '../../base/units/length'
import { nth, sure } from '../../base/units/sure'
import { traceOutline, type Leg } from '../rooms/outline'
import { levelNet, likeliestWrong, type LevelReading } from './levelNet'
import { readLengths, typedLines } from './readings'

/** A reading across a room from one corner to another: how much higher the second lies, mm. Corners are counted from 0. */
export type AcrossReading = Pick<LevelReading, 'from' | 'to' | 'riseMm'>

/**
 * Readings across a room as they are typed, one a line: two corners counted from 1, and how much higher the second lies: `1 3 -4`.
 *
 * @throws CoreError lines.across, with the line that could not be read
 */
export function readAcross(text: string, units: UnitSystem, corners: number): AcrossReading[] {
  return typedLines(text).map((line, i) => {
    const fault = () => new CoreError('lines.across', { line: i + 1, text: line, corners })
    const [, a, b, rise] = /^(\d+)\s+(\d+)\s+(.+)$/.exec(line) ?? []
    const [from, to] = [Number(a) - 1, Number(b) - 1]
    if (rise === undefined || !isCorner(from, corners) || !isCorner(to, corners) || from === to) throw fault()
    try {
      return { from, to, riseMm: sure(readLengths(rise, units)[0]) }
    } catch {
      throw fault()
    }
  })
}

const isCorner = (i: number, corners: number): boolean => Number.isInteger(i) && i >= 0 && i < corners

/** A line round a room by all its readings together. */
export interface RoomNet {
  /** Height at each corner, mm above what the first was read from, by all readings but the wrong one. */
  readonly heightsMm: readonly number[]
  /** How far readings are off for a metre, mm. */
  readonly spreadMmPerM: number
  /** The reading without which all others agree; null where none stands out. */
  readonly wrong: (LevelReading & { readonly wouldBeMm: number }) | null
}

/**
 * Heights at the corners of a room by the readings from corner to corner and those across, all at once. Each counts by the distance between
 * its corners, as {@link levelNet} has it.
 *
 * @param loopMm  heights read from the first corner round to the first again, one more than there are walls
 * @param across  at least one
 */
export function roomNet(walls: readonly Leg[], loopMm: readonly number[], across: readonly AcrossReading[]): RoomNet {
  const { corners } = traceOutline(walls)
  const runMm = (from: number, to: number) =>
    Math.hypot(nth(corners, to).x - nth(corners, from).x, nth(corners, to).y - nth(corners, from).y)
  const round = walls.map((_, i) => ({
    from: i,
    to: (i + 1) % walls.length,
    riseMm: nth(loopMm, i + 1) - nth(loopMm, i),
  }))
  const readings = [...round, ...across].map((each) => ({ ...each, runMm: runMm(each.from, each.to) }))
  const suspect = likeliestWrong(walls.length, readings)
  const trusted = readings.filter((_, i) => i !== suspect?.reading)
  const { heightsMm, spreadMmPerM } = levelNet(walls.length, trusted)
  return {
    heightsMm: heightsMm.map((mm) => nth(loopMm, 0) + mm),
    spreadMmPerM: spreadMmPerM ?? 0,
    wrong: suspect && { ...nth(readings, suspect.reading), wouldBeMm: suspect.wouldBeMm },
  }
}

/** Distances of a room's corners from its middle, where a laser stands, mm. */
export function sightsMm(walls: readonly Leg[]): number[] {
  const { corners } = traceOutline(walls)
  const mean = (pick: (at: { x: number; y: number }) => number) =>
    corners.reduce((sum, at) => sum + pick(at), 0) / Math.max(1, corners.length)
  const [x, y] = [mean((at) => at.x), mean((at) => at.y)]
  return corners.map((at) => Math.hypot(at.x - x, at.y - y))
}
