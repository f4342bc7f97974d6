import Papa from 'papaparse'
import { CoreError } from '../errors'
import type { PeelUnit } from '../units/peel'
import { readRow, writeCell, type ShelfRow } from './columns'
import { SHELF_COLUMNS, shelfRows, withShelfRows, type ShelfKind } from './shelfTables'
import type { Shelf } from './types'

/** One table of the shelf as CSV; cells that hold a class default are left empty, as they were entered. */
export function writeShelfCsv(shelf: Shelf, kind: ShelfKind, unit: PeelUnit = 'N/25mm'): string {
  const fields = SHELF_COLUMNS[kind].map((column) => column.key)
  const data = shelfRows(shelf, kind, unit).map(({ cells, defaults }) =>
    fields.map((key) => (defaults.includes(key) ? '' : writeCell(cells[key]!))),
  )
  return `${Papa.unparse({ fields, data }, { newline: '\n' })}\n`
}

/** What a CSV said: the new shelf, or every row that is wrong. */
export type ShelfCsvAnswer =
  | { readonly ok: true; readonly shelf: Shelf; readonly rows: number }
  | { readonly ok: false; readonly faults: readonly string[] }

/** Reads one table of the shelf. All rows are looked at and every wrong one is named; then nothing is changed. */
export function readShelfCsv(text: string, shelf: Shelf, kind: ShelfKind): ShelfCsvAnswer {
  const columns = SHELF_COLUMNS[kind]
  const { data } = Papa.parse<Record<string, string>>(text.trim(), { header: true, skipEmptyLines: true })
  const missing = columns.filter((column) => !(column.key in (data[0] ?? {})))
  if (missing.length > 0) {
    const names = columns.map((column) => column.key).join(', ')
    return { ok: false, faults: [`first row: expected the columns ${names}; ${missing[0]!.key} is missing`] }
  }
  const rows: ShelfRow[] = []
  const faults: string[] = []
  const places = data.map((_, i) => `row ${i + 2}`)
  data.forEach((typed, i) => attempt(faults, () => rows.push(readRow(columns, typed, places[i]!))))
  if (faults.length > 0) return { ok: false, faults }
  let next = shelf
  attempt(faults, () => (next = withShelfRows(shelf, kind, rows, places)))
  return faults.length > 0 ? { ok: false, faults } : { ok: true, shelf: next, rows: rows.length }
}

function attempt(faults: string[], work: () => void): void {
  try {
    work()
  } catch (error) {
    if (!(error instanceof CoreError)) throw error
    faults.push(error.message)
  }
}
