import Papa from 'papaparse'

/**
 * Text that a spreadsheet would run when it opens a file: what begins with a sign of a formula, or with a blank that
 * hides one. A plain number may begin with a minus. Quotes before it count too, so that a quote that was there comes back.
 */
const RUNS = /^'*(?:[=+@\t\r]|-(?!\d+(?:\.\d+)?$))/

/** Rows as CSV. A cell that a spreadsheet would run is written behind a quote, which spreadsheets take as "this is text". */
export const writeCsv = (fields: readonly string[], data: readonly (readonly unknown[])[]): string =>
  `${Papa.unparse({ fields: [...fields], data: data.map((row) => [...row]) }, { newline: '\n', escapeFormulae: RUNS })}\n`

/** A CSV with a head row: its rows by column name, and what Papa could not read. */
interface CsvRows {
  /** Columns the head row names. */
  readonly fields: readonly string[]
  readonly data: readonly Record<string, string>[]
  readonly errors: readonly { readonly row: number | undefined; readonly message: string }[]
}

/** Reads a CSV; a quote that was put before a cell comes off again. */
export function readCsv(text: string): CsvRows {
  const { data, errors, meta } = Papa.parse<Record<string, string>>(text.trim(), {
    header: true,
    delimiter: delimiterOf(text),
    skipEmptyLines: true,
    transform: (cell: string) => (cell.startsWith("'") && RUNS.test(cell.slice(1)) ? cell.slice(1) : cell),
  })
  return { fields: meta.fields ?? [], data, errors: errors.map(({ row, message }) => ({ row, message })) }
}

/** What spreadsheets put between cells, by what the head row has: names of columns hold none of these. */
const DELIMITERS = [',', ';', '\t']

function delimiterOf(text: string): string {
  const [head = ''] = text.trimStart().split('\n', 1)
  return DELIMITERS.find((sign) => head.includes(sign)) ?? ','
}
