import type { ThroughLine, UnitSystem } from '@crisp-hem/core'
import { W } from '../../app/words'
import { mmWords } from '../../app/words/mmWords'
import { ReadingsField } from './ReadingsField'

const PLACEHOLDERS = { metric: '0 6', imperial: '0 1/4' } as const

interface ThroughPointsProps {
  readonly text: string
  readonly onText: (text: string) => void
  readonly fault: string | null
  readonly passed: ThroughLine
  readonly units: UnitSystem
}

/** One or two places the line has to pass, such as where it meets the line on the next wall, and what comes of it. */
export function ThroughPoints({ text, onText, fault, passed, units }: ThroughPointsProps) {
  const mm = mmWords(units)
  const { needsMm, bare } = passed
  return (
    <div className="mb-2 max-w-prose">
      <ReadingsField
        label={W.lines.throughReadings}
        value={text}
        onChange={onText}
        fault={fault}
        placeholder={PLACEHOLDERS[units]}
      />
      {needsMm !== null && (
        <p role="alert" className="font-semibold text-act">
          {W.lines.throughNeeds({ needs: mm(Math.ceil(needsMm)) })}
        </p>
      )}
      {bare && (
        <p role="alert" className="font-semibold text-act">
          {W.lines.throughBare({ most: mm(Math.ceil(bare.offMm)), at: mm(bare.atMm) })}
        </p>
      )}
    </div>
  )
}
