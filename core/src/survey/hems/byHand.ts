import { sure } from '../../base/units/sure'
import { type Edge, type EdgeSegment, lengthOfMm } from './edge'
import {
  type HemSplit,
  type Room,
  readEdge,
  readFace,
  writeEdge,
  type EdgeKey,
  type FaceKey,
  type Part,
} from '../../base/nouns'

/** Edges as the foreman wants them laid: some cut by hand, some laid as one. */
export function edgesByHand(room: Room, edges: readonly Edge[]): Edge[] {
  const cut = room.splits.length === 0 ? edges : edges.flatMap((edge) => splitEdge(room, edge))
  return room.joins.length === 0 ? [...cut] : joinEdges(room, cut)
}

/** Cuts an edge at its splits. Parts are named by the splits beside them, so that a moved split renames nothing. */
function splitEdge(room: Room, edge: Edge): Edge[] {
  const splits = room.splits
    .filter((split) => split.edge === edge.key && split.atMm > 0 && split.atMm < edge.lengthMm)
    .sort((a, b) => a.atMm - b.atMm)
  if (splits.length === 0) return [edge]
  const marks: (Pick<HemSplit, 'id' | 'atMm'> | null)[] = [null, ...splits, null]
  return marks.slice(1).map((next, i): Edge => {
    const before = marks[i]
    const key = partKey(edge.key, { after: before?.id ?? '', before: next?.id ?? '' })
    if (edge.panes > 1) return { ...rowsOf(edge, before?.atMm ?? 0, next?.atMm ?? edge.lengthMm), key }
    const segments = between(edge.segments, before?.atMm ?? 0, next?.atMm ?? Number.POSITIVE_INFINITY)
    const lengthMm = lengthOfMm(segments)
    return {
      ...edge,
      key,
      segments,
      lengthMm,
      corners: edge.curve ? edge.corners : Math.max(0, segments.length - 1),
      curve: edge.curve && { ...edge.curve, arcDeg: (edge.curve.arcDeg * lengthMm) / Math.max(1, edge.lengthMm) },
      laps: Math.ceil((edge.laps * lengthMm) / Math.max(1, edge.lengthMm)),
    }
  })
}

/** Panes are cut in rows, from the top down, by their share of the run round all of them. */
function rowsOf(edge: Edge, from: number, to: number): Edge {
  const ys = edge.segments.flatMap((s) => [s.y1, s.y2])
  const [low, top] = [Math.min(...ys), Math.max(...ys)]
  const yAt = (mm: number) => Math.round(top - ((top - low) * mm) / edge.lengthMm)
  const panesUpTo = (mm: number) => Math.round((edge.panes * mm) / edge.lengthMm)
  const panes = panesUpTo(to) - panesUpTo(from)
  const within = (y: number) => Math.min(yAt(from), Math.max(yAt(to), y))
  return {
    ...edge,
    segments: edge.segments.map((s) => ({ ...s, y1: within(s.y1), y2: within(s.y2) })),
    lengthMm: to - from,
    panes,
    corners: 4 * panes,
  }
}

/** The splits that part the panes of glazed doors row by row, so that each can be masked and pulled in its own way. */
export function rowSplits(edge: EdgeKey, lengthMm: number, rows: number, idOf: (row: number) => string): HemSplit[] {
  return Array.from({ length: Math.max(0, rows - 1) }, (_, i) => ({
    id: idOf(i + 1),
    edge,
    atMm: Math.round((lengthMm * (i + 1)) / rows),
  }))
}

/** The part of a polyline between two distances along it. */
function between(segments: readonly EdgeSegment[], from: number, to: number): EdgeSegment[] {
  const parts: EdgeSegment[] = []
  let done = 0
  for (const s of segments) {
    const length = Math.hypot(s.x2 - s.x1, s.y2 - s.y1)
    const [start, end] = [Math.max(from, done) - done, Math.min(to, done + length) - done]
    if (end > start) {
      const x = (d: number) => Math.round(s.x1 + ((s.x2 - s.x1) * d) / length)
      const y = (d: number) => Math.round(s.y1 + ((s.y2 - s.y1) * d) / length)
      parts.push({ wallId: s.wallId, x1: x(start), y1: y(start), x2: x(end), y2: y(end) })
    }
    done += length
  }
  return parts
}

/**
 * Lays joined edges as one, where they still meet the same two faces of the same kind; a join whose edges have parted
 * (a wall repainted in another colour) is passed over for those that no longer fit.
 */
function joinEdges(room: Room, edges: readonly Edge[]): Edge[] {
  const byKey = new Map(edges.map((edge) => [edge.key, edge]))
  const taken = new Set<string>()
  const joined = new Map<string, Edge>()
  for (const join of room.joins) {
    const found = join.edges.map((key) => byKey.get(key)).filter((edge) => edge !== undefined && !taken.has(edge.key))
    const [first] = found
    if (!first) continue
    const alike = found.filter((edge): edge is Edge => sure(edge).kind === first.kind && sameGroup(sure(edge), first))
    if (alike.length < 2) continue
    for (const edge of alike) taken.add(edge.key)
    joined.set(first.key, {
      ...first,
      key: writeEdge({ is: 'join', id: join.id }),
      segments: alike.flatMap((edge) => edge.segments),
      lengthMm: alike.reduce((sum, edge) => sum + edge.lengthMm, 0),
      corners: alike.reduce((sum, edge) => sum + edge.corners, 0),
      laps: alike.reduce((sum, edge) => sum + edge.laps, 0),
      panes: alike.reduce((sum, edge) => sum + edge.panes, 0),
    })
  }
  return edges.flatMap((edge) => joined.get(edge.key) ?? (taken.has(edge.key) ? [] : [edge]))
}

const kindOf = (key: FaceKey) => readFace(key)?.kind
const sameGroup = (a: Edge, b: Edge) => kindOf(a.a) === kindOf(b.a) && kindOf(a.b) === kindOf(b.b)

/** The key of a part of an edge; a join is never cut. */
function partKey(key: EdgeKey, part: Part): EdgeKey {
  const ref = readEdge(key)
  return ref && ref.is !== 'join' ? writeEdge({ ...ref, part }) : key
}
