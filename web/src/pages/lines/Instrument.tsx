import { levelErrorMmPerM, twoPegErrorMmPerM, type UnitSystem } from '@crisp-hem/core'
import { ChoiceField } from '../../app/ui/fields'
import { W } from '../../app/words'
import { mmWords } from '../../app/words/mmWords'
import { ReadingsField } from './ReadingsField'
import { useReadLengths } from './useReadLengths'

const KINDS = ['spirit', 'laser'] as const
export type InstrumentKind = (typeof KINDS)[number]

/** A length over which an instrument's own error is told, mm: two metres, or six feet. */
const TOLD_OVER_MM = { metric: 2000, imperial: 1828.8 } as const
const PLACEHOLDERS = {
  metric: { spirit: '3\n1\n1200', laser: '1500\n1450\n1520\n1476\n1 m\n6 m' },
  imperial: { spirit: '1/8"\n0"\n4\'', laser: "4' 9\"\n4' 7\"\n4' 10\"\n4' 8 1/4\"\n3'\n20'" },
} as const

interface InstrumentProps {
  readonly units: UnitSystem
  readonly kind: InstrumentKind
  readonly onKind: (kind: InstrumentKind) => void
  readonly text: string
  readonly onText: (text: string) => void
}

/** Whether a level or a laser is true, by its own check; what it is off is taken out of every reading. */
export function Instrument({ units, kind, onKind, text, onText }: InstrumentProps) {
  const mm = mmWords(units)
  const { list, fault } = useReadLengths(text, units)
  const perMetre = errorOf(kind, list)
  return (
    <details>
      <summary className="cursor-pointer text-sm font-semibold">{W.lines.instrument}</summary>
      <div className="mt-1 grid gap-1">
        <ChoiceField
          label={W.lines.instrumentIs}
          value={kind}
          options={KINDS.map((value) => ({ value, text: W.lines.instruments[value] }))}
          onCommit={onKind}
        />
        <ReadingsField
          label={W.lines.checks[kind]}
          value={text}
          onChange={onText}
          fault={fault}
          placeholder={PLACEHOLDERS[units][kind]}
        />
        <p className="text-sm text-soft">
          {perMetre === 0
            ? W.lines.checkHow[kind]
            : W.lines.turnedOff({ off: mm((perMetre * TOLD_OVER_MM[units]) / 1000), over: mm(TOLD_OVER_MM[units]) })}
        </p>
      </div>
    </details>
  )
}

/** What an instrument adds for a metre, mm, by the readings of its check; nothing where some are missing. */
export function errorOf(kind: InstrumentKind, list: readonly number[]): number {
  if (kind === 'spirit') return levelErrorMmPerM(list)
  const [middleA, middleB, nearA, nearB, toA, toB] = list
  if (
    middleA === undefined ||
    middleB === undefined ||
    nearA === undefined ||
    nearB === undefined ||
    toA === undefined ||
    toB === undefined ||
    toA === toB
  )
    return 0
  const [fromMiddle, fromNear] = [
    { aMm: middleA, bMm: middleB },
    { aMm: nearA, bMm: nearB },
  ]
  return twoPegErrorMmPerM(fromMiddle, fromNear, { aM: toA / 1000, bM: toB / 1000 })
}
