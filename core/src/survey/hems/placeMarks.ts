import { edgeOfHem, readEdge, type BandShape, type Room } from '../../base/nouns'
import { pinOf, sidesOf, type Pin } from '../rooms/bandShape'
import type { OnWall } from '../rooms/cutRing'
import type { Hem } from './deriveHems'

/** A place to mark for a line that no edge gives: from the wall's left end and above the floor, mm. */
export interface PlaceMark {
  readonly atMm: number
  readonly heightMm: number
}

/** The line of a hem to be made on a bare wall, by where it begins, turns and ends, and by the pins of its arcs. */
export interface LineToMake {
  readonly hem: Hem
  readonly marks: readonly PlaceMark[]
  /** Where to set a pin for each arc, and how long the string is. */
  readonly pins: readonly Pin[]
  /** Upright and level lines to draw right across instead, where all of it lies on them; null elsewhere. */
  readonly grid: { readonly atMm: readonly number[]; readonly heightMm: readonly number[] } | null
}

/** How near a corner of a shape the end of a line has to lie to be that corner, mm. */
const NEAR_MM = 2

/** How a hem's line is marked on its wall; null for lines that an edge gives. */
export function lineToMake(room: Room, hem: Hem): LineToMake | null {
  if (hem.kind !== 'two-tone-line' || hem.line !== 'straighten') return null
  const ends = hem.segments.flatMap((s): OnWall[] => [
    { x: s.x1, y: s.y1 },
    { x: s.x2, y: s.y2 },
  ])
  const shapes = shapesOf(room, hem)
  const isOn = ({ x, y }: OnWall) => ends.some((end) => Math.hypot(end.x - x, end.y - y) < NEAR_MM)
  const sides = shapes.flatMap(sidesOf)
  const corners = sides.map(({ from }) => from).filter(isOn)
  // Where an opening or the ceiling cuts a straight line, that place is marked instead of the corner beyond it.
  const cut = ends.filter((end, i) => ends.findIndex((each) => same(each, end)) === i && once(ends, end))
  const marks = [...corners, ...cut.filter((end) => !corners.some((corner) => same(corner, end)))]
  // Of a disc behind a door there is an arc left: what is drawn lies as far from its pin as its string is long.
  const isDrawn = ({ atMm, heightMm, radiusMm }: Pin) =>
    ends.some(({ x, y }) => Math.abs(Math.hypot(x - atMm, y - heightMm) - radiusMm) < NEAR_MM)
  const pins = sides.flatMap((side) => (side.bendMm === 0 ? [] : [pinOf(side)])).filter(isDrawn)
  const isGrid =
    hem.orientation === 'loop' && hem.segments.every(({ x1, x2, y1, y2 }) => x1 === x2 || y1 === y2) && marks.length > 4
  return {
    hem,
    grid: isGrid
      ? {
          atMm: sorted(hem.segments.flatMap(({ x1, x2 }) => (x1 === x2 ? [x1] : []))),
          heightMm: sorted(hem.segments.flatMap(({ y1, y2 }) => (y1 === y2 ? [y1] : []))),
        }
      : null,
    marks: marks
      .map(({ x, y }) => ({ atMm: Math.round(x), heightMm: Math.round(y) }))
      .filter(
        (mark, i, all) => all.findIndex((each) => each.atMm === mark.atMm && each.heightMm === mark.heightMm) === i,
      )
      .sort((a, b) => a.atMm - b.atMm || a.heightMm - b.heightMm),
    pins: pins.filter(
      (pin, i) => pins.findIndex((each) => each.atMm === pin.atMm && each.heightMm === pin.heightMm) === i,
    ),
  }
}

const sorted = (mm: readonly number[]): number[] => [...new Set(mm)].sort((a, b) => a - b)
const same = (a: OnWall, b: OnWall) => Math.hypot(a.x - b.x, a.y - b.y) < NEAR_MM
const once = (ends: readonly OnWall[], end: OnWall) => ends.filter((each) => same(each, end)).length === 1

function shapesOf(room: Room, hem: Hem): readonly BandShape[] {
  const where = readEdge(edgeOfHem(hem.id))
  if (where?.is !== 'shape') return []
  const band = room.bands.find(({ id }) => id === where.bandId)
  const own = band?.shapes.filter(({ wallId }) => wallId === where.wallId) ?? []
  return where.run === null ? own : own.filter(({ id }) => id === where.run?.shapeId)
}
