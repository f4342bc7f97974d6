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
  shutters: { bottomMm: 900, widthMm: 1200, heightMm: 1200, depthMm: 40, count: 2 },
  radiator: { bottomMm: 150, widthMm: 1000, heightMm: 600, depthMm: 100, count: 1 },
  furniture: { bottomMm: 0, widthMm: 1800, heightMm: 900, depthMm: 900, count: 1 },
  'roof-window': { bottomMm: 1300, widthMm: 780, heightMm: 1180, depthMm: 60, count: 1 },
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
    // Trim is one: a casing has the finish of the skirting.
    casing: kind === 'gap' ? null : (room.skirting?.face ?? USUAL_FACES.trim),
    ...partsOf(kind),
  }
}

/**
 * A room with so many doors, from its first wall on, and windows, from the wall across: each in the middle of a wall that has
 * none yet, then side by side, as long as they fit.
 */
export function withOpenings(room: Room, doors: number, windows: number): Room {
  const across = Math.floor(room.walls.length / 2)
  const all = [
    ...Array.from({ length: doors }, (_, i) => ({ kind: 'door' as const, first: i })),
    ...Array.from({ length: windows }, (_, i) => ({ kind: 'window' as const, first: across + i })),
  ]
  return all.reduce((before, { kind, first }) => {
    const turned = before.walls.map((_, i) => before.walls[(first + i) % before.walls.length]!)
    const count = (wall: Wall) => before.openings.filter((opening) => opening.wallId === wall.id).length
    const [wall] = turned.sort((a, b) => count(a) - count(b)).filter((each) => hasRoom(before, each, kind))
    return wall ? spread({ ...before, openings: [...before.openings, newOpening(before, wall, kind)] }, wall) : before
  }, room)
}

/**
 * One more opening on a wall: where those that are there stand evenly, all are spread anew; where a hand has moved one, it goes
 * into the middle of the widest gap.
 */
export function withOpening(room: Room, wall: Wall, kind: OpeningKind): { room: Room; id: string } {
  const opening = newOpening(room, wall, kind)
  const own = room.openings.filter((each) => each.wallId === wall.id)
  const isEven = spread(room, wall).openings.every((each, i) => each.atMm === room.openings[i]?.atMm)
  const added = { ...room, openings: [...room.openings, opening] }
  if (isEven && hasRoom(room, wall, kind)) return { room: spread(added, wall), id: opening.id }
  const gap = widestGap(own, wall)
  const atMm = Math.round(Math.min(wall.lengthMm - opening.widthMm, Math.max(0, gap.middle - opening.widthMm / 2)))
  const placed = { ...room, openings: [...room.openings, { ...opening, atMm }] }
  return { room: placed, id: opening.id }
}

/** The widest stretch of a wall that no opening with its casing stands in. */
function widestGap(own: readonly Opening[], wall: Wall): { readonly mm: number; readonly middle: number } {
  const taken = own
    .map(({ atMm, widthMm, casingMm }) => [atMm - casingMm, atMm + widthMm + casingMm] as const)
    .sort((a, b) => a[0] - b[0])
  let [from, best] = [0, { mm: 0, middle: wall.lengthMm / 2 }]
  for (const [left, right] of [...taken, [wall.lengthMm, wall.lengthMm] as const]) {
    if (left - from > best.mm) best = { mm: left - from, middle: (from + left) / 2 }
    from = Math.max(from, right)
  }
  return best
}

/** Pairs of openings and fittings of a room that lie over one another, casings and all. */
export function overlaps(room: Room): { readonly one: string; readonly other: string; readonly wallId: string }[] {
  const boxes = [
    ...room.openings.map(({ name, wallId, atMm, widthMm, sillMm, heightMm, casingMm }) => ({
      name,
      wallId,
      left: atMm - casingMm,
      right: atMm + widthMm + casingMm,
      low: sillMm === 0 ? 0 : sillMm - casingMm,
      high: sillMm + heightMm + casingMm,
    })),
    ...room.fittings
      .filter(({ on }) => on === 'wall')
      .map(({ name, wallId, atMm, widthMm, bottomMm, heightMm }) => ({
        name,
        wallId,
        left: atMm,
        right: atMm + widthMm,
        low: bottomMm,
        high: bottomMm + heightMm,
      })),
  ]
  return boxes.flatMap((one, i) =>
    boxes
      .slice(i + 1)
      .filter(
        (other) =>
          one.wallId === other.wallId &&
          one.left < other.right &&
          other.left < one.right &&
          one.low < other.high &&
          other.low < one.high,
      )
      .map((other) => ({ one: one.name, other: other.name, wallId: one.wallId })),
  )
}

/** Whether one more opening fits on a wall, with its casing and a hand's breadth beside each, 200 mm. From memory. */
function hasRoom(room: Room, wall: Wall, kind: OpeningKind): boolean {
  const own = room.openings.filter((opening) => opening.wallId === wall.id).map((opening) => opening.widthMm)
  const widths = [...own, OPENING_SIZES[kind].widthMm]
  return widths.reduce((sum, width) => sum + width + 2 * USUAL_SIZES.casingMm + 200, 0) <= wall.lengthMm
}

/** The openings of a wall with the same free length before, between and behind them. */
function spread(room: Room, wall: Wall): Room {
  const own = room.openings.filter((opening) => opening.wallId === wall.id)
  const free = (wall.lengthMm - own.reduce((sum, each) => sum + each.widthMm, 0)) / (own.length + 1)
  const at = new Map(
    own.map((each, i) => [each.id, own.slice(0, i).reduce((sum, one) => sum + one.widthMm + free, free)]),
  )
  return {
    ...room,
    openings: room.openings.map((opening) => ({ ...opening, atMm: Math.round(at.get(opening.id) ?? opening.atMm) })),
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
  on: 'wall',
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
    // A shutter is painted all round; of a cabinet door only what shows until somebody says otherwise.
    paintedSides: kind === 'shutters' ? 2 : 1,
    takenOff: kind === 'shutters',
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
  shapes: [],
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
