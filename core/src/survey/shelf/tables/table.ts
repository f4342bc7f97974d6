import type { Mark } from '../../../base/nouns'
import type { CellValue, Column, ShelfRow } from '../columns'

/** One table of the shelf: its columns, and how a thing becomes a row and a row a thing. */
export interface ShelfTable<T> {
  readonly columns: readonly Column[]
  readonly rowOf: (item: T) => ShelfRow
  readonly itemOf: (row: ShelfRow) => T
}

export const text = (key: string, most = 200): Column => ({ key, type: { type: 'text', most } })
type Standing = Pick<Column, 'classDefault'>
export const flag = (key: string, more: Standing = {}): Column => ({ key, type: { type: 'flag' }, ...more })
export const choice = (key: string, options: readonly string[], more: Standing = {}): Column => ({
  key,
  type: { type: 'choice', options },
  ...more,
})
export const number = (
  key: string,
  low: number,
  high: number,
  more: { whole?: boolean; money?: boolean; classDefault?: Column['classDefault'] } = {},
): Column => ({
  key,
  type: { type: 'number', low, high, ...(more.whole ? { whole: true } : {}), ...(more.money ? { money: true } : {}) },
  ...(more.classDefault ? { classDefault: more.classDefault } : {}),
})
/** A price. Tables of things hold minor units; whoever reads or writes rows turns them into the currency's own. */
export const money = (key: string) => number(key, 0, 1_000_000, { money: true })

export const mm = (metres: CellValue) => Math.round(Number(metres) * 1000)
export const short = (value: number) => Number(value.toPrecision(5))

/** What things share that know which of their values are their class's. */
interface Named {
  readonly id: string
  readonly name: string
  readonly retired: boolean
  readonly mark: Mark
  readonly defaults: readonly string[]
}
export const namedRow = (item: Named, cells: ShelfRow['cells']): ShelfRow => ({
  defaults: item.defaults,
  cells: { id: item.id, name: item.name, ...cells, retired: item.retired, mark: item.mark },
})
export const namedOf = ({ cells: c, defaults }: ShelfRow): Named => ({
  id: String(c.id),
  name: String(c.name),
  retired: Boolean(c.retired),
  mark: c.mark as Mark,
  defaults,
})

/** Cells without class defaults. */
export const plainRow = (cells: ShelfRow['cells']): ShelfRow => ({ cells, defaults: [] })
