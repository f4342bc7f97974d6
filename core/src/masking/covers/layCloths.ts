import type { PlanPoint } from '../../survey/rooms/outline'
import {
  boxOf,
  LAP_MM,
  longestAngle,
  spansBetween,
  turn,
  type FieldCover,
  type Laid,
  type Row,
  type RowSpan,
} from './layFloor'

/** Cloths of one size, and how many of them the van has. */
export interface ClothSize extends FieldCover {
  readonly owned: number
}

/** Handling one cloth more counts like so much floor, mm²: few large cloths before many small ones. From memory. */
const EACH_CLOTH_MM2 = 1_000_000
/** Ways to go on that are kept from row to row. */
const KEPT = 60

/** Part of a floor laid so far, row upon row. */
interface Partly {
  /** Up to where it is laid. */
  readonly y: number
  readonly laid: readonly Laid[]
  readonly used: ReadonlyMap<string, number>
  /** Cloths the van has not. */
  readonly missing: number
  readonly effort: number
}

/**
 * Lays a floor's real outline with the cloths there are, row upon row, each row as wide as one of them, whichever way round: as
 * few as need be that the van has not, then with least cloth and least handling. Rows lap, and so do cloths in them; what runs
 * beyond a wall is folded up there. Of the rows so far the best are kept and gone on from (beam search).
 */
export function layCloths(ring: readonly PlanPoint[], sizes: readonly ClothSize[]): Laid[] {
  const along = longestAngle(ring)
  const ways = [along, along + Math.PI / 2].flatMap((angle) => layTurned(ring, sizes, angle) ?? [])
  return [...(bestOf(ways)?.laid ?? [])]
}

function layTurned(ring: readonly PlanPoint[], sizes: readonly ClothSize[], angle: number): Partly | null {
  const turned = ring.map((point) => turn(point, -angle))
  const ys = turned.map(({ y }) => y)
  const [low, high] = [Math.min(...ys), Math.max(...ys)]
  const rowsOf = widthsOf(sizes)
  const done: Partly[] = []
  let open: Partly[] = [{ y: low, laid: [], used: new Map(), missing: 0, effort: 0 }]
  while (open.length > 0) {
    const next = open.flatMap((before) =>
      rowsOf.map((wide) =>
        withRow({ before, wide, sizes, spans: spansBetween(turned, before.y, before.y + wide), angle }),
      ),
    )
    done.push(...next.filter(({ y }) => y + LAP_MM.cloth >= high))
    const best = bestOf(done)
    // One that is worse than what is through already gets no better.
    const left = next.filter((rows) => rows.y + LAP_MM.cloth < high && (!best || isBefore(rows, best)))
    open = left.sort((a, b) => rank(a, low) - rank(b, low)).slice(0, KEPT)
  }
  return bestOf(done)
}

/** Widths a row can have: every cloth both ways round. */
const widthsOf = (sizes: readonly ClothSize[]): number[] => [
  ...new Set(sizes.flatMap(({ widthMm, lengthMm }) => [widthMm, lengthMm])),
]

/** By what is missing, then by effort for each mm of floor that is behind it. */
const rank = ({ missing, effort, y }: Partly, low: number): number => missing * 1e9 + effort / Math.max(1, y - low)

const isBefore = (one: Partly, other: Partly): boolean =>
  one.missing !== other.missing ? one.missing < other.missing : one.effort < other.effort

const bestOf = (ways: readonly Partly[]): Partly | null =>
  ways.reduce<Partly | null>((best, way) => (!best || isBefore(way, best) ? way : best), null)

interface WithRowSetup {
  readonly before: Partly
  readonly wide: number
  readonly sizes: readonly ClothSize[]
  readonly spans: readonly RowSpan[]
  readonly angle: number
}

function withRow({ before, wide, sizes, spans, angle }: WithRowSetup): Partly {
  const used = new Map(before.used)
  const laid = [...before.laid]
  let { missing, effort } = before
  for (const span of spans)
    for (let from = span.from, isFirst = true; isFirst || from + LAP_MM.cloth < span.to; isFirst = false) {
      const { size, long, across } = nextCloth(sizes, used, wide, span.to - from)
      const count = (used.get(size.id) ?? 0) + 1
      used.set(size.id, count)
      if (count > size.owned) missing += 1
      effort += size.widthMm * size.lengthMm + EACH_CLOTH_MM2
      const row: Row = { y: before.y, from, to: from + long }
      laid.push({ coverId: size.id, as: 'field', corners: boxOf(row, across).map((point) => turn(point, angle)) })
      from += stepOf(long)
    }
  return { y: before.y + stepOf(wide), laid, used, missing, effort }
}

/** How far on the next cloth lies; one that is hardly longer than its lap goes on by half. */
const stepOf = (mm: number): number => Math.max(mm - LAP_MM.cloth, mm / 2)

/** What goes next into a row: of cloths that span it one the van has before one it has not, the smallest that reaches, else the longest. */
function nextCloth(sizes: readonly ClothSize[], used: ReadonlyMap<string, number>, wide: number, leftMm: number) {
  const fitting = sizes.flatMap((size) =>
    [
      { size, across: size.widthMm, long: size.lengthMm },
      { size, across: size.lengthMm, long: size.widthMm },
    ].filter(({ across }) => across >= wide),
  )
  const isThere = ({ size }: (typeof fitting)[number]) => (used.get(size.id) ?? 0) < size.owned
  const area = ({ size }: (typeof fitting)[number]) => size.widthMm * size.lengthMm
  const there = fitting.some(isThere) ? fitting.filter(isThere) : fitting
  const reaching = there.filter(({ long }) => long >= leftMm)
  const [first, ...rest] = reaching.length > 0 ? reaching : there
  if (!first) throw new RangeError('a row as wide as no cloth')
  return rest.reduce(
    (best, each) =>
      reaching.length > 0 ? (area(each) < area(best) ? each : best) : each.long > best.long ? each : best,
    first,
  )
}
