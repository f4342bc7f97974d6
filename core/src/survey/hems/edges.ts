import { nth, sure } from '../../base/units/sure'
import { arcMm, curveOf } from '../rooms/curve'
import { coursesTouched } from '../lines/laps'
import { lengthOfMm, line, named, PLAIN_EDGE, type Edge, type EdgeKind, type EdgeSegment } from './edge'
import {
  type Fitting,
  type HandHem,
  type Opening,
  type Piece,
  type Room,
  type Wall,
  face,
  writeFace,
  writeEdge,
  meeting,
  type BandLine,
  type FaceKey,
} from '../../base/nouns'
import { reachesFloor, skirtingMm } from '../rooms/areas'
import { paneEdgeMm, panesOf } from '../rooms/glazing'
import { hostOf } from '../rooms/fittings'
import { topAtMm, topLine } from '../rooms/wallTop'
import { shapeEdges } from './shapeEdges'
import { footEdges } from './footEdges'
import { zoneAt } from './zoneAt'
import { zoned } from './zones'

/** All edges of an area, whether or not they need a hem, wall by wall from left to right. */
export function roomEdges(room: Room): Edge[] {
  const edges = room.walls.flatMap((wall, i) => [
    ...(wall.free ? [] : [ceilingEdge(room, wall)]),
    ...footEdges(room, wall),
    ...cornerEdges(room, wall, i),
    ...bandEdges(room, wall),
    ...room.openings.filter((opening) => opening.wallId === wall.id).flatMap((opening) => openingEdges(opening, wall)),
    ...room.fittings.filter((fitting) => fitting.wallId === wall.id).map((fitting) => fittingEdge(room, wall, fitting)),
    ...room.pieces.filter((piece) => piece.wallId === wall.id).flatMap(pieceEdges),
  ])
  return [
    ...edges.flatMap((edge) => zoned(room, edge)),
    ...room.walls.flatMap((wall) => shapeEdges(room, wall)),
    ...room.handHems.map(handEdge),
  ]
}

function ceilingEdge(room: Room, wall: Wall): Edge {
  const line = topLine(room, wall)
  const segments = line.slice(1).map((point, i): EdgeSegment => ({
    wallId: wall.id,
    x1: nth(line, i).atMm,
    y1: nth(line, i).heightMm,
    x2: point.atMm,
    y2: point.heightMm,
  }))
  return {
    ...PLAIN_EDGE,
    ...named(meeting(face('wall', wall.id), writeFace({ kind: 'ceiling', id: null }))),
    kind: 'wall-to-ceiling',
    segments,
    lengthMm: lengthOfMm(segments),
    corners: segments.length - 1,
    orientation: 'level',
  }
}

/** The corner at a wall's right end; an elevation's last wall has none. */
function cornerEdges(room: Room, wall: Wall, index: number): Edge[] {
  const last = index === room.walls.length - 1
  if (last && room.kind === 'elevation') return []
  const next = nth(room.walls, (index + 1) % room.walls.length)
  const low = Math.max(skirtingMm(room, wall.id), skirtingMm(room, next.id))
  const high = Math.min(sure(topLine(room, wall).at(-1)).heightMm, nth(topLine(room, next), 0).heightMm)
  if (high <= low) return []
  const edge = line('wall-to-wall', meeting(face('wall', wall.id), face('wall', next.id)), {
    wallId: wall.id,
    x1: wall.lengthMm,
    y1: low,
    x2: wall.lengthMm,
    y2: high,
  })
  return [{ ...edge, radiusMm: wall.cornerRadiusMm }]
}

/** The upper and the lower line of each band on a wall, cut by the openings that reach through them. */
function bandEdges(room: Room, wall: Wall): Edge[] {
  const foot = skirtingMm(room, wall.id)
  return room.bands
    .filter((band) => band.shapes.length === 0 && band.wallIds.includes(wall.id))
    .flatMap((band) => [
      ...(band.fromMm > foot ? bandLine({ room, wall, bandId: band.id, which: 'under', y: band.fromMm }) : []),
      ...(band.toMm < Math.min(...topLine(room, wall).map((point) => point.heightMm))
        ? bandLine({ room, wall, bandId: band.id, which: 'over', y: band.toMm })
        : []),
    ])
}

interface BandLineSetup {
  readonly room: Room
  readonly wall: Wall
  readonly bandId: string
  readonly which: BandLine
  readonly y: number
}

function bandLine({ room, wall, bandId, which, y }: BandLineSetup): Edge[] {
  const through = room.openings
    .filter((o) => o.wallId === wall.id && o.sillMm - o.casingMm < y && o.sillMm + o.heightMm + o.casingMm > y)
    .sort((a, b) => a.atMm - b.atMm)
  const band = face('band', bandId)
  const beyond = zoneAt(room, wall.id, { x: wall.lengthMm / 2, y: which === 'over' ? y + 1 : y - 1 })
  const other = room.bands.findIndex(({ id }) => face('band', id) === beyond)
  // Two bands that meet have one line between them: the first of them tells it.
  if (other >= 0 && other < room.bands.findIndex(({ id }) => id === bandId)) return []
  const edges: Edge[] = []
  let [from, bound] = [0, '']
  const add = (to: number, next: string) => {
    if (to <= from) return
    const between = bound || next ? { left: bound, right: next } : null
    const at: EdgeSegment = { wallId: wall.id, x1: from, y1: y, x2: to, y2: y }
    edges.push({
      ...PLAIN_EDGE,
      ...named(meeting(band, beyond, other < 0 ? { line: which, between } : { wallId: wall.id, between })),
      kind: 'two-tone-line',
      segments: [at],
      lengthMm: to - from,
      orientation: 'level',
    })
  }
  for (const opening of through) {
    add(opening.atMm - opening.casingMm, opening.id)
    from = opening.atMm + opening.widthMm + opening.casingMm
    bound = opening.id
  }
  add(wall.lengthMm, '')
  return edges
}

function openingEdges(o: Opening, wall: Wall): Edge[] {
  const wallFace = face('wall', o.wallId)
  const cased = o.casing !== null && o.casingMm > 0
  const edges: Edge[] = []
  if (cased)
    edges.push(frame({ kind: 'wall-to-casing', a: wallFace, b: face('casing', o.id), o, outMm: o.casingMm, wall }))
  else if (o.leaf && !o.takenOff)
    edges.push(frame({ kind: 'wall-to-frame', a: wallFace, b: face('leaf', o.id), o, outMm: 0, wall }))
  if (cased && reachesFloor(o)) edges.push(feet(o))
  // A door leaf is parted from its casing by a gap; glass meets the casing or the bars directly.
  if (o.kind === 'window' && o.leaf && cased) edges.push(paneEdge(face('casing', o.id), face('leaf', o.id), o))
  if (o.kind === 'glazed-doors' && o.leaf) edges.push(paneEdge(face('leaf', o.id), face('glass', o.id), o))
  return edges
}

/** The two feet of a casing on the floor. */
function feet(o: Opening): Edge {
  const at = (x1: number): EdgeSegment => ({ wallId: o.wallId, x1, y1: 0, x2: x1 + o.casingMm, y2: 0 })
  return {
    ...PLAIN_EDGE,
    ...named(meeting(face('casing', o.id), writeFace({ kind: 'floor', id: null }))),
    kind: 'casing-to-floor',
    segments: [at(o.atMm - o.casingMm), at(o.atMm + o.widthMm)],
    lengthMm: 2 * o.casingMm,
    orientation: 'level',
  }
}

/** Round every pane of an opening: one strip a side, four to a pane. */
function paneEdge(a: FaceKey, b: FaceKey, o: Opening): Edge {
  const count = panesOf(o).count
  const around = frame({
    kind: 'casing-to-glass',
    a,
    b,
    o: { ...o, sillMm: Math.max(1, o.sillMm) },
    outMm: 0,
    wall: null,
  })
  return { ...around, lengthMm: paneEdgeMm(o), corners: 4 * count, panes: count }
}

interface FrameSetup {
  readonly kind: EdgeKind
  readonly a: FaceKey
  readonly b: FaceKey
  readonly o: Opening
  readonly outMm: number
  readonly wall: Wall | null
}

/** The edge round an opening, `outMm` outside of it; one that reaches the floor has no bottom. */
function frame({ kind, a, b, o, outMm, wall }: FrameSetup): Edge {
  const floorless = reachesFloor(o)
  const box = {
    left: o.atMm - outMm,
    right: o.atMm + o.widthMm + outMm,
    low: floorless ? 0 : o.sillMm - outMm,
    top: o.sillMm + o.heightMm + outMm,
  }
  const edge = loop({ kind, a, b, wallId: o.wallId, box, openBelow: floorless })
  // A lapped face steps beside an opening: every lap wants a strip of its own, top and bottom are single.
  return wall?.lapMm ? { ...edge, laps: coursesTouched(wall.lapMm, wall.lapFromMm, box.low, box.top) } : edge
}

/** Round a fitting. On a ceiling it has no height of its own on the wall's sheet: its line is told at the top of the wall it is measured from. */
function fittingEdge(room: Room, wall: Wall, f: Fitting): Edge {
  if (f.on === 'ceiling') {
    const top = topAtMm(room, wall, f.atMm + f.widthMm / 2)
    const box = { left: f.atMm, right: f.atMm + f.widthMm, low: top, top }
    const edge = loop({
      kind: 'ceiling-to-fitting',
      a: hostOf(f),
      b: face('fitting', f.id),
      wallId: f.wallId,
      box,
      openBelow: false,
    })
    return { ...edge, lengthMm: 2 * (f.widthMm + f.heightMm) }
  }
  return loop({
    kind: 'wall-to-fitting',
    a: face('wall', f.wallId),
    b: face('fitting', f.id),
    wallId: f.wallId,
    box: boxOf(f),
    openBelow: false,
  })
}

/** A piece's edge to the wall behind it, and those of its own: cabinet mouths, the string of a stair. */
function pieceEdges(p: Piece): Edge[] {
  const own = face('piece', p.id)
  const standing = p.bottomMm === 0
  const around = (kind: Edge['kind'], a: FaceKey, openBelow: boolean) =>
    loop({ kind, a, b: own, wallId: p.wallId, box: boxOf(p), openBelow })
  switch (p.kind) {
    case 'furniture':
      return []
    case 'radiator':
      return [around('wall-to-piece', face('wall', p.wallId), false)]
    case 'cabinets':
      return [around('wall-to-piece', face('wall', p.wallId), standing), ...(p.inUse ? [mouths(p, own)] : [])]
    case 'shutters':
      // What stays on its hinges is cut in round; what is taken off leaves the wall bare.
      return p.takenOff ? [] : [around('wall-to-piece', face('wall', p.wallId), false)]
    case 'roof-window':
      return [around('ceiling-to-window', writeFace({ kind: 'ceiling', id: null }), false)]
    case 'stairs':
      return [string(p, own)]
  }
}

/** Openings of cabinets that stay full: what is inside is kept, door by door. */
function mouths(p: Piece, own: FaceKey): Edge {
  const around = loop({
    kind: 'cabinet-mouth',
    a: own,
    b: face('inside', p.id),
    wallId: p.wallId,
    box: boxOf(p),
    openBelow: false,
  })
  const door = Math.round(p.widthMm / p.count)
  return {
    ...around,
    // Its name says `inside` only: the cabinets stand beside it.
    key: writeEdge(meeting(own, writeFace({ kind: 'inside', id: null }))),
    lengthMm: p.count * 2 * (door + p.heightMm),
    corners: 4 * p.count,
    panes: p.count,
  }
}

/** Both strings of a stair along treads and risers. */
function string(p: Piece, own: FaceKey): Edge {
  const segment: EdgeSegment = {
    wallId: p.wallId,
    x1: p.atMm,
    y1: p.bottomMm,
    x2: p.atMm + p.widthMm,
    y2: p.bottomMm + p.heightMm,
  }
  return {
    ...PLAIN_EDGE,
    ...named(meeting(own, writeFace({ kind: 'floor', id: null }))),
    kind: 'stair-string',
    segments: [segment],
    lengthMm: 2 * (p.heightMm + p.depthMm),
    corners: 4 * p.count,
    orientation: 'loop',
  }
}

const boxOf = (thing: Pick<Fitting, 'atMm' | 'bottomMm' | 'widthMm' | 'heightMm'>) => ({
  left: thing.atMm,
  right: thing.atMm + thing.widthMm,
  low: thing.bottomMm,
  top: thing.bottomMm + thing.heightMm,
})

function handEdge(h: HandHem): Edge {
  const segment: EdgeSegment = { wallId: h.wallId, x1: h.x1, y1: h.y1, x2: h.x2, y2: h.y2 }
  return {
    ...PLAIN_EDGE,
    key: writeEdge({ is: 'hand', id: h.id, part: null }),
    kind: 'by-hand',
    a: h.paint,
    b: h.keep,
    segments: [segment],
    lengthMm: h.bendMm === 0 ? Math.round(lengthOfMm([segment])) : Math.round(arcMm(lengthOfMm([segment]), h.bendMm)),
    orientation: h.x1 === h.x2 ? 'upright' : 'level',
    curve: h.bendMm === 0 ? null : curveOf(lengthOfMm([segment]), h.bendMm),
  }
}

interface Box {
  readonly left: number
  readonly right: number
  readonly low: number
  readonly top: number
}

interface LoopSetup {
  readonly kind: EdgeKind
  readonly a: FaceKey
  readonly b: FaceKey
  readonly wallId: string
  readonly box: Box
  readonly openBelow: boolean
}

function loop({ kind, a, b, wallId, box, openBelow }: LoopSetup): Edge {
  const { left, right, low, top } = box
  const segments: EdgeSegment[] = [
    { wallId, x1: left, y1: low, x2: left, y2: top },
    { wallId, x1: left, y1: top, x2: right, y2: top },
    { wallId, x1: right, y1: top, x2: right, y2: low },
    ...(openBelow ? [] : [{ wallId, x1: right, y1: low, x2: left, y2: low }]),
  ]
  const corners = openBelow ? 2 : 4
  return {
    ...PLAIN_EDGE,
    ...named(meeting(a, b)),
    kind,
    segments,
    lengthMm: lengthOfMm(segments),
    corners,
    orientation: 'loop',
  }
}
