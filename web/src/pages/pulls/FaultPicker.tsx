import { useState } from 'react'
import { FAULT_SIZES, FAULTS, type FaultKind, type FaultSize, type Find } from '@crisp-hem/core'
import { useFacts } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { LengthField } from '../../app/ui/fields'
import { Switch } from '../../app/ui/Tabs'
import { W } from '../../app/words'
import { FaultDrawing } from './FaultDrawing'
import { MeasureOnPhoto } from './MeasureOnPhoto'

interface FaultPickerProps {
  readonly name: string
  readonly onSave: (finds: readonly Find[]) => void
}

/** Faults of one line, tapped one by one by what they look like. */
export function FaultPicker({ name, onSave }: FaultPickerProps) {
  const { units } = useFacts().site
  const [finds, setFinds] = useState<readonly Find[]>([])
  const [size, setSize] = useState<FaultSize>('small')
  const [runMm, setRunMm] = useState(0)
  const add = (fault: FaultKind, by: 1 | -1, of: FaultSize) =>
    setFinds((before) => counted(before, { fault, size: of }, by))
  return (
    <div className="mt-1 grid w-full gap-2 border-t border-rule pt-2">
      <div className="flex flex-wrap items-center gap-2">
        <Switch
          label={W.inspect.size}
          value={size}
          options={FAULT_SIZES.map((value) => ({ value, text: W.inspect.sizes[value] }))}
          onChange={setSize}
        />
        <span className="text-sm text-soft">{W.inspect.tap}</span>
      </div>
      <div className="grid grid-cols-2 gap-1.5">
        {FAULTS.map((fault) => (
          <button
            key={fault}
            type="button"
            className="flex min-h-11 items-center gap-2 border border-rule bg-sheet px-1.5 text-left text-sm hover:bg-deep"
            onClick={() => add(fault, 1, size)}
          >
            <FaultDrawing fault={fault} />
            {W.inspect.faults[fault]}
          </button>
        ))}
      </div>
      {finds.length > 0 && (
        <>
          <ul className="flex flex-wrap gap-1.5">
            {finds.map((find) => {
              const what = W.inspect.chip({
                n: find.count,
                fault: W.inspect.faults[find.fault],
                size: W.inspect.sizes[find.size],
              })
              return (
                <li key={`${find.fault}${find.size}`}>
                  <button
                    type="button"
                    aria-label={W.inspect.takeOff({ what })}
                    className="min-h-11 border border-ink/70 px-2 text-sm"
                    onClick={() => add(find.fault, -1, find.size)}
                  >
                    {what} −
                  </button>
                </li>
              )
            })}
          </ul>
          <MeasureOnPhoto units={units} onMeasured={setRunMm} />
          <div className="flex flex-wrap items-end gap-2">
            <LengthField label={W.inspect.run} mm={runMm} units={units} allowZero onCommit={setRunMm} />
            <Button
              tone="act"
              className="min-h-11"
              aria-label={`${W.inspect.save}: ${name}`}
              onClick={() => onSave(withRun(finds, runMm))}
            >
              {W.inspect.save}
            </Button>
          </div>
        </>
      )}
    </div>
  )
}

/** One more, or one less, of a kind and size; none of it is left out. */
function counted(finds: readonly Find[], { fault, size }: Pick<Find, 'fault' | 'size'>, by: 1 | -1): readonly Find[] {
  const before = finds.find((each) => each.fault === fault && each.size === size)
  const now: Find = { fault, size, lengthMm: 0, count: (before?.count ?? 0) + by }
  const changed = before ? finds.map((each) => (each === before ? now : each)) : [...finds, now]
  return changed.filter(({ count }) => count > 0)
}

/** The run that shows them, shared among them by their counts. */
function withRun(finds: readonly Find[], runMm: number): readonly Find[] {
  const all = finds.reduce((sum, { count }) => sum + count, 0)
  return finds.map((find) => ({ ...find, lengthMm: Math.round((runMm * find.count) / Math.max(1, all)) }))
}
