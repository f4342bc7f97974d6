import { MARKS, type Mark } from '../../known'
import { HAND_TOOL_KINDS, type HandTool } from '../types'
import { choice, flag, number, text, type ShelfTable } from './table'

/** Tools as rows. Air and reach are a gun's; other tools have 0. */
export const toolsTable: ShelfTable<HandTool> = {
  columns: [
    text('id', 80),
    text('name'),
    choice('kind', HAND_TOOL_KINDS),
    number('width_mm', 0, 5000, { whole: true }),
    number('air_m_s', 0, 50, { classDefault: (row) => (row.kind === 'gun' ? 2.5 : 0) }),
    number('reach_mm', 0, 5000, { whole: true, classDefault: (row) => (row.kind === 'gun' ? 75 : 0) }),
    number('on_van', 0, 10_000, { whole: true }),
    flag('retired'),
    choice('mark', MARKS),
  ],
  rowOf: (t) => ({
    defaults: t.defaults,
    cells: {
      id: t.id,
      name: t.name,
      kind: t.kind,
      width_mm: t.widthMm,
      air_m_s: t.airMs,
      reach_mm: t.reachMm,
      on_van: t.count,
      retired: t.retired,
      mark: t.mark,
    },
  }),
  itemOf: ({ cells: c, defaults }) => ({
    id: String(c.id),
    name: String(c.name),
    kind: c.kind as HandTool['kind'],
    widthMm: Number(c.width_mm),
    airMs: Number(c.air_m_s),
    reachMm: Number(c.reach_mm),
    count: Number(c.on_van),
    retired: Boolean(c.retired),
    defaults,
    mark: c.mark as Mark,
  }),
}
