import { atRow, expects, FIRST_ROW, type Fault, type Place } from '../../base/units/faults'
import { nth, sure } from '../../base/units/sure'
import { CoreError, type Rates, type Shelf } from '../../base/nouns'
import { readCsv, writeCsv } from '../../base/units/csvText'
import { readRow, writeCell, type Column, type ShelfRow } from './columns'
import { SHELF_COLUMNS, shelfRows, withShelfRows, type ShelfKind, type TableWays } from './shelfTables'
import { RATE_COLUMNS, rateRows, ratesOfRows } from './tables/ratesTable'

/** One table of the shelf as CSV; cells that hold a class default are left empty, as they were entered. */
export const writeShelfCsv = (shelf: Shelf, kind: ShelfKind, ways: TableWays = {}): string =>
  writeTable(SHELF_COLUMNS[kind], shelfRows(shelf, kind, ways))

/** The work rates as CSV. */
export const writeRatesCsv = (rates: Rates): string => writeTable(RATE_COLUMNS, rateRows(rates))

function writeTable(columns: readonly Column[], rows: readonly ShelfRow[]): string {
  const fields = columns.map((column) => column.key)
  const data = rows.map(({ cells, defaults }) =>
    fields.map((key) => (defaults.includes(key) ? '' : writeCell(sure(cells[key])))),
  )
  return writeCsv(fields, data)
}

/** What a CSV said: what is taken from it, or every row that is wrong. */
type TableAnswer<T> =
  | { readonly ok: true; readonly taken: T; readonly rows: number }
  | { readonly ok: false; readonly faults: readonly Fault[] }

/** Reads one table of the shelf. All rows are looked at and every wrong one is named; then nothing is changed. */
export const readShelfCsv = (
  text: string,
  shelf: Shelf,
  kind: ShelfKind,
  ways: Pick<TableWays, 'digits'> = {},
): TableAnswer<Shelf> =>
  readTable(text, SHELF_COLUMNS[kind], (rows, places) =>
    withShelfRows({ shelf, kind, read: rows, places, tableWays: ways }),
  )

/** Reads work rates in the same way. */
export const readRatesCsv = (text: string): TableAnswer<Rates> => readTable(text, RATE_COLUMNS, ratesOfRows)

function readTable<T>(
  text: string,
  columns: readonly Column[],
  take: (rows: readonly ShelfRow[], places: readonly Place[]) => T,
): TableAnswer<T> {
  const { data, fields } = readCsv(text)
  // Files of older versions lack columns that came since: where a class has a value, that stands in.
  const missing = columns.filter((column) => !column.classDefault && !fields.includes(column.key))
  if (missing.length > 0) {
    const names = columns.map((column) => column.key).join(', ')
    const expected = expects('columns', { columns: names, missing: nth(missing, 0).key })
    return { ok: false, faults: [{ place: FIRST_ROW, expected }] }
  }
  const rows: ShelfRow[] = []
  const faults: Fault[] = []
  const places = data.map((_, i) => atRow(i + 2))
  data.forEach((typed, i) => attempt(faults, () => rows.push(readRow(columns, typed, nth(places, i)))))
  if (faults.length > 0) return { ok: false, faults }
  const taken: T[] = []
  attempt(faults, () => taken.push(take(rows, places)))
  return faults.length > 0 ? { ok: false, faults } : { ok: true, taken: nth(taken, 0), rows: rows.length }
}

function attempt(faults: Fault[], work: () => void): void {
  try {
    work()
  } catch (error) {
    const { place, expected } = error instanceof CoreError ? error.facts : {}
    if (typeof place !== 'object' || typeof expected !== 'object') throw error
    faults.push({ place, expected })
  }
}
