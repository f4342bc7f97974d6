import { writeCsv } from '../../base/units/csvText'
import { formatLength, type UnitSystem } from '../../base/units/length'
import type { LineMark } from './straightened'

/** Marks as a table for a sheet or a spreadsheet: places from both ends, and how far off. */
export function marksCsv(marks: readonly LineMark[], units: UnitSystem): string {
  const text = (mm: number) => formatLength(Math.round(mm), units)
  const rows = marks.map(({ atMm, fromRightMm, offMm }) => [
    text(atMm),
    text(offMm),
    text(fromRightMm),
    offMm.toFixed(1),
  ])
  return writeCsv(['from_left', 'off', 'from_right', 'off_mm'], rows)
}

/** The line through some marks as a drawing in millimetres: DXF of the oldest kind every program reads (R12), one line and a point for each mark. */
export function marksDxf(marks: readonly LineMark[]): string {
  const points = marks.map(({ atMm, offMm }) => entity('POINT', pair(10, atMm) + pair(20, offMm) + pair(30, 0)))
  const lines = marks.slice(1).map((b, i) => {
    const a = marks[i] ?? b
    return entity(
      'LINE',
      pair(10, a.atMm) + pair(20, a.offMm) + pair(30, 0) + pair(11, b.atMm) + pair(21, b.offMm) + pair(31, 0),
    )
  })
  return drawing([...points, ...lines])
}

/** A mark on a wall for a line that no edge gives: which line, on which wall, from its left end and above the floor, mm. */
export interface WallMark {
  readonly wall: string
  readonly line: string
  readonly atMm: number
  readonly heightMm: number
}

/** Marks of lines on walls as a table. */
export const wallMarksCsv = (marks: readonly WallMark[], units: UnitSystem): string =>
  writeCsv(
    ['wall', 'line', 'from_left', 'above_floor'],
    marks.map(({ wall, line, atMm, heightMm }) => [
      wall,
      line,
      formatLength(atMm, units),
      formatLength(heightMm, units),
    ]),
  )

/** A straight piece of a line on an elevation of some walls side by side, mm. */
export interface DrawnPiece {
  readonly x1: number
  readonly y1: number
  readonly x2: number
  readonly y2: number
  /** Layer it lies on: the wall's name. */
  readonly layer: string
}

/** Lines on walls as a drawing in millimetres, a layer for each wall, bent ones in short pieces. */
export const piecesDxf = (pieces: readonly DrawnPiece[]): string =>
  drawing(
    pieces.map(({ x1, y1, x2, y2, layer }) =>
      entity('LINE', pair(10, x1) + pair(20, y1) + pair(30, 0) + pair(11, x2) + pair(21, y2) + pair(31, 0), layer),
    ),
  )

const pair = (code: number, value: string | number) => `${code}\n${value}\n`
const entity = (name: string, body: string, layer = 'LINE') => pair(0, name) + pair(8, layerName(layer)) + body
/** Layers of the oldest kind are named in capitals, digits and a few signs. */
const layerName = (name: string): string => name.toUpperCase().replace(/[^A-Z0-9_-]+/g, '_') || 'LINE'
const drawing = (entities: readonly string[]): string =>
  pair(0, 'SECTION') + pair(2, 'ENTITIES') + entities.join('') + pair(0, 'ENDSEC') + pair(0, 'EOF')
