import { useFacts } from '../../app/state/useJob'
import { ChoiceField, LengthField, NumberField } from '../../app/ui/fields'
import { W } from '../../app/words'
import { isBetween, type PatternAsked } from './patternAsked'

/** Patterns beyond these are no longer patterns: so many stripes, so many squares a way, and so many degrees out of upright. From memory. */
const [MOST_STRIPES, MOST_CELLS, MOST_SLANT_DEG] = [400, 40, 80] as const

type Asked = Omit<PatternAsked, 'colours'>

interface PatternFieldsProps {
  readonly asked: Asked
  readonly onChange: (change: Partial<Asked>) => void
}

/** What a pattern of this kind has to be told. */
export function PatternFields({ asked, onChange }: PatternFieldsProps) {
  const { units } = useFacts().site
  const { kind } = asked
  const length = (label: string, name: LengthName, allowZero = false) => (
    <LengthField
      label={label}
      mm={asked[name]}
      units={units}
      allowZero={allowZero}
      onCommit={(mm) => onChange({ [name]: mm })}
    />
  )
  const count = (label: string, name: 'count' | 'across' | 'up' | 'waves', most: number) => (
    <NumberField
      label={label}
      value={asked[name]}
      onCommit={(next) => {
        if (!Number.isInteger(next) || next < 1 || next > most) return false
        onChange({ [name]: next })
      }}
    />
  )
  return (
    <div className="grid grid-cols-2 gap-2">
      {isBetween(kind) && length(W.lines.low, 'lowMm', true)}
      {isBetween(kind) && length(W.lines.high, 'highMm')}
      {(kind === 'upright' || kind === 'level') && (
        <>
          <div className="col-span-2">
            <ChoiceField
              label={W.lines.by}
              value={asked.by}
              options={(['count', 'width'] as const).map((value) => ({ value, text: W.lines.bys[value] }))}
              onCommit={(by) => onChange({ by })}
            />
          </div>
          {asked.by === 'count' ? count(W.lines.count, 'count', MOST_STRIPES) : length(W.lines.about, 'widthMm')}
        </>
      )}
      {kind === 'upright' && (
        <NumberField
          label={W.lines.slant}
          value={asked.slantDeg}
          onCommit={(slantDeg) => {
            if (Math.abs(slantDeg) > MOST_SLANT_DEG) return false
            onChange({ slantDeg })
          }}
        />
      )}
      {(kind === 'checks' || kind === 'diamonds') && (
        <>
          {count(W.lines.acrossCount, 'across', MOST_CELLS)}
          {count(W.lines.upCount, 'up', MOST_CELLS)}
        </>
      )}
      {kind === 'wave' && (
        <>
          {count(W.lines.waves, 'waves', MOST_CELLS)}
          {length(W.lines.middle, 'middleMm')}
          {length(W.lines.swing, 'swingMm')}
        </>
      )}
      {kind === 'border' && (
        <>
          {length(W.lines.inset, 'insetMm', true)}
          {length(W.lines.broad, 'broadMm')}
        </>
      )}
      {kind === 'disc' && (
        <>
          {length(W.lines.centreAt, 'centreAtMm')}
          {length(W.lines.centreUp, 'centreUpMm')}
          {length(W.lines.radius, 'radiusMm')}
        </>
      )}
    </div>
  )
}

type LengthName = {
  [Name in keyof Asked]: Name extends `${string}Mm` ? Name : never
}[keyof Asked]
