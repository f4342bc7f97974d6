import { type Glaze, MARKS } from '../../../base/nouns'
import { choice, flag, money, namedOf, namedRow, number, text, type ShelfTable } from './table'

/** Clear glazes as rows. Class values: colour after a quarter of an hour by common practice, the rest from memory. */
export const glazesTable: ShelfTable<Glaze> = {
  columns: [
    text('id', 80),
    text('name'),
    number('litres', 0.05, 25),
    number('spread_m2_per_l', 0.5, 100, { classDefault: () => 12 }),
    number('touch_dry_min', 1, 1440, { classDefault: () => 15 }),
    number('through_min', 1, 10_000, { classDefault: () => 60 }),
    money('price'),
    flag('retired'),
    choice('mark', MARKS),
  ],
  rowOf: (g) =>
    namedRow(g, {
      litres: g.litres,
      spread_m2_per_l: g.spreadM2PerL,
      touch_dry_min: g.touchDryMin,
      through_min: g.throughMin,
      price: g.priceMinor,
    }),
  itemOf: (row) => ({
    ...namedOf(row),
    litres: Number(row.cells.litres),
    spreadM2PerL: Number(row.cells.spread_m2_per_l),
    touchDryMin: Number(row.cells.touch_dry_min),
    throughMin: Number(row.cells.through_min),
    priceMinor: Number(row.cells.price),
  }),
}
