import { sure } from '../../../base/units/sure'
import { type Cover, COVER_KINDS } from '../../../base/nouns'
import { choice, flag, mm, money, number, text, type ShelfTable } from './table'

/** Covers as rows. */
export const coversTable: ShelfTable<Cover> = {
  columns: [
    text('id', 80),
    text('name'),
    choice('kind', COVER_KINDS),
    number('width_mm', 50, 20_000, { whole: true }),
    number('length_m', 0.05, 1000),
    number('grams_per_m2', 1, 5000),
    money('price'),
    flag('reusable'),
    number('owned', 0, 10_000, { whole: true }),
    flag('retired'),
  ],
  rowOf: (c) => ({
    defaults: [],
    cells: {
      id: c.id,
      name: c.name,
      kind: c.kind,
      width_mm: c.widthMm,
      length_m: c.lengthMm / 1000,
      grams_per_m2: c.gramsPerM2,
      price: c.priceMinor,
      reusable: c.reusable,
      owned: c.owned,
      retired: c.retired,
    },
  }),
  itemOf: ({ cells: c }) => ({
    id: String(c.id),
    name: String(c.name),
    kind: c.kind as Cover['kind'],
    widthMm: Number(c.width_mm),
    lengthMm: mm(sure(c.length_m)),
    gramsPerM2: Number(c.grams_per_m2),
    priceMinor: Number(c.price),
    reusable: Boolean(c.reusable),
    owned: Number(c.owned),
    retired: Boolean(c.retired),
  }),
}
