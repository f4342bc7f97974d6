import type { Coded } from '../../base/units/errors'
import { atCell, expects, type Place } from '../../base/units/faults'
import { sure } from '../../base/units/sure'
import { CoreError } from '../../base/nouns'

/** How a cell of the shelf is written and read. Numbers may be empty where a class default stands in. */
type ColumnType =
  | { readonly type: 'text'; readonly most: number }
  | {
      readonly type: 'number'
      readonly low: number
      readonly high: number
      readonly whole?: boolean
      readonly money?: boolean
    }
  | { readonly type: 'choice'; readonly options: readonly string[] }
  | { readonly type: 'flag' }

export type CellValue = string | number | boolean

/** One column of a shelf table: its name in files and on screen, what it takes, and what stands in when it is empty. */
export interface Column {
  readonly key: string
  readonly type: ColumnType
  /** Value of the class a row belongs to, for cells left empty. */
  readonly classDefault?: (row: Readonly<Record<string, CellValue | null>>) => CellValue
}

/** A row as plain cells; `defaults` names those that hold a class default. */
export interface ShelfRow {
  readonly cells: Readonly<Record<string, CellValue>>
  readonly defaults: readonly string[]
}

/** What a cell holds, from the text typed for it; null when it is empty and a class default may stand in. */
export function readCell(column: Column, text: string, place: Place): CellValue | null {
  const trimmed = text.trim()
  const wrong = (expected: Coded) => new CoreError('csv.invalid', { place, expected })
  if (trimmed === '' && column.classDefault) return null
  const { type } = column
  switch (type.type) {
    case 'text':
      if (trimmed === '' || trimmed.length > type.most)
        throw wrong(expects('text_from_to', { least: 1, most: type.most }))
      return trimmed
    case 'number': {
      const value = trimmed === '' ? Number.NaN : Number(trimmed.replace(',', '.'))
      if (!(value >= type.low && value <= type.high) || (type.whole && !Number.isInteger(value)))
        throw wrong(
          expects(type.whole ? 'whole_from_to' : 'number_from_to', { low: type.low, high: type.high, text: trimmed }),
        )
      return value
    }
    case 'choice': {
      // Files of older versions, and people, write the words of a choice with blanks.
      const found = type.options.find((option) => asCode(option) === asCode(trimmed))
      if (!found) throw wrong(expects('one_of', { options: type.options.join(', ') }))
      return found
    }
    case 'flag':
      if (!/^(yes|no|true|false)$/i.test(trimmed)) throw wrong(expects('yes_no'))
      return /^(yes|true)$/i.test(trimmed)
  }
}

const asCode = (text: string): string => text.toLowerCase().replace(/,/g, '').replace(/\s+/g, '-')

/** A cell as text. */
export const writeCell = (value: CellValue): string =>
  typeof value === 'boolean' ? (value ? 'yes' : 'no') : String(value)

/** A row from typed cells, with class defaults where nothing was typed. @throws CoreError csv.invalid */
export function readRow(columns: readonly Column[], typed: Readonly<Record<string, string>>, where: Place): ShelfRow {
  const cells: Record<string, CellValue | null> = {}
  for (const column of columns) cells[column.key] = readCell(column, typed[column.key] ?? '', atCell(where, column.key))
  const defaults = columns.filter((column) => cells[column.key] === null).map((column) => column.key)
  for (const column of columns) cells[column.key] ??= sure(column.classDefault)(cells)
  return { cells: cells as Record<string, CellValue>, defaults }
}
