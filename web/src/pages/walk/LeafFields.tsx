import type { Opening } from '@crisp-hem/core'
import { CheckField, ChoiceField } from '../../app/ui/fields'
import { W } from '../../app/words'

type HowPainted = Pick<Opening, 'paintedSides' | 'takenOff'>

interface LeafFieldsProps {
  readonly leaves: HowPainted
  readonly onChange: (change: Partial<HowPainted>) => unknown
}

/** How doors are painted: one side or both, where they hang or on stands. */
export function LeafFields({ leaves, onChange }: LeafFieldsProps) {
  return (
    <>
      <ChoiceField
        label={W.walk.paintedSides}
        value={String(leaves.paintedSides)}
        options={['1', '2'].map((value) => ({ value, text: value }))}
        onCommit={(sides) => onChange({ paintedSides: Number(sides) })}
      />
      <CheckField label={W.walk.takenOff} checked={leaves.takenOff} onChange={(takenOff) => onChange({ takenOff })} />
    </>
  )
}
