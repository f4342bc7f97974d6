import {
  partsOf,
  USUAL_FACES,
  USUAL_SIZES,
  type Band,
  type Fitting,
  type FootStretch,
  type HandHem,
  type Opening,
  type OpeningKind,
  type Piece,
  type PieceKind,
  type Room,
  type Wall,
  face,
} from '@crisp-hem/core'

/** The first of o1, o2, … that is not taken. */
export function freeId(letter: string, taken: readonly { readonly id: string }[]): string {
  const ids = new Set(taken.map((each) => each.id))
  let n = taken.length + 1
  while (ids.has(`${letter}${n}`)) n += 1
  return `${letter}${n}`
}

/** Usual sizes, mm: from memory. */
const OPENING_SIZES: Record<OpeningKind, Pick<Opening, 'widthMm' | 'heightMm' | 'sillMm'>> = {
  door: { widthMm: 826, heightMm: 2040, sillMm: 0 },
  window: { widthMm: 1200, heightMm: 1200, sillMm: 900 },
  'glazed-doors': { widthMm: 1600, heightMm: 2040, sillMm: 0 },
  gap: { widthMm: 1000, heightMm: 2100, sillMm: 0 },
}
const PIECE_SIZES: Record<PieceKind, Pick<Piece, 'bottomMm' | 'widthMm' | 'heightMm' | 'depthMm' | 'count'>> = {
  cabinets: { bottomMm: 0, widthMm: 2400, heightMm: 900, depthMm: 600, count: 4 },
  radiator: { bottomMm: 150, widthMm: 1000, heightMm: 600, depthMm: 100, count: 1 },
  furniture: { bottomMm: 0, widthMm: 1800, heightMm: 900, depthMm: 900, count: 1 },
  stairs: { bottomMm: 0, widthMm: 2000, heightMm: 1500, depthMm: 2200, count: 8 },
}

const within = (wall: Wall, widthMm: number) => {
  const width = Math.min(widthMm, wall.lengthMm)
  return { widthMm: width, atMm: Math.max(0, Math.round((wall.lengthMm - width) / 2)) }
}

export function newOpening(room: Room, wall: Wall, kind: OpeningKind): Opening {
  const size = OPENING_SIZES[kind]
  return {
    id: freeId('o', room.openings),
    name: `${kind} ${room.openings.length + 1}`,
    kind,
    wallId: wall.id,
    ...size,
    ...within(wall, size.widthMm),
    casingMm: kind === 'gap' ? 0 : USUAL_SIZES.casingMm,
    casing: kind === 'gap' ? null : USUAL_FACES.trim,
    ...partsOf(kind),
  }
}

export const newFitting = (room: Room, wall: Wall): Fitting => ({
  id: freeId('f', room.fittings),
  name: `socket ${room.fittings.length + 1}`,
  kind: 'socket',
  wallId: wall.id,
  ...within(wall, 86),
  heightMm: 86,
  bottomMm: 300,
  scope: 'mask',
})

export function newPiece(room: Room, wall: Wall, kind: PieceKind): Piece {
  const size = PIECE_SIZES[kind]
  return {
    id: freeId('p', room.pieces),
    name: `${kind} ${room.pieces.length + 1}`,
    kind,
    wallId: wall.id,
    ...size,
    ...within(wall, size.widthMm),
    inUse: kind === 'cabinets',
    face: USUAL_FACES.trim,
  }
}

/** A lower colour all round, with its line at about two fifths of the height. */
export const newBand = (room: Room): Band => ({
  id: freeId('b', room.bands),
  name: room.bands.length === 0 ? 'lower colour' : `band ${room.bands.length + 1}`,
  kind: 'two-tone',
  wallIds: room.walls.map((wall) => wall.id),
  fromMm: 0,
  toMm: Math.round((room.heightMm * 0.4) / 10) * 10,
  face: room.walls[0]!.face,
})

export const newFoot = (room: Room, wall: Wall): FootStretch => ({
  id: freeId('z', room.foot),
  wallId: wall.id,
  fromMm: Math.round(wall.lengthMm / 3),
  toMm: Math.round((wall.lengthMm * 2) / 3),
  gapMm: 0,
  floor: { ...USUAL_FACES.floor, material: 'carpet', texture: 'masonry', colour: 'Carpet', swatch: '#a79b8c' },
})

export const newHandHem = (room: Room, wall: Wall): HandHem => ({
  id: freeId('h', room.handHems),
  name: `line ${room.handHems.length + 1}`,
  wallId: wall.id,
  x1: 0,
  y1: Math.round(room.heightMm / 2),
  x2: wall.lengthMm,
  y2: Math.round(room.heightMm / 2),
  bendMm: 0,
  keep: 'ceiling',
  paint: face('wall', wall.id),
})
