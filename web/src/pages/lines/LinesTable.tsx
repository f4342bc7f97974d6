import type { ReactNode } from 'react'

interface LinesTableProps {
  readonly heads: readonly string[]
  readonly rows: readonly { readonly key: string; readonly cells: readonly ReactNode[]; readonly isBold?: boolean }[]
  /** The column that is set on the wall. */
  readonly boldAt?: number
}

/** Figures to set, a row for each mark, corner or edge of tape. */
export function LinesTable({ heads, rows, boldAt }: LinesTableProps) {
  return (
    <div className="overflow-x-auto">
      <table className="text-sm">
        <thead>
          <tr className="border-b border-rule text-left">
            {heads.map((head, i) => (
              <th key={i} className="pr-5 font-semibold">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ key, cells, isBold }) => (
            <tr key={key} className={`border-b border-rule/50 ${isBold ? 'font-bold' : ''}`}>
              {cells.map((cell, i) => (
                <td key={i} className={`pr-5 ${i === boldAt ? 'font-bold' : ''}`}>
                  {cell}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}
