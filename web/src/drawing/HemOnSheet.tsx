import { memo } from 'react'
import { formatLength, type Hem, type UnitSystem } from '@crisp-hem/core'
import { HemStitch } from './HemStitch'
import type { Pick } from './pick'
import { paintSide, type Stitch } from './stitch'
import type { Unrolled } from './unroll'

interface HemOnSheetProps {
  readonly hem: Hem
  readonly drawing: Unrolled
  readonly stitch: Stitch
  readonly picked: boolean
  /** Reached by Tab: the picked hem, or the first. */
  readonly tabbable: boolean
  readonly units: UnitSystem
  readonly onPick: (pick: Pick, more: boolean) => void
}

/** One hem of the working drawing, with a target wide enough for a thumb. */
export const HemOnSheet = memo(function HemOnSheet(props: HemOnSheetProps) {
  const { hem, drawing, stitch, picked, tabbable, units, onPick } = props
  const lines = hem.segments.map(drawing.line)
  const side = paintSide(hem)
  const small = hem.kind === 'wall to fitting' || hem.lengthMm * drawing.scale < 60
  const pick: Pick = { kind: 'hem', id: hem.id }
  return (
    <g
      data-hem={hem.id}
      role="button"
      tabIndex={tabbable ? 0 : -1}
      aria-label={`${hem.place}, ${formatLength(hem.lengthMm, units)}, ${stitch}`}
      aria-pressed={picked}
      className="cursor-pointer outline-none"
      onClick={(event) => onPick(pick, event.shiftKey)}
      onKeyDown={(event) => (event.key === 'Enter' || event.key === ' ') && onPick(pick, event.shiftKey)}
    >
      {picked &&
        lines.map((line, i) => (
          <line
            key={i}
            {...line}
            stroke="var(--ink)"
            strokeWidth={small ? 9 : 15}
            strokeLinecap="square"
            opacity="0.25"
          />
        ))}
      {lines.map((line, i) => (
        <HemStitch key={i} line={line} stitch={stitch} side={side} half={small ? 1.5 : 3.2} />
      ))}
      {lines.map((line, i) => (
        <line key={i} {...line} stroke="transparent" strokeWidth={small ? 7 : 12} />
      ))}
    </g>
  )
})
