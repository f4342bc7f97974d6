import { readRow, SHELF_COLUMNS, type ShelfKind, type ShelfRow } from '@crisp-hem/core'

/** What a new line begins with; numbers left empty take the class's own. */
const STARTS: Record<ShelfKind, Readonly<Record<string, string>>> = {
  tapes: {
    name: 'New tape',
    edge: 'plain',
    backing: 'creped-paper',
    grip_unit: 'N/25mm',
    roll_m: '50',
    width_mm: '24',
    price: '4',
    pack_of: '1',
    pack_price: '4',
    stock_m: '0',
    retired: 'no',
    mark: 'label',
  },
  coatings: {
    name: 'New coating',
    sheen: 'satin',
    base: 'water',
    open_min: '25',
    touch_dry_min: '60',
    recoat_min: '240',
    hard_dry_min: '480',
    spread_m2_per_l: '12',
    price_per_l: '12',
    retired: 'no',
    mark: 'label',
  },
  covers: {
    name: 'New cover',
    kind: 'film',
    width_mm: '1400',
    length_m: '20',
    grams_per_m2: '9',
    price: '5',
    reusable: 'no',
    owned: '0',
    retired: 'no',
  },
  sealants: {
    name: 'New sealant',
    colour: 'clear',
    skin_min: '20',
    shrink_pct: '30',
    paint_at_once: 'no',
    metres_per_tube: '60',
    price: '4',
    retired: 'no',
    mark: 'label',
  },
  glazes: { name: 'New glaze', litres: '1', price: '14', retired: 'no', mark: 'label' },
  liquids: {
    name: 'New liquid mask',
    how: 'aerosol',
    spread_m2: '3',
    yellows: 'no',
    price: '10',
    retired: 'no',
    mark: 'label',
  },
  tools: { name: 'New tool', kind: 'scraper', width_mm: '50', on_van: '1', retired: 'no', mark: 'label' },
  remnants: { cover_id: 'cover', length_m: '5' },
  articles: { supplier: 'Supplier', article: '0', lead_days: '1' },
}

/** A line to begin with, under an id that is free. */
export function newShelfRow(kind: ShelfKind, rows: readonly ShelfRow[]): ShelfRow {
  const taken = new Set(rows.map((row) => row.cells.id))
  let n = rows.length + 1
  while (taken.has(`new-${n}`)) n += 1
  return readRow(SHELF_COLUMNS[kind], { ...STARTS[kind], id: `new-${n}` }, '')
}
