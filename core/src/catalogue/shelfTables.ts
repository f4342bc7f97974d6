import { CoreError } from '../errors'
import { MARKS, type Mark } from '../known'
import { PEEL_UNITS, peelFromN25, peelToN25, type PeelUnit } from '../units/peel'
import type { CellValue, Column, ShelfRow } from './columns'
import {
  BACKINGS,
  COVER_KINDS,
  EDGES,
  SHEENS,
  type Backing,
  type Coating,
  type Cover,
  type Sealant,
  type Shelf,
  type Tape,
  type TapeEdge,
} from './types'

export const SHELF_KINDS = ['tapes', 'coatings', 'covers', 'sealants'] as const
export type ShelfKind = (typeof SHELF_KINDS)[number]

const text = (key: string, most = 200): Column => ({ key, type: { type: 'text', most } })
const flag = (key: string): Column => ({ key, type: { type: 'flag' } })
const choice = (key: string, options: readonly string[]): Column => ({ key, type: { type: 'choice', options } })
const number = (
  key: string,
  low: number,
  high: number,
  more: { whole?: boolean; classDefault?: Column['classDefault'] } = {},
): Column => ({
  key,
  type: { type: 'number', low, high, ...(more.whole ? { whole: true } : {}) },
  ...(more.classDefault ? { classDefault: more.classDefault } : {}),
})
const money = (key: string) => number(key, 0, 1_000_000)

/** Usual tapes of a class: grip, stay inside and in sun, thickness. From memory; stays follow common practice. */
const TAPE_CLASS: Record<TapeEdge, Record<Backing, { grip: number; stay: number; sun: number; thick: number }>> = {
  plain: {
    'creped paper': { grip: 3.4, stay: 7, sun: 2, thick: 130 },
    washi: { grip: 2, stay: 21, sun: 5, thick: 80 },
    plastic: { grip: 7.5, stay: 14, sun: 14, thick: 120 },
  },
  'fine-line': {
    'creped paper': { grip: 3, stay: 14, sun: 4, thick: 110 },
    washi: { grip: 2.8, stay: 30, sun: 5, thick: 80 },
    plastic: { grip: 4, stay: 14, sun: 7, thick: 110 },
  },
  barrier: {
    'creped paper': { grip: 3.2, stay: 14, sun: 4, thick: 130 },
    washi: { grip: 2.6, stay: 21, sun: 5, thick: 90 },
    plastic: { grip: 4, stay: 14, sun: 7, thick: 120 },
  },
}
const tapeClass = (row: Readonly<Record<string, CellValue | null>>) =>
  TAPE_CLASS[row.edge as TapeEdge][row.backing as Backing]

/** Usual paints of a base, for what no label says. From memory. */
const PAINT_CLASS = {
  water: { rest: 450, sheared: 0.25, surface: 0.032 },
  solvent: { rest: 120, sheared: 0.35, surface: 0.027 },
} as const
const paintClass = (row: Readonly<Record<string, CellValue | null>>) =>
  PAINT_CLASS[row.base as keyof typeof PAINT_CLASS]

/** Columns of each table, in the order of files and screen. Money is in whole units of the site's currency. */
export const SHELF_COLUMNS: Record<ShelfKind, readonly Column[]> = {
  tapes: [
    text('id', 80),
    text('name'),
    choice('edge', EDGES),
    choice('backing', BACKINGS),
    number('grip', 0.1, 200, { classDefault: (row) => tapeClass(row).grip }),
    choice('grip_unit', PEEL_UNITS),
    number('stay_days', 0.1, 400, { classDefault: (row) => tapeClass(row).stay }),
    number('sun_stay_days', 0.1, 400, { classDefault: (row) => tapeClass(row).sun }),
    number('thick_um', 10, 2000, { whole: true, classDefault: (row) => tapeClass(row).thick }),
    number('roll_m', 1, 1000),
    number('width_mm', 3, 300, { whole: true }),
    money('price'),
    number('pack_of', 1, 1000, { whole: true }),
    money('pack_price'),
    number('stock_m', 0, 100_000),
    flag('retired'),
    choice('mark', MARKS),
  ],
  coatings: [
    text('id', 80),
    text('name'),
    choice('sheen', SHEENS),
    choice('base', ['water', 'solvent']),
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
  covers: [
    text('id', 80),
    text('name'),
    choice('kind', COVER_KINDS),
    number('width_mm', 50, 20_000, { whole: true }),
    number('length_m', 0.05, 1000),
    number('grams_per_m2', 1, 5000),
    money('price'),
    flag('reusable'),
    flag('retired'),
  ],
  sealants: [
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
}

const minor = (value: CellValue) => Math.round(Number(value) * 100)
const major = (value: number) => value / 100
const mm = (metres: CellValue) => Math.round(Number(metres) * 1000)
const short = (value: number) => Number(value.toPrecision(5))

/** A shelf table as rows; a tape has one row for each width. @param unit  in which grip is written */
export function shelfRows(shelf: Shelf, kind: ShelfKind, unit: PeelUnit = 'N/25mm'): ShelfRow[] {
  switch (kind) {
    case 'tapes':
      return shelf.tapes.flatMap((t) =>
        t.rolls.map((roll) => ({
          defaults: t.defaults,
          cells: {
            id: t.id,
            name: t.name,
            edge: t.edge,
            backing: t.backing,
            grip: short(peelFromN25(t.gripN25, unit)),
            grip_unit: unit,
            stay_days: t.stayDays,
            sun_stay_days: t.sunStayDays,
            thick_um: t.thickUm,
            roll_m: t.rollLengthMm / 1000,
            width_mm: roll.widthMm,
            price: major(roll.priceMinor),
            pack_of: roll.packOf,
            pack_price: major(roll.packPriceMinor),
            stock_m: roll.stockMm / 1000,
            retired: t.retired,
            mark: t.mark,
          },
        })),
      )
    case 'coatings':
      return shelf.coatings.map((c) => ({
        defaults: c.defaults,
        cells: {
          id: c.id,
          name: c.name,
          sheen: c.sheen,
          base: c.base,
          open_min: c.openMin,
          touch_dry_min: c.touchDryMin,
          recoat_min: c.recoatMin,
          hard_dry_min: c.hardDryMin,
          film_forming_c: c.filmFormingC,
          max_c: c.maxC,
          max_rh_pct: c.maxRh,
          spread_m2_per_l: c.spreadM2PerL,
          price_per_l: major(c.priceMinorPerL),
          rest_pas: c.restPas,
          sheared_pas: c.shearedPas,
          surface_n_m: c.surfaceNm,
          retired: c.retired,
          mark: c.mark,
        },
      }))
    case 'covers':
      return shelf.covers.map((c) => ({
        defaults: [],
        cells: {
          id: c.id,
          name: c.name,
          kind: c.kind,
          width_mm: c.widthMm,
          length_m: c.lengthMm / 1000,
          grams_per_m2: c.gramsPerM2,
          price: major(c.priceMinor),
          reusable: c.reusable,
          retired: c.retired,
        },
      }))
    case 'sealants':
      return shelf.sealants.map((s) => ({
        defaults: [],
        cells: {
          id: s.id,
          name: s.name,
          colour: s.colour,
          skin_min: s.skinMin,
          shrink_pct: s.shrinkPct,
          paint_at_once: s.paintAtOnce,
          metres_per_tube: s.metresPerTube,
          price: major(s.priceMinor),
          retired: s.retired,
          mark: s.mark,
        },
      }))
  }
}

/**
 * The shelf with one table replaced by rows.
 * @param places  where each row stands, for messages  @throws CoreError csv.invalid for ids that contradict one another
 */
export function withShelfRows(
  shelf: Shelf,
  kind: ShelfKind,
  rows: readonly ShelfRow[],
  places: readonly string[],
): Shelf {
  if (kind !== 'tapes') refuseRepeats(rows, places)
  switch (kind) {
    case 'tapes':
      return { ...shelf, tapes: tapesOf(rows, places) }
    case 'coatings':
      return { ...shelf, coatings: rows.map(coatingOfRow) }
    case 'covers':
      return { ...shelf, covers: rows.map(coverOfRow) }
    case 'sealants':
      return { ...shelf, sealants: rows.map(sealantOfRow) }
  }
}

function refuseRepeats(rows: readonly ShelfRow[], places: readonly string[]): void {
  const seen = new Set<CellValue>()
  rows.forEach(({ cells }, i) => {
    if (seen.has(cells.id!))
      throw new CoreError('csv.invalid', {
        place: `${places[i]}, id`,
        expected: `expected an id of its own, “${cells.id}” is taken`,
      })
    seen.add(cells.id!)
  })
}

/** What all widths of one tape must agree in. */
const SHARED = [
  'name',
  'edge',
  'backing',
  'stay_days',
  'sun_stay_days',
  'thick_um',
  'roll_m',
  'retired',
  'mark',
] as const

function tapesOf(rows: readonly ShelfRow[], places: readonly string[]): Tape[] {
  const tapes = new Map<string, { first: ShelfRow; tape: Tape }>()
  rows.forEach((row, i) => {
    const { cells: c } = row
    const wrong = (key: string, expected: string) =>
      new CoreError('csv.invalid', { place: `${places[i]}, ${key}`, expected })
    const roll = {
      widthMm: Number(c.width_mm),
      priceMinor: minor(c.price!),
      packOf: Number(c.pack_of),
      packPriceMinor: minor(c.pack_price!),
      stockMm: mm(c.stock_m!),
    }
    const gripN25 = short(peelToN25(Number(c.grip), c.grip_unit as PeelUnit))
    const found = tapes.get(String(c.id))
    if (!found) {
      tapes.set(String(c.id), { first: row, tape: tapeOfRow(row, gripN25, [roll]) })
      return
    }
    const other = SHARED.find((key) => found.first.cells[key] !== c[key])
    if (other) throw wrong(other, `expected “${found.first.cells[other]}” as in the other widths of ${c.id}`)
    if (Math.abs(found.tape.gripN25 - gripN25) > 0.01)
      throw wrong('grip', `expected the grip of the other widths of ${c.id}`)
    if (found.tape.rolls.some((each) => each.widthMm === roll.widthMm))
      throw wrong('width_mm', 'expected each width once')
    tapes.set(String(c.id), { ...found, tape: { ...found.tape, rolls: [...found.tape.rolls, roll] } })
  })
  return [...tapes.values()].map(({ tape }) => tape)
}

const tapeOfRow = ({ cells: c, defaults }: ShelfRow, gripN25: number, rolls: Tape['rolls']): Tape => ({
  id: String(c.id),
  name: String(c.name),
  gripN25,
  edge: c.edge as TapeEdge,
  backing: c.backing as Backing,
  thickUm: Number(c.thick_um),
  stayDays: Number(c.stay_days),
  sunStayDays: Number(c.sun_stay_days),
  rollLengthMm: mm(c.roll_m!),
  rolls,
  retired: Boolean(c.retired),
  defaults,
  mark: c.mark as Mark,
})

const coatingOfRow = ({ cells: c, defaults }: ShelfRow): Coating => ({
  id: String(c.id),
  name: String(c.name),
  sheen: c.sheen as Coating['sheen'],
  base: c.base as Coating['base'],
  openMin: Number(c.open_min),
  touchDryMin: Number(c.touch_dry_min),
  recoatMin: Number(c.recoat_min),
  hardDryMin: Number(c.hard_dry_min),
  filmFormingC: Number(c.film_forming_c),
  maxC: Number(c.max_c),
  maxRh: Number(c.max_rh_pct),
  spreadM2PerL: Number(c.spread_m2_per_l),
  priceMinorPerL: minor(c.price_per_l!),
  restPas: Number(c.rest_pas),
  shearedPas: Number(c.sheared_pas),
  surfaceNm: Number(c.surface_n_m),
  retired: Boolean(c.retired),
  defaults,
  mark: c.mark as Mark,
})

const coverOfRow = ({ cells: c }: ShelfRow): Cover => ({
  id: String(c.id),
  name: String(c.name),
  kind: c.kind as Cover['kind'],
  widthMm: Number(c.width_mm),
  lengthMm: mm(c.length_m!),
  gramsPerM2: Number(c.grams_per_m2),
  priceMinor: minor(c.price!),
  reusable: Boolean(c.reusable),
  retired: Boolean(c.retired),
})

const sealantOfRow = ({ cells: c }: ShelfRow): Sealant => ({
  id: String(c.id),
  name: String(c.name),
  colour: c.colour as Sealant['colour'],
  skinMin: Number(c.skin_min),
  shrinkPct: Number(c.shrink_pct),
  paintAtOnce: Boolean(c.paint_at_once),
  metresPerTube: Number(c.metres_per_tube),
  priceMinor: minor(c.price!),
  retired: Boolean(c.retired),
  mark: c.mark as Mark,
})
