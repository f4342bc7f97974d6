import { HAND_TOOL_KINDS, type HandTool, MARKS, PENCIL_HARDNESSES } from '../../../base/nouns'
import { choice, flag, namedOf, namedRow, number, text, type ShelfTable } from './table'

/** Tools as rows. Air and reach are a gun's; other tools have 0. */
export const toolsTable: ShelfTable<HandTool> = {
  columns: [
    text('id', 80),
    text('name'),
    choice('kind', HAND_TOOL_KINDS),
    number('width_mm', 0, 5000, { whole: true }),
    number('air_m_s', 0, 50, { classDefault: (row) => (row.kind === 'gun' ? 2.5 : 0) }),
    number('reach_mm', 0, 5000, { whole: true, classDefault: (row) => (row.kind === 'gun' ? 75 : 0) }),
    number('off_mm_per_m', 0, 20, {
      classDefault: (row) => (row.kind === 'laser' ? 0.3 : row.kind === 'spirit-level' ? 0.5 : 0),
    }),
    choice('hardness', PENCIL_HARDNESSES, { classDefault: (row) => (row.kind === 'pencil' ? 'medium' : 'none') }),
    number('on_van', 0, 10_000, { whole: true }),
    flag('retired'),
    choice('mark', MARKS),
  ],
  rowOf: (t) =>
    namedRow(t, {
      kind: t.kind,
      width_mm: t.widthMm,
      air_m_s: t.airMs,
      reach_mm: t.reachMm,
      off_mm_per_m: t.offMmPerM,
      hardness: t.hardness,
      on_van: t.count,
    }),
  itemOf: (row) => ({
    ...namedOf(row),
    kind: row.cells.kind as HandTool['kind'],
    widthMm: Number(row.cells.width_mm),
    airMs: Number(row.cells.air_m_s),
    reachMm: Number(row.cells.reach_mm),
    offMmPerM: Number(row.cells.off_mm_per_m),
    hardness: row.cells.hardness as HandTool['hardness'],
    count: Number(row.cells.on_van),
  }),
}
