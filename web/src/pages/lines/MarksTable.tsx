import { formatLength, type UnitSystem } from '@crisp-hem/core'
import { marksCsv, marksDxf, type LineMark } from '@crisp-hem/core'
import { Download } from 'lucide-react'
import { Button } from '../../app/ui/Button'
import { LengthField } from '../../app/ui/fields'
import { Panel } from '../../app/ui/Panel'
import { saveText } from '../../app/ui/saveText'
import { W } from '../../app/words'

interface MarksTableProps {
  readonly name: string
  readonly marks: readonly LineMark[]
  readonly units: UnitSystem
  readonly studsMm: number
  readonly onStuds: (mm: number) => void
}

/** Marks to set, all measured from one end so that errors do not add, from the other end as a check. */
export function MarksTable({ name, marks, units, studsMm, onStuds }: MarksTableProps) {
  const mm = (value: number) => formatLength(Math.round(value), units)
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
      <div className="overflow-x-auto">
        <table className="text-sm">
          <thead>
            <tr className="border-b border-rule text-left">
              <th className="pr-5 font-semibold">{W.lines.fromLeft}</th>
              <th className="pr-5 font-semibold">{W.lines.offset}</th>
              <th className="font-semibold">{W.lines.fromRight}</th>
            </tr>
          </thead>
          <tbody>
            {marks.map((mark) => (
              <tr key={mark.atMm} className="border-b border-rule/50">
                <td className="pr-5">{mm(mark.atMm)}</td>
                <td className="pr-5 font-bold">{units === 'metric' ? `${mark.offMm} mm` : mm(mark.offMm)}</td>
                <td>{mm(mark.fromRightMm)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </Panel>
  )
}
