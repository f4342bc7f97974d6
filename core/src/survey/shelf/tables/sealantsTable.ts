import { type Mark, MARKS, type Sealant } from '../../../base/nouns'
import { choice, flag, money, number, text, type ShelfTable } from './table'

/** Sealants as rows. */
export const sealantsTable: ShelfTable<Sealant> = {
  columns: [
    text('id', 80),
    text('name'),
    choice('colour', ['clear', 'white']),
    number('skin_min', 1, 1440),
    number('shrink_pct', 0, 90),
    flag('paint_at_once'),
    number('metres_per_tube', 1, 1000),
    money('price'),
    flag('retired'),
    choice('mark', MARKS),
  ],
  rowOf: (s) => ({
    defaults: [],
    cells: {
      id: s.id,
      name: s.name,
      colour: s.colour,
      skin_min: s.skinMin,
      shrink_pct: s.shrinkPct,
      paint_at_once: s.paintAtOnce,
      metres_per_tube: s.metresPerTube,
      price: s.priceMinor,
      retired: s.retired,
      mark: s.mark,
    },
  }),
  itemOf: ({ cells: c }) => ({
    id: String(c.id),
    name: String(c.name),
    colour: c.colour as Sealant['colour'],
    skinMin: Number(c.skin_min),
    shrinkPct: Number(c.shrink_pct),
    paintAtOnce: Boolean(c.paint_at_once),
    metresPerTube: Number(c.metres_per_tube),
    priceMinor: Number(c.price),
    retired: Boolean(c.retired),
    mark: c.mark as Mark,
  }),
}
