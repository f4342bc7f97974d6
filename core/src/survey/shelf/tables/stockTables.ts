import type { Article, Remnant } from '../../../base/nouns'
import { sure } from '../../../base/units/sure'
import { mm, number, plainRow, text, type ShelfTable } from './table'

/** Part rolls and offcuts as rows. */
export const remnantsTable: ShelfTable<Remnant> = {
  columns: [text('id', 80), text('cover_id', 80), number('length_m', 0.1, 1000)],
  rowOf: ({ id, coverId, lengthMm }) => plainRow({ id, cover_id: coverId, length_m: lengthMm / 1000 }),
  itemOf: ({ cells: c }) => ({ id: String(c.id), coverId: String(c.cover_id), lengthMm: mm(sure(c.length_m)) }),
}

/** Where things are ordered, as rows; `id` says which thing, such as `tape:marram-general/24` or `cover:skein-drop`. */
export const articlesTable: ShelfTable<Article> = {
  columns: [text('id', 200), text('supplier', 80), text('article', 80), number('lead_days', 0, 100, { whole: true })],
  rowOf: ({ id, supplier, number: article, leadDays }) => plainRow({ id, supplier, article, lead_days: leadDays }),
  itemOf: ({ cells: c }) => ({
    id: String(c.id),
    supplier: String(c.supplier),
    number: String(c.article),
    leadDays: Number(c.lead_days),
  }),
}
