import { nth, sure } from '../../base/units/sure'
import { type Edge, type EdgeSegment, lengthOfMm } from './edge'
import { meeting, readEdge, readFace, writeEdge, type FaceKey, type Room } from '../../base/nouns'
import { crossingsOf } from '../rooms/bandShape'
import { zoneAt } from './zoneAt'

/** How far beside an edge one looks for what lies there, mm. */
const BESIDE = 1

/**
 * Parts an edge of a wall where bands begin and end, so that the lower colour of a two-tone wall has its own hems
 * round a casing and up a corner, and stripes theirs under the ceiling. An edge no band touches comes back as it is.
 */
export function zoned(room: Room, edge: Edge): Edge[] {
  const [one, other, where] = [readFace(edge.a), readFace(edge.b), readEdge(edge.key)]
  if (room.bands.length === 0 || edge.kind === 'two-tone-line' || one?.kind !== 'wall') return [edge]
  const wallA = sure(one.id)
  const wallB = other?.kind === 'wall' ? other.id : null
  const parts = new Map<string, { a: FaceKey; b: FaceKey; segments: EdgeSegment[] }>()
  // The wall lies below the line of its ceiling, to the left of all others as they are drawn.
  const side = edge.kind === 'wall-to-ceiling' ? -BESIDE : BESIDE
  for (const piece of edge.segments.flatMap((segment) => cutAtBands(room, segment, side, wallB))) {
    const beside = shifted(piece, side)
    const middle = { x: (beside.x1 + beside.x2) / 2, y: (beside.y1 + beside.y2) / 2 }
    const a = zoneAt(room, wallA, middle)
    const b = wallB ? zoneAt(room, wallB, { x: BESIDE, y: middle.y }) : edge.b
    const key = `${a}|${b}`
    const part = parts.get(key) ?? { a, b, segments: [] }
    part.segments.push(piece)
    parts.set(key, part)
  }
  if (parts.size === 1 && parts.has(`${edge.a}|${edge.b}`)) return [edge]
  const between = where?.is === 'meeting' ? where.between : null
  return [...parts.values()].map(({ a, b, segments }): Edge => {
    const whole = a === edge.a && b === edge.b
    const lengthMm = lengthOfMm(segments)
    return {
      ...edge,
      key: whole ? edge.key : writeEdge(meeting(a, b, { wallId: wallA, between })),
      a,
      b,
      segments,
      lengthMm,
      corners: Math.max(0, segments.length - 1),
      laps: Math.ceil((edge.laps * lengthMm) / Math.max(1, edge.lengthMm)),
    }
  })
}

/** A piece moved so far to its left. */
function shifted(s: EdgeSegment, byMm: number): EdgeSegment {
  const long = Math.max(1e-9, Math.hypot(s.x2 - s.x1, s.y2 - s.y1))
  const [dx, dy] = [(-(s.y2 - s.y1) / long) * byMm, ((s.x2 - s.x1) / long) * byMm]
  return { ...s, x1: s.x1 + dx, x2: s.x2 + dx, y1: s.y1 + dy, y2: s.y2 + dy }
}

/** Cuts a piece where a band of its wall, or of the wall round the corner, begins or ends beside it. */
function cutAtBands(room: Room, s: EdgeSegment, side: number, otherWall: string | null): EdgeSegment[] {
  const beside = shifted(s, side)
  const [from, to] = [
    { x: beside.x1, y: beside.y1 },
    { x: beside.x2, y: beside.y2 },
  ]
  const cuts = room.bands.flatMap((band) => [
    ...crossingsOf(band, s.wallId, from, to),
    ...(otherWall === null ? [] : crossingsOf(band, otherWall, { x: BESIDE, y: from.y }, { x: BESIDE, y: to.y })),
  ])
  const shares = [...new Set([0, ...cuts.filter((share) => share > 0 && share < 1), 1])].sort((a, b) => a - b)
  const at = (share: number) => ({
    x: s.x1 + share * (s.x2 - s.x1),
    y: Math.round((s.y1 + share * (s.y2 - s.y1)) * 1e6) / 1e6,
  })
  return shares.slice(1).map((end, i): EdgeSegment => {
    const [p, q] = [at(nth(shares, i)), at(end)]
    return { wallId: s.wallId, x1: p.x, y1: p.y, x2: q.x, y2: q.y }
  })
}
