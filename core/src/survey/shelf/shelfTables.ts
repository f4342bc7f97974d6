import { atCell, expects, type Place } from '../../base/units/faults'
import { nth, sure } from '../../base/units/sure'
import { CoreError, type Shelf } from '../../base/nouns'
import type { PeelUnit } from '../../base/units/peel'
import type { CellValue, Column, ShelfRow } from './columns'
import { coatingsTable } from './tables/coatingsTable'
import { coversTable } from './tables/coversTable'
import { glazesTable } from './tables/glazesTable'
import { liquidsTable } from './tables/liquidsTable'
import { sealantsTable } from './tables/sealantsTable'
import { TAPE_COLUMNS, tapeRows, tapesOfRows } from './tables/tapesTable'
import { articlesTable, remnantsTable } from './tables/stockTables'
import { toolsTable } from './tables/toolsTable'

export const SHELF_KINDS = [
  'tapes',
  'coatings',
  'covers',
  'sealants',
  'glazes',
  'liquids',
  'tools',
  'remnants',
  'articles',
] as const
export type ShelfKind = (typeof SHELF_KINDS)[number]

/** Columns of each table, in the order of files and screen. Money is in whole units of the site's currency. */
export const SHELF_COLUMNS: Record<ShelfKind, readonly Column[]> = {
  tapes: TAPE_COLUMNS,
  coatings: coatingsTable.columns,
  covers: coversTable.columns,
  sealants: sealantsTable.columns,
  glazes: glazesTable.columns,
  liquids: liquidsTable.columns,
  tools: toolsTable.columns,
  remnants: remnantsTable.columns,
  articles: articlesTable.columns,
}

/** How a table is written: the unit of grip, and how many decimals the site's currency has. */
export interface TableWays {
  readonly unit?: PeelUnit
  readonly digits?: number
}

/** A shelf table as rows; a tape has one row for each width, and money is in whole units of the currency. */
export const shelfRows = (shelf: Shelf, kind: ShelfKind, { unit = 'N/25mm', digits = 2 }: TableWays = {}): ShelfRow[] =>
  minorRows(shelf, kind, unit).map((row) => withMoney(kind, row, (value) => value / 10 ** digits))

function withMoney(kind: ShelfKind, row: ShelfRow, turned: (value: number) => number): ShelfRow {
  const cells = { ...row.cells }
  for (const { key, type } of SHELF_COLUMNS[kind])
    if (type.type === 'number' && type.money) cells[key] = turned(Number(cells[key]))
  return { ...row, cells }
}

function minorRows(shelf: Shelf, kind: ShelfKind, unit: PeelUnit): ShelfRow[] {
  switch (kind) {
    case 'tapes':
      return tapeRows(shelf.tapes, unit)
    case 'coatings':
      return shelf.coatings.map(coatingsTable.rowOf)
    case 'covers':
      return shelf.covers.map(coversTable.rowOf)
    case 'sealants':
      return shelf.sealants.map(sealantsTable.rowOf)
    case 'glazes':
      return shelf.glazes.map(glazesTable.rowOf)
    case 'liquids':
      return shelf.liquids.map(liquidsTable.rowOf)
    case 'tools':
      return shelf.tools.map(toolsTable.rowOf)
    case 'remnants':
      return shelf.remnants.map(remnantsTable.rowOf)
    case 'articles':
      return shelf.articles.map(articlesTable.rowOf)
  }
}

interface WithShelfRowsSetup {
  readonly shelf: Shelf
  readonly kind: ShelfKind
  readonly read: readonly ShelfRow[]
  readonly places: readonly Place[]
  readonly tableWays?: Pick<TableWays, 'digits'>
}

/**
 * The shelf with one table replaced by rows.
 * @param places  where each row stands, for messages  @throws CoreError csv.invalid for ids that contradict one another
 */
export function withShelfRows({
  shelf,
  kind,
  read,
  places,
  tableWays: { digits = 2 } = {},
}: WithShelfRowsSetup): Shelf {
  if (kind !== 'tapes') refuseRepeats(read, places)
  const rows = read.map((row) => withMoney(kind, row, (value) => Math.round(value * 10 ** digits)))
  switch (kind) {
    case 'tapes':
      return { ...shelf, tapes: tapesOfRows(rows, places) }
    case 'coatings':
      return { ...shelf, coatings: rows.map(coatingsTable.itemOf) }
    case 'covers':
      return { ...shelf, covers: rows.map(coversTable.itemOf) }
    case 'sealants':
      return { ...shelf, sealants: rows.map(sealantsTable.itemOf) }
    case 'glazes':
      return { ...shelf, glazes: rows.map(glazesTable.itemOf) }
    case 'liquids':
      return { ...shelf, liquids: rows.map(liquidsTable.itemOf) }
    case 'tools':
      return { ...shelf, tools: rows.map(toolsTable.itemOf) }
    case 'remnants':
      return { ...shelf, remnants: rows.map(remnantsTable.itemOf) }
    case 'articles':
      return { ...shelf, articles: rows.map(articlesTable.itemOf) }
  }
}

function refuseRepeats(rows: readonly ShelfRow[], places: readonly Place[]): void {
  const seen = new Set<CellValue>()
  rows.forEach(({ cells }, i) => {
    if (seen.has(sure(cells.id)))
      throw new CoreError('csv.invalid', {
        place: atCell(nth(places, i), 'id'),
        expected: expects('own_id', { id: String(cells.id) }),
      })
    seen.add(sure(cells.id))
  })
}
