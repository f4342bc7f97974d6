import { Download, Plus } from 'lucide-react'
import { useState } from 'react'
import { PEEL_UNITS, RATE_RANGES, type PeelUnit, type ShelfRow } from '@crisp-hem/core'
import { PageHead } from '../../app/frame/PageHead'
import { noticed } from '../../app/state/noticeSlice'
import { useFacts } from '../../app/state/useJob'
import { useAppDispatch } from '../../app/state/store'
import { Button } from '../../app/ui/Button'
import { FileButton } from '../../app/ui/FileButton'
import { Panel } from '../../app/ui/Panel'
import { saveText } from '../../app/ui/saveText'
import { Switch } from '../../app/ui/Tabs'
import { useReading } from '../../app/ui/useReading'
import { newShelfRow } from './newShelfRow'
import { ShelfTable } from './ShelfTable'
import { TABLE_KINDS, useTable, type TableKind } from './useTable'
import { W, wordText } from '../../app/words'

/** Columns of the file that the screen shows otherwise, or not at all. */
const NOT_SHOWN = ['id', 'grip_unit']

/** What the contractor has and can buy: tapes, coatings, covers, sealants, with stock and what is known of each. */
export function ShelfPage() {
  const { id } = useFacts()
  const dispatch = useAppDispatch()
  const [kind, setKind] = useState<TableKind>('tapes')
  const [unit, setUnit] = useState<PeelUnit>('N/25mm')
  const [faults, setFaults] = useState<readonly string[]>([])
  const [retired, setRetired] = useState(false)
  const table = useTable(kind, unit)
  const { read: readFile, line } = useReading()
  const read = (text: string, name: string) =>
    table.read(readFile, { text, name }, (answer) => {
      if ('faults' in answer) return setFaults(answer.faults)
      setFaults([])
      dispatch(noticed({ text: W.shelf.taken({ n: answer.rows }), tone: 'plain', undo: null }))
    })
  return (
    <>
      <PageHead title={W.shelf.title} line={W.shelf.line1} />
      <div className="px-4 pb-6 lg:px-6">
        <Panel
          title={
            <Switch
              label={W.shelf.which}
              value={kind}
              options={TABLE_KINDS.map((value) => ({ value, text: W.shelf.kinds[value] }))}
              onChange={(next) => {
                setKind(next)
                setFaults([])
              }}
            />
          }
          aside={<ShelfTools {...{ kind, unit, setUnit, retired, setRetired, table, jobId: id }} onText={read} />}
        >
          {line}
          {faults.length > 0 && <Faults faults={faults} onClose={() => setFaults([])} />}
          <ShelfTable
            key={kind}
            columns={table.columns.filter((column) => !NOT_SHOWN.includes(column.key))}
            allColumns={table.columns}
            rows={table.rows}
            fixed={kind === 'rates' ? ['name', 'per'] : []}
            showRetired={retired}
            {...(kind === 'rates' ? { beside: usualRate } : {})}
            onChange={table.setRows}
          />
          <p className="mt-2 text-sm text-soft">
            {kind === 'rates' ? W.shelf.ratesLine : W.shelf.key} {kind === 'tapes' && W.shelf.tapeKey}
          </p>
        </Panel>
      </div>
    </>
  )
}

interface ShelfToolsProps {
  readonly jobId: string
  readonly kind: TableKind
  readonly unit: PeelUnit
  readonly setUnit: (unit: PeelUnit) => void
  readonly retired: boolean
  readonly setRetired: (retired: boolean) => void
  readonly table: ReturnType<typeof useTable>
  readonly onText: (text: string, name: string) => void
}

/** Which unit grip is in, whether retired lines are shown, a new line, and the table as a file in and out. */
function ShelfTools({ jobId, kind, unit, setUnit, retired, setRetired, table, onText }: ShelfToolsProps) {
  return (
    <>
      {kind === 'tapes' && (
        <label className="flex items-center gap-1.5 whitespace-nowrap">
          {W.shelf.gripIn}
          <select className="field" value={unit} onChange={(event) => setUnit(event.target.value as PeelUnit)}>
            {PEEL_UNITS.map((each) => (
              <option key={each}>{each}</option>
            ))}
          </select>
        </label>
      )}
      {kind !== 'rates' && (
        <>
          <label className="flex items-center gap-1.5 whitespace-nowrap">
            <input
              type="checkbox"
              className="size-5 accent-ink"
              checked={retired}
              onChange={(event) => setRetired(event.target.checked)}
            />
            {W.shelf.showRetired}
          </label>
          <Button
            icon={<Plus size={15} aria-hidden />}
            onClick={() => table.setRows([...table.rows, newShelfRow(kind, table.rows)])}
          >
            {W.shelf.add}
          </Button>
        </>
      )}
      <FileButton label={W.shelf.csvIn} accept=".csv,text/csv" onText={onText} />
      <Button
        icon={<Download size={15} aria-hidden />}
        onClick={() => saveText(`${jobId}-${kind}.csv`, table.csv(), 'text/csv')}
      >
        {W.shelf.csvOut}
      </Button>
    </>
  )
}

/** Every wrong row of a file; nothing of it was taken. */
function Faults({ faults, onClose }: { faults: readonly string[]; onClose: () => void }) {
  return (
    <div role="alert" className="mb-3 border-l-4 border-act pl-3">
      <p className="font-semibold">{W.shelf.refused({ n: faults.length })}</p>
      <ul className="max-h-48 overflow-y-auto text-sm">
        {faults.map((fault) => (
          <li key={fault}>{fault}</li>
        ))}
      </ul>
      <Button tone="quiet" onClick={onClose}>
        {W.shelf.close}
      </Button>
    </div>
  )
}

/** What practised painters take for a rate's work, and how that is known. */
function usualRate({ cells }: ShelfRow): string {
  const range = RATE_RANGES[cells.name as keyof typeof RATE_RANGES]
  return range ? W.shelf.usualRange({ low: range.low, high: range.high, mark: wordText('mark', range.mark) }) : ''
}
