import { face, type Piece, type Room } from '../../base/nouns'
import { stepOf } from '../../survey/rooms/faces'
import { traceOutline, type PlanPoint } from '../../survey/rooms/outline'
import { boxOf, longestAngle, turn } from './layFloor'

/** Furniture as it stands together while a room is painted. */
export interface GatheredNeeds {
  readonly pieces: readonly Piece[]
  /** The block they make, mm; as high as the highest. */
  readonly longMm: number
  readonly deepMm: number
  readonly heightMm: number
  /** Its corners in the room’s plan, and those of each piece, in the order of the pieces. */
  readonly block: readonly PlanPoint[]
  readonly places: readonly (readonly PlanPoint[])[]
}

/** Pieces stand so far apart, so that none rubs, mm. From memory. */
const APART_MM = 50
/** What is left free along the walls, mm: to walk and to stand a ladder, or at the least to edge past. From memory. */
const FREE_MM = [900, 700, 500] as const
/** Places for the block are tried this far apart, mm. */
const TRY_EACH_MM = 200

interface Box {
  readonly x: number
  readonly y: number
  readonly wide: number
  readonly deep: number
}

/**
 * Gathers a room’s furniture in the middle, clear of its walls, so that one sheet covers it. Null where there is less than two
 * pieces, where it is painted itself, or where no block of it leaves room to walk: then each piece is sheeted where it stands.
 */
export function gatheredIn(room: Room): GatheredNeeds | null {
  const found = known.get(room)
  if (found !== undefined) return found
  const made = gather(room)
  known.set(room, made)
  return made
}

/** Asked for covers, for minutes and for drawings: a room’s block is looked for once. */
const known = new WeakMap<Room, GatheredNeeds | null>()

function gather(room: Room): GatheredNeeds | null {
  // A floor that is painted must be empty: what stood on it goes elsewhere.
  if (room.kind !== 'room' || stepOf(room, 'floor')) return null
  const pieces = room.pieces.filter(
    (piece) => piece.kind === 'furniture' && stepOf(room, face('piece', piece.id)) === null,
  )
  if (pieces.length < 2) return null
  const ring = traceOutline(room.walls).corners
  const angle = longestAngle(ring)
  const turned = ring.map((point) => turn(point, -angle))
  for (const free of FREE_MM)
    for (const { boxes, wide, deep } of blocksOf(pieces)) {
      const at = placeIn(turned, wide, deep, free)
      if (!at) continue
      const corners = ({ x, y, wide: long, deep: across }: Box) =>
        boxOf({ from: at.x + x, to: at.x + x + long, y: at.y + y }, across).map((point) => turn(point, angle))
      return {
        pieces,
        longMm: wide,
        deepMm: deep,
        heightMm: Math.max(...pieces.map((piece) => piece.heightMm)),
        block: corners({ x: 0, y: 0, wide, deep }),
        places: boxes.map(corners),
      }
    }
  return null
}

/** Pieces of which pairs are tried as rows, and blocks of which places are looked for: the rest take more floor. */
const MOST_PAIRED = 12
const MOST_BLOCKS = 8

interface Block {
  readonly boxes: readonly Box[]
  readonly wide: number
  readonly deep: number
}

/** Blocks the pieces can make, that of least floor first: rows of falling depth, for several widths (next fit, deepest first). */
function blocksOf(pieces: readonly Piece[]): Block[] {
  const sizes = pieces.map(({ widthMm, depthMm }) => ({
    wide: Math.max(widthMm, depthMm) + APART_MM,
    deep: Math.min(widthMm, depthMm) + APART_MM,
  }))
  const most = sizes.reduce((sum, { wide }) => sum + wide, 0)
  const least = Math.max(...sizes.map(({ wide }) => wide))
  const rows = sizes.slice(0, MOST_PAIRED)
  const pairs = rows.flatMap((one, i) => rows.slice(i + 1).map((other) => one.wide + other.wide))
  const widths = [...sizes.map((_, i) => Math.ceil(most / (i + 1))), ...pairs].map((width) => Math.max(least, width))
  const blocks = [...new Set(widths)].map((width) => rowsIn(sizes, width))
  return blocks.sort((a, b) => a.wide * a.deep - b.wide * b.deep).slice(0, MOST_BLOCKS)
}

function rowsIn(sizes: readonly { readonly wide: number; readonly deep: number }[], width: number): Block {
  const order = [...sizes.keys()].sort((a, b) => (sizes[b]?.deep ?? 0) - (sizes[a]?.deep ?? 0))
  const boxes: Box[] = []
  let [x, y, row, wide] = [0, 0, 0, 0]
  for (const i of order) {
    const size = sizes[i]
    if (!size) continue
    if (x > 0 && x + size.wide > width) [x, y, row] = [0, y + row, 0]
    boxes[i] = { x, y, wide: size.wide - APART_MM, deep: size.deep - APART_MM }
    x += size.wide
    row = Math.max(row, size.deep)
    wide = Math.max(wide, x)
  }
  return { boxes, wide, deep: y + row }
}

/** Where a block stands farthest from all walls, with so much free around it; null where nowhere. */
function placeIn(ring: readonly PlanPoint[], wide: number, deep: number, free: number): PlanPoint | null {
  const [xs, ys] = [ring.map(({ x }) => x), ring.map(({ y }) => y)]
  let best: { readonly at: PlanPoint; readonly clear: number } | null = null
  for (const x of between(Math.min(...xs) + free, Math.max(...xs) - free - wide))
    for (const y of between(Math.min(...ys) + free, Math.max(...ys) - free - deep)) {
      const clear = clearance(ring, { x, y, wide, deep }, free)
      if (clear >= free && (!best || clear > best.clear)) best = { at: { x, y }, clear }
    }
  return best?.at ?? null
}

/** Places from one to another, both with them and the middle; none where there is no way between. */
function between(from: number, to: number): number[] {
  if (to < from) return []
  const steps = 2 * Math.ceil((to - from) / (2 * TRY_EACH_MM))
  return Array.from({ length: steps + 1 }, (_, i) => (steps === 0 ? from : from + ((to - from) * i) / steps))
}

/** Distance from a box to the nearest wall, mm; less than `least` as soon as it is known to be, negative where it stands outside. */
function clearance(ring: readonly PlanPoint[], box: Box, least: number): number {
  if (!isInside(ring, { x: box.x + box.wide / 2, y: box.y + box.deep / 2 })) return -1
  let nearest = Number.POSITIVE_INFINITY
  for (const [i, a] of ring.entries()) {
    nearest = Math.min(nearest, apart(a, ring[(i + 1) % ring.length] ?? a, box))
    if (nearest < least) break
  }
  return nearest
}

/** Distance of a wall from a box: 0 where it goes through it. Looked at in steps of a hand’s width. */
function apart(a: PlanPoint, b: PlanPoint, { x, y, wide, deep }: Box): number {
  const steps = Math.max(1, Math.ceil(Math.hypot(b.x - a.x, b.y - a.y) / 100))
  let nearest = Number.POSITIVE_INFINITY
  for (let i = 0; i <= steps; i++) {
    const [px, py] = [a.x + ((b.x - a.x) * i) / steps, a.y + ((b.y - a.y) * i) / steps]
    const dx = Math.max(x - px, 0, px - x - wide)
    const dy = Math.max(y - py, 0, py - y - deep)
    nearest = Math.min(nearest, Math.hypot(dx, dy))
  }
  return nearest
}

/** Whether a point lies within an outline: a ray from it crosses the outline an odd number of times. */
function isInside(ring: readonly PlanPoint[], { x, y }: PlanPoint): boolean {
  let inside = false
  ring.forEach((a, i) => {
    const b = ring[(i + 1) % ring.length] ?? a
    if (a.y > y !== b.y > y && x < a.x + ((y - a.y) / (b.y - a.y)) * (b.x - a.x)) inside = !inside
  })
  return inside
}
