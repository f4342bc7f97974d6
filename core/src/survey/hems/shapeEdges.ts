import { sumOf } from '../../base/units/sumOf'
import { nth, sure } from '../../base/units/sure'
import { face, writeEdge, type Band, type BandShape, type FaceKey, type Room, type Wall } from '../../base/nouns'
import type { Arc } from '../rooms/curve'
import { curveOf } from '../rooms/curve'
import { boxAround, skirtingMm } from '../rooms/areas'
import { crossing, crossingsOf, placesAlong, signedMm2, sidesOf, ringOf } from '../rooms/bandShape'
import type { OnWall } from '../rooms/cutRing'
import { topAtMm, topLine } from '../rooms/wallTop'
import { PLAIN_EDGE, type Edge, type EdgeSegment } from './edge'
import { zoneAt } from './zoneAt'

/** Turn between two pieces of a line from which it is a corner and no bend, degrees. From memory. */
const CORNER_DEG = 15
/** How far beside a line one looks for what lies there, mm. */
const BESIDE = 1

/** A straight piece of a shape's border, the shape to its left. */
interface Piece {
  readonly from: OnWall
  readonly to: OnWall
  readonly lengthMm: number
  /** What lies on its other side; null where it is no line: at the wall's ends, on an opening, beside more of its own. */
  readonly other: FaceKey | null
  readonly arc: Arc | null
}

/** Lines of the shapes of a room's bands on one wall. Straight and bent runs are lines of their own; where some turn corners all are one. */
export function shapeEdges(room: Room, wall: Wall): Edge[] {
  return room.bands.flatMap((band) => {
    const shapes = band.shapes.filter(({ wallId }) => wallId === wall.id)
    const runs = shapes.flatMap((shape) =>
      chained(piecesOf(room, wall, band, shape)).map((pieces, n) => ({ pieces, run: { shapeId: shape.id, n } })),
    )
    const own = runs.filter(({ pieces }) => isFirst(room, band, sure(pieces[0]?.other)))
    const isOnGround = ({ pieces }: (typeof own)[number]) => pieces[0]?.other === face('wall', wall.id)
    const onGround = own.filter(isOnGround)
    // Of checks a window leaves short straight ends here and there: they are taped with the rest.
    const turning = onGround.some(({ pieces }) => cornersOf(pieces) > 0) ? onGround : []
    return [
      ...own
        .filter((each) => !turning.includes(each))
        .map(({ pieces, run }) => edgeOf({ band, wall, run, runs: [pieces] })),
      ...(turning.length > 0 ? [edgeOf({ band, wall, run: null, runs: turning.map(({ pieces }) => pieces) })] : []),
    ]
  })
}

/** Two bands that meet have one line between them: the first of them tells it. */
const isFirst = (room: Room, band: Band, other: FaceKey): boolean => {
  const at = room.bands.findIndex(({ id }) => face('band', id) === other)
  return at < 0 || at > room.bands.indexOf(band)
}

interface EdgeSetup {
  readonly band: Band
  readonly wall: Wall
  readonly run: { readonly shapeId: string; readonly n: number } | null
  readonly runs: readonly (readonly Piece[])[]
}

function edgeOf({ band, wall, run, runs }: EdgeSetup): Edge {
  const pieces = runs.flat()
  const segments = pieces.map(({ from, to }): EdgeSegment => ({
    wallId: wall.id,
    x1: Math.round(from.x),
    y1: Math.round(from.y),
    x2: Math.round(to.x),
    y2: Math.round(to.y),
  }))
  const [rise, run_] = [sumOf(segments, (s) => Math.abs(s.y2 - s.y1)), sumOf(segments, (s) => Math.abs(s.x2 - s.x1))]
  const arcs = pieces.flatMap(({ arc }) => arc ?? [])
  return {
    ...PLAIN_EDGE,
    key: writeEdge({ is: 'shape', bandId: band.id, wallId: wall.id, run, part: null }),
    kind: 'two-tone-line',
    a: face('band', band.id),
    b: sure(pieces[0]?.other),
    segments,
    lengthMm: Math.round(sumOf(pieces, ({ lengthMm }) => lengthMm)),
    corners: sumOf(runs, cornersOf),
    orientation: run === null ? 'loop' : rise > run_ ? 'upright' : 'level',
    curve:
      arcs.length === 0
        ? null
        : { radiusMm: Math.min(...arcs.map(({ radiusMm }) => radiusMm)), arcDeg: sumOf(arcs, ({ arcDeg }) => arcDeg) },
  }
}

/** The border of a shape in pieces, cut where an opening, the wall's own border or another band begins, the shape to the left of each. */
function piecesOf(room: Room, wall: Wall, band: Band, shape: BandShape): Piece[] {
  const isLeft = signedMm2(ringOf(shape)) > 0
  const sides = isLeft
    ? sidesOf(shape)
    : sidesOf(shape)
        .reverse()
        .map(({ from, to, bendMm }) => ({ from: to, to: from, bendMm: -bendMm }))
  const cutters = cuttersOf(room, wall)
  return sides.flatMap((side) => {
    const places = placesAlong(side)
    const arc =
      side.bendMm === 0 ? null : curveOf(Math.hypot(side.to.x - side.from.x, side.to.y - side.from.y), side.bendMm)
    const each = places.length - 1
    return places.slice(1).flatMap((to, i) => {
      const from = nth(places, i)
      // A bent side is as long as its arc, not as the pieces that stand for it.
      const long = arc ? (arc.radiusMm * arc.arcDeg * Math.PI) / 180 / each : Math.hypot(to.x - from.x, to.y - from.y)
      const at = [
        ...cutters.flatMap(([a, b]) => crossing(from, to, a, b)),
        ...room.bands.flatMap((other) => (other === band ? [] : crossingsOf(other, wall.id, from, to))),
      ].filter((share) => share > 1e-9 && share < 1 - 1e-9)
      const shares = [...new Set([0, ...at, 1])].sort((x, y) => x - y)
      return shares.slice(1).map((end, k): Piece => {
        const begin = nth(shares, k)
        const between = (share: number): OnWall => ({
          x: from.x + share * (to.x - from.x),
          y: from.y + share * (to.y - from.y),
        })
        const [p, q] = [between(begin), between(end)]
        return {
          from: p,
          to: q,
          lengthMm: long * (end - begin),
          other: beyond(room, wall, band, [p, q]),
          arc: arc && { radiusMm: arc.radiusMm, arcDeg: (arc.arcDeg / each) * (end - begin) },
        }
      })
    })
  })
}

/** Straight lines at which a border may end: the wall's ends, foot and top, and its openings. */
function cuttersOf(room: Room, wall: Wall): [OnWall, OnWall][] {
  const foot = skirtingMm(room, wall.id)
  const top = topLine(room, wall).map(({ atMm, heightMm }): OnWall => ({ x: atMm, y: heightMm }))
  const high = Math.max(...top.map(({ y }) => y))
  const boxes = room.openings.filter(({ wallId }) => wallId === wall.id).map(boxAround)
  return [
    ...[0, wall.lengthMm].map((x): [OnWall, OnWall] => [
      { x, y: 0 },
      { x, y: high },
    ]),
    [
      { x: 0, y: foot },
      { x: wall.lengthMm, y: foot },
    ],
    ...top.slice(1).map((b, i): [OnWall, OnWall] => [nth(top, i), b]),
    ...boxes.flatMap(({ left, right, low, high: above }) => {
      const ring: OnWall[] = [
        { x: left, y: low },
        { x: right, y: low },
        { x: right, y: above },
        { x: left, y: above },
      ]
      return ring.map((a, i): [OnWall, OnWall] => [a, nth(ring, (i + 1) % ring.length)])
    }),
  ]
}

/** What lies to the right of a piece; null for nothing, an opening, or more of the same band. */
function beyond(room: Room, wall: Wall, band: Band, [from, to]: readonly [OnWall, OnWall]): FaceKey | null {
  const long = Math.hypot(to.x - from.x, to.y - from.y)
  if (long < BESIDE) return null
  const [dx, dy] = [(to.x - from.x) / long, (to.y - from.y) / long]
  const middle = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 }
  const isOnWall = (side: number) => {
    const { x, y } = { x: middle.x + side * dy, y: middle.y - side * dx }
    const onFace = x > 0 && x < wall.lengthMm && y > skirtingMm(room, wall.id) && y < topAtMm(room, wall, x)
    const inOpening = room.openings
      .filter(({ wallId }) => wallId === wall.id)
      .map(boxAround)
      .some(({ left, right, low, high }) => x > left && x < right && y > low && y < high)
    return onFace && !inOpening
  }
  // Both the shape and what it is parted from have to be there.
  if (!isOnWall(BESIDE) || !isOnWall(-BESIDE)) return null
  const other = zoneAt(room, wall.id, { x: middle.x + BESIDE * dy, y: middle.y - BESIDE * dx })
  return other === face('band', band.id) ? null : other
}

/** Pieces that follow one another beside the same face, as runs; a ring begins where a run does. */
function chained(pieces: readonly Piece[]): Piece[][] {
  const joins = (a: Piece, b: Piece) => a.other === b.other && Math.hypot(a.to.x - b.from.x, a.to.y - b.from.y) < BESIDE
  const begin = pieces.findIndex((piece, i) => {
    const before = nth(pieces, (i + pieces.length - 1) % pieces.length)
    return before.other === null || !joins(before, piece)
  })
  const turned = begin <= 0 ? pieces : [...pieces.slice(begin), ...pieces.slice(0, begin)]
  const runs: Piece[][] = []
  for (const piece of turned) {
    if (piece.other === null) continue
    const last = runs.at(-1)
    const before = last?.at(-1)
    if (last && before && joins(before, piece)) last.push(piece)
    else runs.push([piece])
  }
  return runs
}

/** Corners at which tape has to begin anew; a closed run has one where it comes home, too. */
function cornersOf(run: readonly Piece[]): number {
  const heading = ({ from, to }: Piece) => Math.atan2(to.y - from.y, to.x - from.x)
  const turns = (a: Piece, b: Piece) => {
    const turn = Math.abs(heading(b) - heading(a)) % (2 * Math.PI)
    return (Math.min(turn, 2 * Math.PI - turn) * 180) / Math.PI > CORNER_DEG
  }
  const [first, last] = [sure(run[0]), sure(run.at(-1))]
  const comesHome = run.length > 2 && Math.hypot(last.to.x - first.from.x, last.to.y - first.from.y) < BESIDE
  return run.slice(1).filter((piece, i) => turns(nth(run, i), piece)).length + (comesHome && turns(last, first) ? 1 : 0)
}
