import { marksCsv, marksDxf, type LineMark, type UnitSystem } from '@crisp-hem/core'
import { Download } from 'lucide-react'
import { Button } from '../../app/ui/Button'
import { LengthField } from '../../app/ui/fields'
import { Panel } from '../../app/ui/Panel'
import { saveText } from '../../app/ui/saveText'
import { W } from '../../app/words'
import { LinesTable } from './LinesTable'
import { mmWords } from '../../app/words/mmWords'

interface MarksTableProps {
  readonly name: string
  readonly marks: readonly LineMark[]
  readonly units: UnitSystem
  readonly studsMm: number
  readonly onStuds: (mm: number) => void
}

/** Marks to set, all measured from one end so that errors do not add, from the other end as a check. */
export function MarksTable({ name, marks, units, studsMm, onStuds }: MarksTableProps) {
  const mm = mmWords(units)
  return (
    <Panel
      title={W.lines.marks}
      aside={
        <>
          <Button
            icon={<Download size={16} aria-hidden />}
            onClick={() => saveText(`${name.trim()} marks.csv`, marksCsv(marks, units), 'text/csv')}
          >
            {W.lines.csv}
          </Button>
          <Button
            icon={<Download size={16} aria-hidden />}
            onClick={() => saveText(`${name.trim()} marks.dxf`, marksDxf(marks), 'image/vnd.dxf')}
          >
            {W.lines.dxf}
          </Button>
        </>
      }
    >
      <div className="mb-2 w-40">
        <LengthField label={W.lines.studs} mm={studsMm} units={units} onCommit={onStuds} />
      </div>
      <LinesTable
        heads={[W.lines.fromLeft, W.lines.offset, W.lines.fromRight]}
        boldAt={1}
        rows={marks.map(({ atMm, offMm, fromRightMm }) => ({
          key: String(atMm),
          cells: [mm(atMm), units === 'metric' ? `${offMm} mm` : mm(offMm), mm(fromRightMm)],
        }))}
      />
    </Panel>
  )
}
