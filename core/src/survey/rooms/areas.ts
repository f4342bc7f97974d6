import { sure } from '../../base/units/sure'
import {
  face,
  known,
  readFace,
  word,
  type Band,
  type FaceKey,
  type Opening,
  type Piece,
  type Room,
  type Wall,
} from '../../base/nouns'
import { shapesOnWallMm2 } from './bandShape'
import { stepOf } from './faces'
import { outlineAreaMm2 } from './outline'
import { wallAreaMm2 } from './wallTop'

/** Ground before an elevation that is protected, mm out from the wall. From memory. */
export const GROUND_STRIP_MM = 1500
/** Depth of a soffit with its fascia, mm. From memory. */
const SOFFIT_MM = 450

/** How far the first of two colours on a wall is carried past their line. Common practice. */
export const PAST_LINE = known(50, 'mm', 'common-practice', word('source', 'the-first-colour-goes-past-the-line'))

/** Area of a face, mm²; openings and their casings are taken out of walls. A fitting's is its plate. */
export function faceAreaMm2(room: Room, key: FaceKey): number {
  const { kind, id } = readFace(key) ?? { kind: null, id: null }
  const opening = room.openings.find((each) => each.id === id)
  switch (kind) {
    case 'ceiling':
      return room.kind === 'room' ? outlineAreaMm2(room.walls) : aroundMm(room) * SOFFIT_MM
    case 'floor':
      if (id !== null) return stretchAreaMm2(room, id)
      return room.kind === 'room' ? outlineAreaMm2(room.walls) : aroundMm(room) * GROUND_STRIP_MM
    case 'wall':
      return ownWallMm2(room, sure(room.walls.find((wall) => wall.id === id)))
    case 'band': {
      const band = sure(room.bands.find((each) => each.id === id))
      return band.wallIds.reduce((sum, wallId) => sum + bandOnWallMm2(room, band, wallId), 0)
    }
    case 'skirting':
      return room.walls.reduce(
        (sum, wall) => sum + skirtingMm(room, wall.id) * (wall.lengthMm - doorWidthsMm(room, wall.id)),
        0,
      )
    case 'casing':
      return casingLengthMm(sure(opening)) * sure(opening).casingMm
    case 'leaf':
      return sure(opening).widthMm * sure(opening).heightMm * sure(opening).paintedSides
    case 'glass':
      return sure(opening).widthMm * sure(opening).heightMm
    case 'piece':
      return pieceAreaMm2(sure(room.pieces.find((piece) => piece.id === id)))
    default: {
      const fitting = sure(room.fittings.find((each) => each.id === id))
      return fitting.widthMm * fitting.heightMm
    }
  }
}

const aroundMm = (room: Room): number => room.walls.reduce((sum, wall) => sum + wall.lengthMm, 0)

function stretchAreaMm2(room: Room, id: string): number {
  const stretch = sure(room.foot.find((each) => each.id === id))
  return (stretch.toMm - stretch.fromMm) * GROUND_STRIP_MM
}

/** A wall less its skirting, openings and bands. */
function ownWallMm2(room: Room, wall: Wall): number {
  const low = skirtingMm(room, wall.id)
  const gross = wallAreaMm2(room, wall, low)
  const holes = openingsMm2(room, wall.id, low, Number.POSITIVE_INFINITY)
  const bands = room.bands
    .filter((band) => band.wallIds.includes(wall.id))
    .reduce((sum, band) => sum + bandOnWallMm2(room, band, wall.id) - underBandMm2(room, band, wall), 0)
  return Math.max(0, gross - holes - bands)
}

/** Of a band what its wall's colour is put on all the same: all below a stripe, a hand's breadth past the line of two colours. */
function underBandMm2(room: Room, band: Band, wall: Wall): number {
  const [own, ground] = [stepOf(room, face('band', band.id)), stepOf(room, face('wall', wall.id))]
  if (!own || !ground || own.index < ground.index || own.step.id === ground.step.id) return 0
  if (band.kind === 'stripe') return bandOnWallMm2(room, band, wall.id)
  if (band.kind !== 'two-tone' || band.shapes.length > 0) return 0
  const past = Math.min(PAST_LINE.value, (band.toMm - band.fromMm) / 2)
  const lower = bandOnWallMm2(room, { ...band, toMm: band.fromMm + past }, wall.id)
  const upper = bandOnWallMm2(room, { ...band, fromMm: band.toMm - past }, wall.id)
  const foot = skirtingMm(room, wall.id)
  return (band.fromMm > foot ? lower : 0) + upper
}

function bandOnWallMm2(room: Room, band: Band, wallId: string): number {
  const wall = sure(room.walls.find((each) => each.id === wallId))
  const foot = skirtingMm(room, wallId)
  if (band.shapes.length > 0) {
    const holes = room.openings.filter((opening) => opening.wallId === wallId).map(boxAround)
    return shapesOnWallMm2(band, { wall, footMm: foot, heightMm: room.heightMm, holes })
  }
  const low = Math.max(band.fromMm, foot)
  if (band.toMm <= low) return 0
  return Math.max(0, wallAreaMm2(room, wall, low, band.toMm) - openingsMm2(room, wallId, low, band.toMm))
}

const openingsMm2 = (room: Room, wallId: string, low: number, high: number): number =>
  room.openings.filter((opening) => opening.wallId === wallId).reduce((sum, each) => sum + holeMm2(each, low, high), 0)

/** What an opening takes out of its wall, casing and all: from the wall's left end and above the floor, mm. */
export const boxAround = (o: Opening) => ({
  left: o.atMm - o.casingMm,
  right: o.atMm + o.widthMm + o.casingMm,
  low: reachesFloor(o) ? 0 : o.sillMm - o.casingMm,
  high: o.sillMm + o.heightMm + o.casingMm,
})

/** What an opening with its casing takes out of a wall between two heights. */
function holeMm2(o: Opening, lowMm: number, highMm: number): number {
  const { left, right, low, high } = boxAround(o)
  return (right - left) * Math.max(0, Math.min(high, highMm) - Math.max(low, lowMm))
}

/** Faces of a piece that show: fronts, ends and top of cabinets and furniture; treads and risers of stairs. */
function pieceAreaMm2(p: Piece): number {
  switch (p.kind) {
    case 'cabinets':
      // Ends once; of the doors as many sides as are painted.
      return p.paintedSides * p.widthMm * p.heightMm + 2 * p.depthMm * p.heightMm
    case 'shutters':
      return p.paintedSides * p.widthMm * p.heightMm
    case 'radiator':
      return p.widthMm * p.heightMm + 2 * p.depthMm * p.heightMm
    case 'furniture':
      return p.widthMm * p.heightMm + 2 * p.depthMm * p.heightMm + p.widthMm * p.depthMm
    case 'roof-window':
      return p.widthMm * p.heightMm
    case 'stairs':
      return p.widthMm * (p.heightMm + p.depthMm)
  }
}

/** Height of the skirting on a wall, mm; 0 where there is none. */
export const skirtingMm = (room: Room, wallId: string): number =>
  room.skirting && !room.skirting.without.includes(wallId) ? room.skirting.heightMm : 0

/** Whether an opening reaches the floor, so that skirting and floor lines stop at it. */
export const reachesFloor = (opening: Opening): boolean => opening.sillMm === 0

/** Width of the openings with their casings that reach the floor of a wall, mm. */
export const doorWidthsMm = (room: Room, wallId: string): number =>
  room.openings
    .filter((opening) => opening.wallId === wallId && reachesFloor(opening))
    .reduce((sum, each) => sum + each.widthMm + 2 * each.casingMm, 0)

/** Run of a casing round its opening, mm. */
export const casingLengthMm = (o: Opening): number =>
  reachesFloor(o) ? 2 * o.heightMm + o.widthMm + 2 * o.casingMm : 2 * (o.heightMm + o.widthMm) + 4 * o.casingMm
