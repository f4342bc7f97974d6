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
  const pair = (code: number, value: string | number) => `${code}\n${value}\n`
  const entity = (name: string, body: string) => pair(0, name) + pair(8, 'LINE') + body
  const points = marks.map(({ atMm, offMm }) => entity('POINT', pair(10, atMm) + pair(20, offMm) + pair(30, 0)))
  const lines = marks.slice(1).map((b, i) => {
    const a = marks[i] ?? b
    return entity(
      'LINE',
      pair(10, a.atMm) + pair(20, a.offMm) + pair(30, 0) + pair(11, b.atMm) + pair(21, b.offMm) + pair(31, 0),
    )
  })
  return pair(0, 'SECTION') + pair(2, 'ENTITIES') + [...points, ...lines].join('') + pair(0, 'ENDSEC') + pair(0, 'EOF')
}
