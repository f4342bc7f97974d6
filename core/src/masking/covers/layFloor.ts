import { nth } from '../../base/units/sure'
import type { PlanPoint } from '../../survey/rooms/outline'

/** Something laid on a floor: its corners in the room's plan, mm. */
export interface Laid {
  readonly coverId: string
  readonly corners: readonly PlanPoint[]
  readonly as: 'field' | 'strip' | 'middle' | 'way-out' | 'board' | 'stairs'
}

/** What a floor is laid with: cloths of one size, or strips run off a roll. */
export interface FieldCover {
  readonly id: string
  readonly widthMm: number
  readonly lengthMm: number
  readonly isRoll: boolean
}

/** Neighbours lie over one another by so much, mm. From memory. */
export const LAP_MM = { cloth: 150, strip: 50 } as const

export interface RowSpan {
  readonly from: number
  readonly to: number
}

/** A row across a floor, in a frame turned by an angle. */
export interface Row extends RowSpan {
  readonly y: number
}

/**
 * Lays a floor's real outline with rows of cloths or strips that lap, along its longest wall or across it, whichever takes
 * fewer cloths or less of the roll. What runs beyond a wall is folded up there.
 *
 * @param ring  outline, mm, closed by itself
 */
export function layField(ring: readonly PlanPoint[], cover: FieldCover): Laid[] {
  const along = longestAngle(ring)
  const ways = [along, along + Math.PI / 2].map((angle) => layRows(ring, cover, angle))
  return ways.reduce((best, way) => (runOf(way, cover) < runOf(best, cover) ? way : best))
}

/** Strip lengths of what was laid, mm; whole pieces for cloths. */
export const lengthOf = ({ corners }: Laid): number => {
  const [a, b] = corners
  return a && b ? Math.round(Math.hypot(b.x - a.x, b.y - a.y)) : 0
}

/** Cutting and taping one strip more counts like so much of the roll, mm: few long strips before many short. From memory. */
const EACH_STRIP_MM = 600

const runOf = (laid: readonly Laid[], { isRoll }: FieldCover): number =>
  isRoll ? laid.reduce((sum, each) => sum + lengthOf(each) + EACH_STRIP_MM, 0) : laid.length

function layRows(ring: readonly PlanPoint[], cover: FieldCover, angle: number): Laid[] {
  const turned = ring.map((point) => turn(point, -angle))
  const ys = turned.map(({ y }) => y)
  const [low, high] = [Math.min(...ys), Math.max(...ys)]
  const lap = cover.isRoll ? LAP_MM.strip : LAP_MM.cloth
  const step = cover.widthMm - lap
  const rows = Math.max(1, Math.ceil((high - low - lap) / step))
  const laid: Laid[] = []
  for (let row = 0; row < rows; row++) {
    const y = low + row * step
    for (const span of spansBetween(turned, y, y + cover.widthMm))
      for (const piece of piecesAlong({ ...span, y }, cover, lap))
        laid.push({
          coverId: cover.id,
          as: cover.isRoll ? 'strip' : 'field',
          corners: boxOf(piece, cover.widthMm).map((point) => turn(point, angle)),
        })
  }
  return laid
}

/** One strip as long as the row, or so many cloths as reach along it. */
function piecesAlong(row: Row, { isRoll, lengthMm }: FieldCover, lap: number): Row[] {
  const long = row.to - row.from
  if (isRoll && long <= lengthMm) return [row]
  const count = Math.max(1, Math.ceil((long - lap) / (lengthMm - lap)))
  return Array.from({ length: count }, (_, i) => {
    const from = row.from + i * (lengthMm - lap)
    return { y: row.y, from, to: isRoll ? Math.min(from + lengthMm, row.to) : from + lengthMm }
  })
}

export const boxOf = ({ from, to, y }: Row, wide: number): PlanPoint[] => [
  { x: from, y },
  { x: to, y },
  { x: to, y: y + wide },
  { x: from, y: y + wide },
]

/** Where an outline has anything between two heights: the shadow it throws on them. */
export function spansBetween(ring: readonly PlanPoint[], low: number, high: number): RowSpan[] {
  const spans: RowSpan[] = []
  const middle = (low + high) / 2
  const crossings: number[] = []
  ring.forEach((p, i) => {
    const q = ring[(i + 1) % ring.length] ?? p
    const [top, bottom] = [Math.max(low, Math.min(p.y, q.y)), Math.min(high, Math.max(p.y, q.y))]
    if (top <= bottom) {
      const at = (y: number) => (q.y === p.y ? p.x : p.x + ((y - p.y) / (q.y - p.y)) * (q.x - p.x))
      const ends = p.y === q.y ? [p.x, q.x] : [at(top), at(bottom)]
      spans.push({ from: Math.min(...ends), to: Math.max(...ends) })
    }
    if (p.y < middle !== q.y < middle) crossings.push(p.x + ((middle - p.y) / (q.y - p.y)) * (q.x - p.x))
  })
  // Between its edges an outline is filled: where the middle lies inside, so does what is over and under it.
  crossings.sort((a, b) => a - b)
  for (let i = 0; i + 1 < crossings.length; i += 2) spans.push({ from: nth(crossings, i), to: nth(crossings, i + 1) })
  return joined(spans)
}

/** Spans that touch, as one; those of no length only touch the row from outside. */
function joined(spans: readonly RowSpan[]): RowSpan[] {
  const all: RowSpan[] = []
  for (const span of [...spans].sort((a, b) => a.from - b.from)) {
    const last = all.at(-1)
    if (last && span.from <= last.to + 1) all[all.length - 1] = { from: last.from, to: Math.max(last.to, span.to) }
    else all.push(span)
  }
  return all.filter(({ from, to }) => to - from > 1)
}

export function longestAngle(ring: readonly PlanPoint[]): number {
  let [longest, angle] = [0, 0]
  ring.forEach((p, i) => {
    const q = ring[(i + 1) % ring.length] ?? p
    const long = Math.hypot(q.x - p.x, q.y - p.y)
    if (long > longest + 1) [longest, angle] = [long, Math.atan2(q.y - p.y, q.x - p.x)]
  })
  return angle
}

/** A point turned about the origin. */
export function turn({ x, y }: PlanPoint, angle: number): PlanPoint {
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)]
  return { x: x * cos - y * sin, y: x * sin + y * cos }
}

interface LayAlongSetup {
  readonly from: PlanPoint
  readonly to: PlanPoint
  readonly cover: FieldCover
  readonly as: Laid['as']
  readonly count: number
}

/** Pieces end to end along a line, from its beginning, each centred on it. */
export function layAlong({ from, to, cover, as, count }: LayAlongSetup): Laid[] {
  const angle = Math.atan2(to.y - from.y, to.x - from.x)
  return Array.from({ length: count }, (_, i) => {
    const row = { from: i * cover.lengthMm, to: (i + 1) * cover.lengthMm, y: -cover.widthMm / 2 }
    const corners = boxOf(row, cover.widthMm).map((point) => {
      const turned = turn(point, angle)
      return { x: from.x + turned.x, y: from.y + turned.y }
    })
    return { coverId: cover.id, as, corners }
  })
}
