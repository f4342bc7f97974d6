import { W, wordIn, wordText, errorText } from '../../app/words'
import { useState } from 'react'
import { useFacts } from '../../app/state/useJob'
import { minorDigits, readCell, readRow, writeCell, type CellValue, type Column, type ShelfRow } from '@crisp-hem/core'

interface ShelfTableProps {
  readonly columns: readonly Column[]
  /** Those not shown included. */
  readonly allColumns: readonly Column[]
  readonly rows: readonly ShelfRow[]
  /** Columns that only name a line, by key. */
  readonly fixed: readonly string[]
  readonly showRetired: boolean
  /** What stands beside a line, where anything does: what is usual for it. */
  readonly beside?: (row: ShelfRow) => string
  /** Takes the rows, or says in a sentence why it cannot. */
  readonly onChange: (rows: readonly ShelfRow[]) => string | null
}

/** One table of the shelf; a cell counts when it is left, and an emptied one takes its class's value again. */
export function ShelfTable({ columns, allColumns, rows, fixed, showRetired, beside, onChange }: ShelfTableProps) {
  const [wrong, setWrong] = useState<string | null>(null)
  const shown = rows.map((row, i) => ({ row, i })).filter(({ row }) => showRetired || row.cells.retired !== true)
  const commit = (index: number, column: Column, text: string): boolean => {
    const answer = attempt(() =>
      onChange(
        rows.map((row, i) => (sharesCell(rows, index, i, column) ? withCell(allColumns, row, column, text) : row)),
      ),
    )
    setWrong(answer)
    return answer === null
  }
  return (
    <div className="overflow-x-auto">
      {wrong && (
        <p role="alert" className="mb-2 font-semibold text-act">
          {wrong}
        </p>
      )}
      <table className="border-collapse text-[0.86rem]">
        <thead>
          <tr className="text-left text-[0.8rem] text-soft">
            {columns.map((column) => (
              <th
                key={column.key}
                className={`px-1.5 py-1 font-normal whitespace-nowrap ${column.type.type === 'number' ? 'text-right' : ''}`}
              >
                {wordIn(W.shelf.columns, column.key)}
              </th>
            ))}
            {beside && <th className="px-1.5 py-1 font-normal">{W.shelf.usual}</th>}
          </tr>
        </thead>
        <tbody>
          {shown.map(({ row, i }, k) => (
            <tr
              key={`${row.cells.id ?? row.cells.name}|${row.cells.width_mm ?? ''}`}
              className={isSameTape(shown[k + 1]?.row, row) ? '' : 'border-b border-rule'}
            >
              {columns.map((column) => (
                <td key={column.key} className="px-0.5">
                  {fixed.includes(column.key) ? (
                    <span className="px-1">{wordIn(W.shelf.rates, String(row.cells[column.key]))}</span>
                  ) : (
                    (OF_ONE_WIDTH.includes(column.key) || !isSameTape(shown[k - 1]?.row, row)) && (
                      <Cell
                        column={column}
                        row={row}
                        name={`${wordIn(W.shelf.rates, String(row.cells.name))} ${row.cells.width_mm ?? ''}, ${wordIn(W.shelf.columns, column.key)}`}
                        onCommit={(text) => commit(i, column, text)}
                      />
                    )
                  )}
                </td>
              ))}
              {beside && <td className="px-1.5 whitespace-nowrap text-soft">{beside(row)}</td>}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}

/** Lines of one tape stand together, and what they share is written once. */
const isSameTape = (one: ShelfRow | undefined, other: ShelfRow): boolean =>
  one !== undefined && other.cells.id !== undefined && one.cells.id === other.cells.id

/** A tape's widths share everything but width, prices and stock. */
const OF_ONE_WIDTH = ['width_mm', 'price', 'pack_of', 'pack_price', 'stock_m']
const sharesCell = (rows: readonly ShelfRow[], edited: number, other: number, column: Column): boolean =>
  other === edited ||
  (rows[edited]!.cells.id !== undefined &&
    rows[other]!.cells.id === rows[edited]!.cells.id &&
    !OF_ONE_WIDTH.includes(column.key))

function withCell(columns: readonly Column[], row: ShelfRow, column: Column, text: string): ShelfRow {
  const typed = Object.fromEntries(
    Object.entries(row.cells).map(([key, value]) => [key, row.defaults.includes(key) ? '' : writeCell(value)]),
  )
  return readRow(columns, { ...typed, [column.key]: text }, String(row.cells.name))
}

function attempt(work: () => string | null): string | null {
  try {
    return work()
  } catch (error) {
    return errorText(error)
  }
}

interface CellProps {
  readonly column: Column
  readonly row: ShelfRow
  readonly name: string
  readonly onCommit: (text: string) => boolean
}

/** One cell: a list for choices, a tick for yes and no, else typed. Class defaults stand in italics. */
function Cell({ column, row, name, onCommit }: CellProps) {
  const value = row.cells[column.key]!
  const digits = minorDigits(useFacts().site.currency)
  const isDefault = row.defaults.includes(column.key)
  const style = 'border border-transparent bg-transparent px-1 py-0.5 hover:border-seam focus:bg-sheet'
  switch (column.type.type) {
    case 'flag':
      return (
        <input
          type="checkbox"
          className="size-5 accent-ink"
          aria-label={name}
          checked={value === true}
          onChange={(event) => onCommit(event.target.checked ? 'yes' : 'no')}
        />
      )
    case 'choice':
      return (
        <select
          className={style}
          aria-label={name}
          value={String(value)}
          onChange={(event) => onCommit(event.target.value)}
        >
          {column.type.options.map((option) => (
            <option key={option} value={option}>
              {wordText(optionList(column.key), option)}
            </option>
          ))}
        </select>
      )
    default:
      return (
        <TypedCell
          key={writeCell(value)}
          text={shown(column, value, digits)}
          name={isDefault ? `${name}, ${W.shelf.classValue}` : name}
          className={`${style} ${isDefault ? 'italic underline decoration-dotted underline-offset-4' : ''} ${column.type.type === 'number' ? 'w-[4.6rem] text-right' : 'w-44'}`}
          isRight={(text) => isReadable(column, text)}
          onCommit={onCommit}
        />
      )
  }
}

/** Money has its cents on screen; files have the bare number. */
const shown = ({ type }: Column, value: CellValue, digits: number): string =>
  type.type === 'number' && type.money ? Number(value).toFixed(digits) : writeCell(value)

function isReadable(column: Column, text: string): boolean {
  try {
    readCell(column, text, '')
    return true
  } catch {
    return false
  }
}

interface TypedCellProps {
  readonly text: string
  readonly name: string
  readonly className: string
  readonly isRight: (text: string) => boolean
  readonly onCommit: (text: string) => boolean
}

function TypedCell({ text, name, className, isRight, onCommit }: TypedCellProps) {
  const [draft, setDraft] = useState(text)
  const commit = () => {
    if (draft !== text && !onCommit(draft)) setDraft(text)
  }
  return (
    <input
      className={className}
      aria-label={name}
      aria-invalid={!isRight(draft)}
      value={draft}
      onChange={(event) => setDraft(event.target.value)}
      onBlur={commit}
      onKeyDown={(event) => {
        if (event.key === 'Enter') commit()
        if (event.key === 'Escape') setDraft(text)
      }}
    />
  )
}

/** The word list of a column's choices. */
function optionList(key: string): string {
  const lists: Readonly<Record<string, string>> = { kind: 'shelfKind', colour: 'sealantColour', grip_unit: 'gripUnit' }
  return lists[key] ?? key
}
