import { type Coating, MARKS, SHEENS } from '../../../base/nouns'
import type { CellValue } from '../columns'
import { choice, flag, money, namedOf, namedRow, number, text, type ShelfTable } from './table'

/** Usual paints of a base, for what no label says. From memory. */
const PAINT_CLASS = {
  water: { rest: 450, sheared: 0.25, surface: 0.032 },
  solvent: { rest: 120, sheared: 0.35, surface: 0.027 },
} as const
const paintClass = (row: Readonly<Record<string, CellValue | null>>) =>
  PAINT_CLASS[row.base as keyof typeof PAINT_CLASS]

/** Coatings as rows. */
export const coatingsTable: ShelfTable<Coating> = {
  columns: [
    text('id', 80),
    text('name'),
    choice('sheen', SHEENS),
    choice('base', ['water', 'solvent']),
    flag('primer', { classDefault: () => false }),
    number('open_min', 1, 1440),
    number('touch_dry_min', 1, 10_000),
    number('recoat_min', 1, 50_000),
    number('hard_dry_min', 1, 100_000),
    number('film_forming_c', -20, 40, { classDefault: () => 8 }),
    number('max_c', 0, 80, { classDefault: () => 32 }),
    number('max_rh_pct', 1, 100, { classDefault: () => 85 }),
    number('spread_m2_per_l', 0.5, 100),
    money('price_per_l'),
    number('rest_pas', 0.0001, 100_000, { classDefault: (row) => paintClass(row).rest }),
    number('sheared_pas', 0.0001, 1000, { classDefault: (row) => paintClass(row).sheared }),
    number('surface_n_m', 0.001, 0.1, { classDefault: (row) => paintClass(row).surface }),
    flag('retired'),
    choice('mark', MARKS),
  ],
  rowOf: (c) =>
    namedRow(c, {
      sheen: c.sheen,
      base: c.base,
      primer: c.primer,
      open_min: c.openMin,
      touch_dry_min: c.touchDryMin,
      recoat_min: c.recoatMin,
      hard_dry_min: c.hardDryMin,
      film_forming_c: c.filmFormingC,
      max_c: c.maxC,
      max_rh_pct: c.maxRh,
      spread_m2_per_l: c.spreadM2PerL,
      price_per_l: c.priceMinorPerL,
      rest_pas: c.restPas,
      sheared_pas: c.shearedPas,
      surface_n_m: c.surfaceNm,
    }),
  itemOf: (row) => ({
    ...namedOf(row),
    sheen: row.cells.sheen as Coating['sheen'],
    base: row.cells.base as Coating['base'],
    primer: Boolean(row.cells.primer),
    openMin: Number(row.cells.open_min),
    touchDryMin: Number(row.cells.touch_dry_min),
    recoatMin: Number(row.cells.recoat_min),
    hardDryMin: Number(row.cells.hard_dry_min),
    filmFormingC: Number(row.cells.film_forming_c),
    maxC: Number(row.cells.max_c),
    maxRh: Number(row.cells.max_rh_pct),
    spreadM2PerL: Number(row.cells.spread_m2_per_l),
    priceMinorPerL: Number(row.cells.price_per_l),
    restPas: Number(row.cells.rest_pas),
    shearedPas: Number(row.cells.sheared_pas),
    surfaceNm: Number(row.cells.surface_n_m),
  }),
}
