import { formatInstant, PAINTED_HOWS, PAINTED_PARTS, type PaintedHow, type PaintedPart } from '@crisp-hem/core'
import { ChoiceField, NumberField } from '../../app/ui/fields'
import { W } from '../../app/words'

const MIN_PER_DAY = 1440
/** How long ago it was painted, days; null where nobody knows. */
const AGES = { today: 0.25, yesterday: 1, 'two-days': 2, week: 7, month: 30, unknown: null } as const
export type Age = keyof typeof AGES

/** What a plain room has, before it is measured: its openings, and what is painted already. */
export interface PaintedAsked {
  readonly doors: number
  readonly windows: number
  readonly parts: readonly PaintedPart[]
  readonly age: Age
  readonly how: PaintedHow
}
export const NOTHING_ASKED: PaintedAsked = { doors: 0, windows: 0, parts: [], age: 'yesterday', how: 'by-hand' }

/** When that was, ISO UTC; null where nobody knows. */
export function paintedAt(age: Age, now: number): string | null {
  const days = AGES[age]
  return days === null ? null : formatInstant(Math.floor(now - days * MIN_PER_DAY))
}

/** One question for the room: what is painted already, when and how; and how many doors and windows it has. */
export function AskPainted({ asked, onChange }: { asked: PaintedAsked; onChange: (asked: PaintedAsked) => void }) {
  const set = (change: Partial<PaintedAsked>): boolean => {
    onChange({ ...asked, ...change })
    return true
  }
  const flip = (part: PaintedPart, on: boolean) =>
    set({ parts: PAINTED_PARTS.filter((each) => (each === part ? on : asked.parts.includes(each))) })
  return (
    <div className="grid gap-3">
      <div className="grid grid-cols-2 gap-3">
        <NumberField label={W.walk.doorCount} value={asked.doors} onCommit={(doors) => set({ doors: whole(doors) })} />
        <NumberField
          label={W.walk.windowCount}
          value={asked.windows}
          onCommit={(windows) => set({ windows: whole(windows) })}
        />
      </div>
      <fieldset className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <legend className="text-sm font-semibold">{W.walk.paintedAlready}</legend>
        {PAINTED_PARTS.map((part) => (
          <label key={part} className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              className="size-5 accent-ink"
              checked={asked.parts.includes(part)}
              onChange={(event) => flip(part, event.target.checked)}
            />
            {W.walk.paintedParts[part]}
          </label>
        ))}
      </fieldset>
      {asked.parts.length > 0 && (
        <div className="grid grid-cols-2 gap-3">
          <ChoiceField
            label={W.walk.paintedWhen}
            value={asked.age}
            options={(Object.keys(AGES) as Age[]).map((value) => ({ value, text: W.walk.paintedAges[value] }))}
            onCommit={(age) => set({ age })}
          />
          <ChoiceField
            label={W.walk.paintedHow}
            value={asked.how}
            options={PAINTED_HOWS.map((value) => ({ value, text: W.walk.paintedHows[value] }))}
            onCommit={(how) => set({ how })}
          />
        </div>
      )}
    </div>
  )
}

/** Up to as many as walls usually hold. */
const whole = (n: number): number => Math.max(0, Math.min(12, Math.round(n)))
