import { lumpAnswer, tellLump, type Lump, type UnitSystem } from '@crisp-hem/core'
import { sayText, W } from '../../app/words'
import { ReadingsField } from './ReadingsField'

const PLACEHOLDERS = { metric: '1200 300 -4', imperial: '48 12 -1/8' } as const

interface LumpsFieldProps {
  readonly text: string
  readonly onText: (text: string) => void
  readonly lumps: readonly Lump[]
  readonly fault: string | null
  readonly units: UnitSystem
}

/** Where the face under the tape stands out or lies back, and what the tape does there. */
export function LumpsField({ text, onText, lumps, fault, units }: LumpsFieldProps) {
  return (
    <details open={text !== ''}>
      <summary className="cursor-pointer text-sm font-semibold">{W.lines.lumps}</summary>
      <div className="mt-1 grid gap-1">
        <ReadingsField
          label={W.lines.lumpReadings}
          value={text}
          onChange={onText}
          fault={fault}
          placeholder={PLACEHOLDERS[units]}
        />
        <ul className="text-sm">
          {lumps.map((lump) => (
            <li key={lump.atMm}>{sayText(tellLump(lumpAnswer(lump), units))}</li>
          ))}
        </ul>
      </div>
    </details>
  )
}
