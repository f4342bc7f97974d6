import { Matrix, SVD, solve } from 'ml-matrix'
import { CoreError } from '../../base/nouns'

/** A place in a picture, in its own pixels, from its upper left corner. */
export interface InPicture {
  readonly x: number
  readonly y: number
}

/** A place beside an edge: so far along from its left end, and so far off the reference; mm. */
export interface BesideEdge {
  readonly atMm: number
  readonly offMm: number
}

/** A place that is known on the wall and found in the picture. */
export interface KnownPlace extends BesideEdge {
  readonly px: InPicture
}

/** How a picture of a flat face lies on it. */
export interface PhotoMap {
  /** Three places allow for turn, scale and slant only: the camera has to look square at the wall. Four or more for any view of it. */
  readonly kind: 'square-on' | 'any-view'
  readonly placeOf: (px: InPicture) => BesideEdge
  /** How far the worst known place lies from where the others put it, mm; null where there are none to spare. */
  readonly worstMm: number | null
}

const [SQUARE_ON, ANY_VIEW] = [3, 4] as const
/** A triangle flatter than this share of its longest side squared holds no picture. From memory. */
const FLATTEST = 0.005

/**
 * A picture of a flat face as a measure, from places that are known on both: three give an affine map, four and more a homography by
 * least squares (direct linear transformation over points moved to their mean and scaled, Hartley, 1997: from memory).
 *
 * @throws CoreError lines.photo_few, below three places; lines.photo_flat, where they lie on one line in the picture or on the wall
 */
export function photoMap(known: readonly KnownPlace[]): PhotoMap {
  if (known.length < SQUARE_ON) throw new CoreError('lines.photo_few', { have: known.length, need: SQUARE_ON })
  const px = known.map((each) => each.px)
  const mm = known.map(({ atMm, offMm }): InPicture => ({ x: atMm, y: offMm }))
  if (isFlat(px) || isFlat(mm)) throw new CoreError('lines.photo_flat')
  const map = known.length < ANY_VIEW ? affine(px, mm) : homography(px, mm)
  const placeOf = (at: InPicture): BesideEdge => {
    const { x, y } = map(at)
    return { atMm: x, offMm: y }
  }
  const least = known.length < ANY_VIEW ? SQUARE_ON : ANY_VIEW
  const off = known.map(({ px: at, atMm, offMm }) => Math.hypot(placeOf(at).atMm - atMm, placeOf(at).offMm - offMm))
  return {
    kind: least === SQUARE_ON ? 'square-on' : 'any-view',
    placeOf,
    worstMm: known.length > least ? Math.max(...off) : null,
  }
}

/** Whether no three of some places make a triangle that is not almost a line. */
function isFlat(places: readonly InPicture[]): boolean {
  return !places.some((a, i) =>
    places.slice(i + 1).some((b, k) =>
      places.slice(i + k + 2).some((c) => {
        const twice = Math.abs((b.x - a.x) * (c.y - a.y) - (c.x - a.x) * (b.y - a.y))
        const longest = Math.max(distance(a, b), distance(b, c), distance(a, c))
        return twice > FLATTEST * longest * longest
      }),
    ),
  )
}

const distance = (a: InPicture, b: InPicture) => Math.hypot(a.x - b.x, a.y - b.y)

type Map = (at: InPicture) => InPicture

function affine(from: readonly InPicture[], to: readonly InPicture[]): Map {
  const rows = new Matrix(from.map(({ x, y }) => [x, y, 1]))
  const [a, b, c] = solve(rows, Matrix.columnVector(to.map(({ x }) => x))).to1DArray()
  const [d, e, f] = solve(rows, Matrix.columnVector(to.map(({ y }) => y))).to1DArray()
  return ({ x, y }) => ({ x: Number(a) * x + Number(b) * y + Number(c), y: Number(d) * x + Number(e) * y + Number(f) })
}

function homography(from: readonly InPicture[], to: readonly InPicture[]): Map {
  const [own, other] = [levelled(from), levelled(to)]
  const rows = from.flatMap((point, i) => {
    const p = own.to(point)
    const q = other.to(to[i] ?? point)
    return [
      [p.x, p.y, 1, 0, 0, 0, -q.x * p.x, -q.x * p.y, -q.x],
      [0, 0, 0, p.x, p.y, 1, -q.y * p.x, -q.y * p.y, -q.y],
    ]
  })
  // The direction that the rows change least: last column of V. A row of nought more makes four places a square system.
  const v = new SVD(new Matrix([...rows, Array<number>(9).fill(0)]), { autoTranspose: true }).rightSingularVectors
  const h = v.getColumn(v.columns - 1)
  return (at) => {
    const { x, y } = own.to(at)
    const [u, w, s] = [0, 3, 6].map((i) => Number(h[i]) * x + Number(h[i + 1]) * y + Number(h[i + 2]))
    return other.from({ x: Number(u) / Number(s), y: Number(w) / Number(s) })
  }
}

/** Places moved to their mean and scaled to a mean distance of √2, and back. */
function levelled(places: readonly InPicture[]): { readonly to: Map; readonly from: Map } {
  const mean = {
    x: places.reduce((sum, { x }) => sum + x, 0) / places.length,
    y: places.reduce((sum, { y }) => sum + y, 0) / places.length,
  }
  const scale = Math.SQRT2 / (places.reduce((sum, each) => sum + distance(each, mean), 0) / places.length)
  return {
    to: ({ x, y }) => ({ x: (x - mean.x) * scale, y: (y - mean.y) * scale }),
    from: ({ x, y }) => ({ x: x / scale + mean.x, y: y / scale + mean.y }),
  }
}
