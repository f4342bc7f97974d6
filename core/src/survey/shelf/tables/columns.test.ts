import { refusal } from '../../../../tests/refusal'
import { readCell, readRow, writeCell } from '../columns'
import { SHELF_COLUMNS, SHELF_KINDS, shelfRows } from '../shelfTables'
import { DEMO_SHELF as SHELF } from '../../../../../demo/stock'
import { RATE_COLUMNS, RATE_NAMES } from './ratesTable'

describe.each(SHELF_KINDS)('%s', (kind) => {
  const columns = SHELF_COLUMNS[kind]
  test('each column is named once, and each row has a cell for each column and no other', () => {
    const keys = columns.map((column) => column.key)
    expect(new Set(keys).size).toBe(keys.length)
    for (const row of shelfRows(SHELF, kind)) expect(Object.keys(row.cells).sort()).toEqual([...keys].sort())
  })
  test('every cell of the starter shelf reads back as it was written', () => {
    for (const row of shelfRows(SHELF, kind))
      for (const column of columns)
        expect(readCell(column, writeCell(row.cells[column.key]!), 'here')).toEqual(row.cells[column.key])
  })
  test('a row left empty wherever it may be takes values in its columns’ bounds', () => {
    const [row] = shelfRows(SHELF, kind)
    const typed = Object.fromEntries(
      columns.map((column) => [column.key, column.classDefault ? '' : writeCell(row!.cells[column.key]!)]),
    )
    const read = readRow(columns, typed, 'row 2')
    expect(read.defaults).toEqual(columns.filter((column) => column.classDefault).map((column) => column.key))
    for (const column of columns.filter((each) => each.classDefault && each.type.type === 'number')) {
      const { low, high } = column.type as { low: number; high: number }
      expect(Number(read.cells[column.key])).toBeGreaterThanOrEqual(low)
      expect(Number(read.cells[column.key])).toBeLessThanOrEqual(high)
    }
  })
})

test('numbers are read with point or comma, flags as words, and what is neither is refused by its place', () => {
  const [minutes] = RATE_COLUMNS.filter((column) => column.key === 'minutes')
  expect(readCell(minutes!, ' 0,25 ', 'x')).toBe(0.25)
  expect(refusal(() => readCell(minutes!, '', 'row 3, minutes'))).toMatch(
    /row 3, minutes: expected a number from 0 to 1000/,
  )
  const flag = SHELF_COLUMNS.liquids.find((column) => column.key === 'yellows')!
  expect(['yes', 'TRUE', 'no', 'false'].map((text) => readCell(flag, text, 'x'))).toEqual([true, true, false, false])
  expect(refusal(() => readCell(flag, 'maybe', 'row 4, yellows'))).toMatch(/row 4, yellows: expected yes or no/)
})

test('the rates’ names are the choices of their column', () => {
  expect(RATE_COLUMNS[0]!.type).toEqual({ type: 'choice', options: RATE_NAMES })
})
