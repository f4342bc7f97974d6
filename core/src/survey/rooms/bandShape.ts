import { onceFor } from '../../base/units/onceFor'
import { nth } from '../../base/units/sure'
import { known, word, type Band, type BandShape, type ShapePoint, type Wall } from '../../base/nouns'
import { curveOf } from './curve'
import { cutRing, type OnWall } from './cutRing'
import { highestMm } from './wallTop'

/** One side of a shape, from corner to corner; bent to the left of its run by `bendMm` in its middle. */
export interface ShapeSide {
  readonly from: OnWall
  readonly to: OnWall
  readonly bendMm: number
}

/** Straight pieces that stand for a bent side in drawings and areas. */
const ARC_PIECES = 24
/** What narrower bands are: painted with their lines, since there is no field left to roll. */
const NARROW_BAND = known(
  300,
  'mm',
  'from-memory',
  word('source', 'a-band-as-narrow-as-this-is-painted-with-its-lines'),
)

/** Each of a ring with the one that follows it. */
const closed = <T>(ring: readonly T[]): [T, T][] => ring.map((each, i) => [each, nth(ring, (i + 1) % ring.length)])

const placeOf = ({ atMm, heightMm }: ShapePoint): OnWall => ({ x: atMm, y: heightMm })

/** The sides of a shape, in turn. */
export const sidesOf = ({ points }: Pick<BandShape, 'points'>): ShapeSide[] =>
  closed(points).map(([a, b]) => ({ from: placeOf(a), to: placeOf(b), bendMm: a.bendMm }))

/** Where a pin goes for an arc on a wall, from its left end and above the floor, and how long its string is, mm. */
export interface Pin {
  readonly atMm: number
  readonly heightMm: number
  readonly radiusMm: number
}

/** The centre of a bent side's arc and its radius, exact. */
function centreOf({ from, to, bendMm }: ShapeSide): OnWall & { readonly radiusMm: number; readonly arcDeg: number } {
  const [dx, dy] = [to.x - from.x, to.y - from.y]
  const chord = Math.hypot(dx, dy)
  const { radiusMm, arcDeg } = curveOf(chord, bendMm)
  const side = Math.sign(bendMm)
  // Left of the run is (−dy, dx); the centre lies on the other side of the chord from the bend, as far as radius less height.
  const back = radiusMm - Math.abs(bendMm)
  return {
    x: (from.x + to.x) / 2 + (dy / chord) * side * back,
    y: (from.y + to.y) / 2 - (dx / chord) * side * back,
    radiusMm,
    arcDeg,
  }
}

/** The pin of a bent side, to the whole mm. */
export function pinOf(side: ShapeSide): Pin {
  const { x, y, radiusMm } = centreOf(side)
  return { atMm: Math.round(x), heightMm: Math.round(y), radiusMm: Math.round(radiusMm) }
}

/** A side as places from its beginning to its end: the two ends of a straight one, many of a bent one. */
export function placesAlong(side: ShapeSide): OnWall[] {
  const { from, to, bendMm } = side
  if (bendMm === 0 || (from.x === to.x && from.y === to.y)) return [from, to]
  const { x, y, radiusMm, arcDeg } = centreOf(side)
  const begin = Math.atan2(from.y - y, from.x - x)
  const turn = (-Math.sign(bendMm) * (arcDeg * Math.PI)) / 180
  const within = Array.from({ length: ARC_PIECES - 1 }, (_, i): OnWall => {
    const angle = begin + (turn * (i + 1)) / ARC_PIECES
    return { x: x + radiusMm * Math.cos(angle), y: y + radiusMm * Math.sin(angle) }
  })
  return [from, ...within, to]
}

/** A shape as a ring of straight pieces; the last place meets the first. */
export const ringOf = onceFor((shape: BandShape): readonly OnWall[] =>
  sidesOf(shape).flatMap((side) => placesAlong(side).slice(0, -1)),
)

/** Area of a ring, mm²; less than nothing where it runs clockwise, heights counted up. */
export const signedMm2 = (ring: readonly OnWall[]): number =>
  closed(ring).reduce((sum, [a, b]) => sum + a.x * b.y - b.x * a.y, 0) / 2

/** Whether a place of a wall lies within a band. */
export function liesIn(band: Band, wallId: string, { x, y }: OnWall): boolean {
  if (!band.wallIds.includes(wallId)) return false
  if (band.shapes.length === 0) return y > band.fromMm && y < band.toMm
  return band.shapes.some((shape) => shape.wallId === wallId && isInside(ringOf(shape), { x, y }))
}

/** By how often a line to the right of it crosses the ring. */
function isInside(ring: readonly OnWall[], { x, y }: OnWall): boolean {
  const crossed = closed(ring).filter(
    ([a, b]) => a.y > y !== b.y > y && x < a.x + ((y - a.y) / (b.y - a.y)) * (b.x - a.x),
  )
  return crossed.length % 2 === 1
}

/** Where a straight line between two places of a wall enters or leaves a band, as shares of its run. */
export function crossingsOf(band: Band, wallId: string, from: OnWall, to: OnWall): number[] {
  if (!band.wallIds.includes(wallId)) return []
  if (band.shapes.length === 0)
    return from.y === to.y ? [] : [band.fromMm, band.toMm].map((y) => (y - from.y) / (to.y - from.y))
  return band.shapes
    .filter((shape) => shape.wallId === wallId)
    .flatMap((shape) => {
      const ring = ringOf(shape)
      return closed(ring).flatMap(([a, b]) => crossing(from, to, a, b))
    })
}

/** The share of the run from `from` to `to` at which it meets the piece from `a` to `b`; none where it does not. */
export function crossing(from: OnWall, to: OnWall, a: OnWall, b: OnWall): number[] {
  const [dx, dy, ex, ey] = [to.x - from.x, to.y - from.y, b.x - a.x, b.y - a.y]
  const cross = dx * ey - dy * ex
  if (cross === 0) return []
  const along = ((a.x - from.x) * ey - (a.y - from.y) * ex) / cross
  const across = ((a.x - from.x) * dy - (a.y - from.y) * dx) / cross
  return across >= 0 && across <= 1 ? [along] : []
}

interface Box {
  readonly left: number
  readonly right: number
  readonly low: number
  readonly high: number
}

/** Area of what of a shape lies within a box, mm². */
function areaWithin(shape: BandShape, { left, right, low, high }: Box): number {
  const sides = [
    (p: OnWall) => p.x - left,
    (p: OnWall) => right - p.x,
    (p: OnWall) => p.y - low,
    (p: OnWall) => high - p.y,
  ]
  const ring = sides.reduce<readonly OnWall[]>(
    (rest, depth) => (rest.length < 3 ? [] : cutRing(rest, depth)),
    ringOf(shape),
  )
  return ring.length < 3 ? 0 : Math.abs(signedMm2(ring))
}

interface WallPart {
  readonly wall: Wall
  /** Where it begins above the floor, and how high the room is. */
  readonly footMm: number
  readonly heightMm: number
  /** What is taken out of it. */
  readonly holes: readonly Box[]
}

/** Area of a band's shapes on a wall, between its foot and its top, less some boxes of it, mm². */
export function shapesOnWallMm2(band: Band, { wall, footMm, heightMm, holes }: WallPart): number {
  const whole = { left: 0, right: wall.lengthMm, low: footMm, high: highestMm({ heightMm, walls: [wall] }) }
  return band.shapes
    .filter((shape) => shape.wallId === wall.id)
    .reduce((sum, shape) => {
      const out = holes.reduce((all, hole) => all + areaWithin(shape, { ...hole, low: Math.max(hole.low, footMm) }), 0)
      return sum + Math.max(0, areaWithin(shape, whole) - out)
    }, 0)
}

/** Whether a band is so narrow that it is painted along its lines: its mean width, twice its area by what is round it. */
export function isNarrow(band: Band): boolean {
  if (band.shapes.length === 0) return band.toMm - band.fromMm < NARROW_BAND.value
  const everywhere = { left: 0, right: 1e9, low: 0, high: 1e9 }
  const areas = band.shapes.reduce((sum, shape) => sum + areaWithin(shape, everywhere), 0)
  const round = band.shapes.reduce(
    (sum, shape) => sum + closed(ringOf(shape)).reduce((all, [a, b]) => all + Math.hypot(b.x - a.x, b.y - a.y), 0),
    0,
  )
  return (2 * areas) / round < NARROW_BAND.value
}
