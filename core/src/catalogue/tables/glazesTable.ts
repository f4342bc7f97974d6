import { MARKS, type Mark } from '../../known'
import type { Glaze } from '../types'
import { choice, flag, major, minor, money, number, text, type ShelfTable } from './table'

/** Clear glazes as rows. */
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
  rowOf: (g) => ({
    defaults: g.defaults,
    cells: {
      id: g.id,
      name: g.name,
      litres: g.litres,
      spread_m2_per_l: g.spreadM2PerL,
      touch_dry_min: g.touchDryMin,
      through_min: g.throughMin,
      price: major(g.priceMinor),
      retired: g.retired,
      mark: g.mark,
    },
  }),
  itemOf: ({ cells: c, defaults }) => ({
    id: String(c.id),
    name: String(c.name),
    litres: Number(c.litres),
    spreadM2PerL: Number(c.spread_m2_per_l),
    touchDryMin: Number(c.touch_dry_min),
    throughMin: Number(c.through_min),
    priceMinor: minor(c.price!),
    retired: Boolean(c.retired),
    defaults,
    mark: c.mark as Mark,
  }),
}
