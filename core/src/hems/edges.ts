import { reachesFloor, skirtingMm } from '../survey/areas'
import type { FaceKey } from '../survey/faces'
import type { Fitting, Opening, Room, Wall } from '../survey/types'

export const EDGE_KINDS = [
  'wall to ceiling',
  'wall to wall',
  'wall to skirting',
  'skirting to floor',
  'wall to floor',
  'wall to casing',
  'casing to glass',
  'wall to frame',
  'wall to fitting',
] as const
export type EdgeKind = (typeof EDGE_KINDS)[number]

/** A straight piece of an edge on one wall: x from the wall's left end, y up from the floor, mm. */
export interface EdgeSegment {
  readonly wallId: string
  readonly x1: number
  readonly y1: number
  readonly x2: number
  readonly y2: number
}

/**
 * A place where two faces of a room meet. `key` stays the same when lengths change, so a hem's log stays with it:
 * it is made of face names and of what bounds the stretch, never of positions.
 */
export interface Edge {
  readonly key: string
  readonly kind: EdgeKind
  readonly a: FaceKey
  readonly b: FaceKey
  readonly segments: readonly EdgeSegment[]
  readonly lengthMm: number
  /** Corners at which the tape has to start anew. */
  readonly corners: number
  readonly orientation: 'level' | 'upright' | 'loop'
}

/** All edges of a room, whether or not they need a hem, wall by wall from left to right. */
export function roomEdges(room: Room): Edge[] {
  return room.walls.flatMap((wall, i) => [
    ceilingEdge(room, wall),
    ...lowEdges(room, wall),
    cornerEdge(room, wall, room.walls[(i + 1) % room.walls.length]!),
    ...room.openings.filter((each) => each.wallId === wall.id).flatMap(openingEdges),
    ...room.fittings.filter((each) => each.wallId === wall.id).map(fittingEdge),
  ])
}

function ceilingEdge(room: Room, wall: Wall): Edge {
  return line('wall to ceiling', `wall:${wall.id}`, 'ceiling', '', {
    wallId: wall.id,
    x1: 0,
    y1: room.heightMm,
    x2: wall.lengthMm,
    y2: room.heightMm,
  })
}

function cornerEdge(room: Room, wall: Wall, next: Wall): Edge {
  const low = Math.max(skirtingMm(room, wall.id), skirtingMm(room, next.id))
  return line('wall to wall', `wall:${wall.id}`, `wall:${next.id}`, '', {
    wallId: wall.id,
    x1: wall.lengthMm,
    y1: low,
    x2: wall.lengthMm,
    y2: room.heightMm,
  })
}

/** Skirting and floor lines, cut where a door reaches the floor. */
function lowEdges(room: Room, wall: Wall): Edge[] {
  const skirt = skirtingMm(room, wall.id)
  return freeStretches(room, wall).flatMap(({ from, to, bounds }) => {
    const at = (y: number): EdgeSegment => ({ wallId: wall.id, x1: from, y1: y, x2: to, y2: y })
    if (skirt === 0) return [line('wall to floor', `wall:${wall.id}`, 'floor', bounds, at(0))]
    return [
      line('wall to skirting', `wall:${wall.id}`, 'skirting', bounds, at(skirt)),
      line('skirting to floor', 'skirting', 'floor', `${wall.id}:${bounds}`, at(0)),
    ]
  })
}

function freeStretches(room: Room, wall: Wall): { from: number; to: number; bounds: string }[] {
  const doors = room.openings
    .filter((each) => each.wallId === wall.id && reachesFloor(each))
    .sort((a, b) => a.atMm - b.atMm)
  const stretches: { from: number; to: number; bounds: string }[] = []
  let from = 0
  let left = ''
  for (const door of doors) {
    stretches.push({ from, to: door.atMm - door.casingMm, bounds: `${left}..${door.id}` })
    from = door.atMm + door.widthMm + door.casingMm
    left = door.id
  }
  stretches.push({ from, to: wall.lengthMm, bounds: doors.length ? `${left}..` : '' })
  return stretches.filter(({ from: a, to: b }) => b > a)
}

function openingEdges(o: Opening): Edge[] {
  const wall = `wall:${o.wallId}`
  if (o.casing && o.casingMm > 0) {
    const outer = frame('wall to casing', wall, `casing:${o.id}`, o, o.casingMm)
    // A door leaf is parted from its casing by a gap; glass meets the casing directly.
    return o.kind === 'window' && o.leaf
      ? [outer, frame('casing to glass', `casing:${o.id}`, `leaf:${o.id}`, o, 0)]
      : [outer]
  }
  return o.leaf ? [frame('wall to frame', wall, `leaf:${o.id}`, o, 0)] : []
}

/** The edge round an opening, `outMm` outside of it; a door's has no bottom. */
function frame(kind: EdgeKind, a: FaceKey, b: FaceKey, o: Opening, outMm: number): Edge {
  const floorless = reachesFloor(o)
  const [left, right] = [o.atMm - outMm, o.atMm + o.widthMm + outMm]
  const [low, top] = [floorless ? 0 : o.sillMm - outMm, o.sillMm + o.heightMm + outMm]
  return loop(kind, a, b, o.wallId, left, low, right, top, floorless)
}

function fittingEdge(f: Fitting): Edge {
  const [right, top] = [f.atMm + f.widthMm, f.bottomMm + f.heightMm]
  return loop('wall to fitting', `wall:${f.wallId}`, `fitting:${f.id}`, f.wallId, f.atMm, f.bottomMm, right, top, false)
}

function line(kind: EdgeKind, a: FaceKey, b: FaceKey, bounds: string, s: EdgeSegment): Edge {
  const upright = s.x1 === s.x2
  const lengthMm = upright ? Math.abs(s.y2 - s.y1) : Math.abs(s.x2 - s.x1)
  const key = `${a}|${b}${bounds && `#${bounds}`}`
  return { key, kind, a, b, segments: [s], lengthMm, corners: 0, orientation: upright ? 'upright' : 'level' }
}

function loop(
  kind: EdgeKind,
  a: FaceKey,
  b: FaceKey,
  wallId: string,
  left: number,
  low: number,
  right: number,
  top: number,
  openBelow: boolean,
): Edge {
  const sides: EdgeSegment[] = [
    { wallId, x1: left, y1: low, x2: left, y2: top },
    { wallId, x1: left, y1: top, x2: right, y2: top },
    { wallId, x1: right, y1: top, x2: right, y2: low },
    ...(openBelow ? [] : [{ wallId, x1: right, y1: low, x2: left, y2: low }]),
  ]
  const lengthMm = 2 * (top - low) + (openBelow ? 1 : 2) * (right - left)
  return { key: `${a}|${b}`, kind, a, b, segments: sides, lengthMm, corners: openBelow ? 2 : 4, orientation: 'loop' }
}
