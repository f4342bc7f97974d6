import { line, type Edge, type EdgeSegment } from './edge'
import { type FootStretch, type Room, type Wall, face, writeFace, meeting, type Between } from '../../base/nouns'
import { reachesFloor, skirtingMm } from '../rooms/areas'

interface Stretch {
  readonly from: number
  readonly to: number
  /** What bounds it left and right, by id; outlives changes of size. */
  readonly left: string
  readonly right: string
}

/** Skirting and floor lines of a wall: cut where a door reaches the floor, and where floor or gap change. */
export function footEdges(room: Room, wall: Wall): Edge[] {
  const skirt = skirtingMm(room, wall.id)
  const usual = room.skirting?.gapMm ?? 0
  const gapVaries = room.foot.some((stretch) => stretch.wallId === wall.id && stretch.gapMm !== usual)
  return freeStretches(room, wall).flatMap((free) => {
    const at = (part: Stretch, y: number): EdgeSegment => ({
      wallId: wall.id,
      x1: part.from,
      y1: y,
      x2: part.to,
      y2: y,
    })
    const floorLines = byFloor(room, wall, free).map(({ part, under }) => {
      const floor = under?.floor ? face('floor', under.id) : writeFace({ kind: 'floor', id: null })
      const gapMm = under?.gapMm ?? usual
      const own = face('wall', wall.id)
      if (skirt === 0)
        return {
          ...line('wall-to-floor', meeting(own, floor, { between: boundsOf(part) }), at(part, 0)),
          gapMm,
          gapVaries,
        }
      // The skirting goes round, so its foot names the wall; a stretch without bounds is written all the same.
      const foot = meeting(SKIRTING, floor, { wallId: wall.id, between: boundsOf(part) ?? { left: '', right: '' } })
      return { ...line('skirting-to-floor', foot, at(part, 0)), gapMm, gapVaries }
    })
    if (skirt === 0) return floorLines
    const top = meeting(face('wall', wall.id), SKIRTING, { between: boundsOf(free) })
    return [line('wall-to-skirting', top, at(free, skirt)), ...floorLines]
  })
}

const SKIRTING = writeFace({ kind: 'skirting', id: null })

const boundsOf = ({ left, right }: Stretch): Between | null => (left || right ? { left, right } : null)

/** Stretches of a wall's foot between the things that reach the floor. */
function freeStretches(room: Room, wall: Wall): Stretch[] {
  const standing = [
    ...room.openings
      .filter((opening) => opening.wallId === wall.id && reachesFloor(opening))
      .map((o) => ({ id: o.id, from: o.atMm - o.casingMm, to: o.atMm + o.widthMm + o.casingMm })),
    ...room.pieces
      .filter((piece) => piece.wallId === wall.id && piece.kind === 'cabinets' && piece.bottomMm === 0)
      .map((p) => ({ id: p.id, from: p.atMm, to: p.atMm + p.widthMm })),
  ].sort((a, b) => a.from - b.from)
  const stretches: Stretch[] = []
  let [from, left] = [0, '']
  for (const thing of standing) {
    stretches.push({ from, to: thing.from, left, right: thing.id })
    from = Math.max(from, thing.to)
    left = thing.id
  }
  stretches.push({ from, to: wall.lengthMm, left, right: '' })
  return stretches.filter((stretch) => stretch.to > stretch.from)
}

/** Cuts a stretch where another floor or gap begins or ends. */
function byFloor(room: Room, wall: Wall, free: Stretch): { part: Stretch; under: FootStretch | null }[] {
  const others = room.foot
    .filter((stretch) => stretch.wallId === wall.id && stretch.toMm > free.from && stretch.fromMm < free.to)
    .sort((a, b) => a.fromMm - b.fromMm)
  const parts: { part: Stretch; under: FootStretch | null }[] = []
  let [from, left] = [free.from, free.left]
  for (const under of others) {
    const [start, end] = [Math.max(from, under.fromMm), Math.min(free.to, under.toMm)]
    if (start > from) parts.push({ part: { from, to: start, left, right: under.id }, under: null })
    // A stretch that runs on under a door is named by the door there, so that its two parts have names of their own.
    const [before, after] = [start === free.from ? free.left : under.id, end === free.to ? free.right : under.id]
    if (end > start) parts.push({ part: { from: start, to: end, left: before, right: after }, under })
    from = Math.max(from, end)
    left = under.id
  }
  if (from < free.to) parts.push({ part: { from, to: free.to, left, right: free.right }, under: null })
  return parts
}
