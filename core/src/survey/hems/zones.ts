import { nth } from '../../base/units/sure'
import { type Edge, type EdgeSegment, lengthOfMm } from './edge'
import { type Room, face, meeting, readEdge, readFace, writeEdge, type FaceKey } from '../../base/nouns'

/** The face of a wall at a height: the wall itself, or the band that lies there. */
function zoneAt(room: Room, wallId: string, yMm: number): FaceKey {
  const band = room.bands.find((each) => each.wallIds.includes(wallId) && yMm > each.fromMm && yMm < each.toMm)
  return band ? face('band', band.id) : face('wall', wallId)
}

/**
 * Parts an edge of a wall where bands begin and end, so that the lower colour of a two-tone wall has its own hems
 * round a casing and up a corner. An edge no band touches comes back as it is.
 */
export function zoned(room: Room, edge: Edge): Edge[] {
  const [one, other, where] = [readFace(edge.a), readFace(edge.b), readEdge(edge.key)]
  if (room.bands.length === 0 || edge.kind === 'two-tone-line' || one?.kind !== 'wall') return [edge]
  const wallA = one.id
  const wallB = other?.kind === 'wall' ? other.id : null
  const parts = new Map<string, { a: FaceKey; b: FaceKey; segments: EdgeSegment[] }>()
  for (const piece of edge.segments.flatMap((segment) => cutAtBands(room, segment, wallB))) {
    const y = (piece.y1 + piece.y2) / 2
    // A line along the top of the skirting or under the ceiling belongs to what lies beside it, away from the edge.
    const beside = piece.y1 === piece.y2 ? y + (edge.kind === 'wall-to-ceiling' ? -1 : 1) : y
    const a = zoneAt(room, wallA, beside)
    const b = wallB ? zoneAt(room, wallB, beside) : edge.b
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

/** Cuts an upright piece where a band of its wall, or of the wall round the corner, begins or ends. */
function cutAtBands(room: Room, s: EdgeSegment, otherWall: string | null): EdgeSegment[] {
  if (s.y1 === s.y2) return [s]
  const [low, high] = [Math.min(s.y1, s.y2), Math.max(s.y1, s.y2)]
  const cuts = room.bands
    .filter((band) => band.wallIds.includes(s.wallId) || (otherWall !== null && band.wallIds.includes(otherWall)))
    .flatMap((band) => [band.fromMm, band.toMm])
    .filter((y) => y > low && y < high)
  const ys = [...new Set([low, ...cuts, high])].sort((a, b) => a - b)
  const rising = s.y2 > s.y1
  const xAt = (y: number) => s.x1 + ((y - s.y1) / (s.y2 - s.y1)) * (s.x2 - s.x1)
  const pieces = ys.slice(1).map((y, i): EdgeSegment => {
    const [from, to] = rising ? [nth(ys, i), y] : [y, nth(ys, i)]
    return { wallId: s.wallId, x1: xAt(from), y1: from, x2: xAt(to), y2: to }
  })
  return rising ? pieces : pieces.reverse()
}
