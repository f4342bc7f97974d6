import fc from 'fast-check'
import Papa from 'papaparse'
import { readCsv, writeCsv } from './csvText'

test('what a spreadsheet would run is written as text; numbers and plain words stay', () => {
  const cells = ['=1+1', '+cmd', '@sum', '-x', '\thidden', '-4.5', '12', 'plain', "it's"]
  const written = writeCsv(
    ['a'],
    cells.map((cell) => [cell]),
  )
  expect(rawCells(written).flat()).toEqual([
    "'=1+1",
    "'+cmd",
    "'@sum",
    "'-x",
    "'\thidden",
    '-4.5',
    '12',
    'plain',
    "it's",
  ])
})

test('no cell of any text is written so that it runs, and every cell comes back as it was', () => {
  const text = fc.string({ minLength: 1, maxLength: 12, unit: fc.constantFrom(...'=+-@\tab1 ,"\'\n') })
  fc.assert(
    fc.property(fc.array(text, { minLength: 1, maxLength: 5 }), (row) => {
      const fields = row.map((_, i) => `c${i}`)
      const written = writeCsv(fields, [row, row.map(() => 'end')])
      const [back] = readCsv(written).data
      expect(fields.map((field) => back?.[field])).toEqual(row)
      for (const cell of rawCells(written).flat()) expect(cell).not.toMatch(/^(?:[=+@\t\r]|-(?!\d+(?:\.\d+)?$))/)
    }),
  )
})

/** Cells as a spreadsheet finds them that is told what stands between: Papa's own guess takes tabs within one column for it. */
const rawCells = (text: string): string[][] => Papa.parse<string[]>(text.trimEnd(), { delimiter: ',' }).data.slice(1)

test.each([
  ['a comma', 'id,name\n1,"Tern; grey"\n', 'Tern; grey'],
  ['a semicolon, as spreadsheets of half the world write it', 'id;name\n1;"Tern, grey"\n', 'Tern, grey'],
  ['a tab', 'id\tname\n1\tTern, grey; pale\n', 'Tern, grey; pale'],
])('cells with %s between them are told by the head row, whatever stands in cells', (_, text, name) => {
  expect(readCsv(text).data).toEqual([{ id: '1', name }])
})

test('a file of one column is read as one, though its cells hold tabs', () => {
  expect(readCsv('c0\n"1\t\t\t="\nend\n').data).toEqual([{ c0: '1\t\t\t=' }, { c0: 'end' }])
})
