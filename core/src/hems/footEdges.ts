import type { FootStretch, Room, Wall } from '../ground'
import { reachesFloor, skirtingMm } from '../survey/areas'
import { line, type Edge, type EdgeSegment } from './edges'

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
  return freeStretches(room, wall).flatMap((free) => {
    const at = (part: Stretch, y: number): EdgeSegment => ({
      wallId: wall.id,
      x1: part.from,
      y1: y,
      x2: part.to,
      y2: y,
    })
    const floorLines = byFloor(room, wall, free).map(({ part, under }) => {
      const floor = under?.floor ? `floor:${under.id}` : 'floor'
      const gapMm = under?.gapMm ?? room.skirting?.gapMm ?? 0
      const bounds = boundsOf(part)
      if (skirt === 0) return { ...line('wall to floor', `wall:${wall.id}`, floor, bounds, at(part, 0)), gapMm }
      return { ...line('skirting to floor', 'skirting', floor, `${wall.id}:${bounds}`, at(part, 0)), gapMm }
    })
    if (skirt === 0) return floorLines
    return [line('wall to skirting', `wall:${wall.id}`, 'skirting', boundsOf(free), at(free, skirt)), ...floorLines]
  })
}

const boundsOf = ({ left, right }: Stretch): string => (left || right ? `${left}..${right}` : '')

/** Stretches of a wall's foot between the things that reach the floor. */
function freeStretches(room: Room, wall: Wall): Stretch[] {
  const standing = [
    ...room.openings
      .filter((each) => each.wallId === wall.id && reachesFloor(each))
      .map((o) => ({ id: o.id, from: o.atMm - o.casingMm, to: o.atMm + o.widthMm + o.casingMm })),
    ...room.pieces
      .filter((each) => each.wallId === wall.id && each.kind === 'cabinets' && each.bottomMm === 0)
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
  return stretches.filter((each) => each.to > each.from)
}

/** Cuts a stretch where another floor or gap begins or ends. */
function byFloor(room: Room, wall: Wall, free: Stretch): { part: Stretch; under: FootStretch | null }[] {
  const others = room.foot
    .filter((each) => each.wallId === wall.id && each.toMm > free.from && each.fromMm < free.to)
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
