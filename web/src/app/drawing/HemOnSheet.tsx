import { factText, W } from '../words'
import { memo, type MouseEvent } from 'react'
import { formatLength, type Hem, type UnitSystem } from '@crisp-hem/core'
import { HemStitch, PlateStitch } from './HemStitch'
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
  /** What was pointed at, where targets overlap. */
  readonly onPoint: (hem: Hem, event: MouseEvent) => void
}

/** One hem of the working drawing, with a target wide enough for a thumb. */
export const HemOnSheet = memo(function HemOnSheet(props: HemOnSheetProps) {
  const { hem, drawing, stitch, picked, tabbable, units, onPick, onPoint } = props
  const lines = hem.segments.map(drawing.line)
  const side = paintSide(hem)
  const plate = hem.kind === 'wall-to-fitting' || hem.kind === 'ceiling-to-fitting'
  const small = plate || hem.lengthMm * drawing.scale < 60
  const pick: Pick = { kind: 'hem', id: hem.id }
  const path = lines.map(({ x1, y1, x2, y2 }) => `M${x1} ${y1}L${x2} ${y2}`).join('')
  return (
    <g
      data-hem={hem.id}
      role="button"
      tabIndex={tabbable ? 0 : -1}
      aria-label={`${factText(hem.place)}, ${formatLength(hem.lengthMm, units)}, ${W.states[stitch]}`}
      aria-pressed={picked}
      className="cursor-pointer outline-none"
      onClick={(event) => onPoint(hem, event)}
      onKeyDown={(event) => (event.key === 'Enter' || event.key === ' ') && onPick(pick, event.shiftKey)}
    >
      {picked && (
        <path d={path} stroke="var(--ink)" strokeWidth={small ? 9 : 15} strokeLinecap="square" opacity="0.25" />
      )}
      {plate ? (
        <PlateStitch path={path} stitch={stitch} />
      ) : (
        lines.map((line, i) => <HemStitch key={i} line={line} stitch={stitch} side={side} half={small ? 1.5 : 3.2} />)
      )}
      <path d={path} stroke="transparent" fill="none" className="hit-line" />
    </g>
  )
})
