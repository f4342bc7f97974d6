import type { CutRoll } from '@crisp-hem/core'

interface CutBarProps {
  readonly roll: CutRoll
  readonly isDone: (panel: number) => boolean
  readonly name: (panel: number) => string
}

/** Drawn as long as the longest roll there is, mm: shorter ones look shorter. */
const FULL_MM = 50_000
const [WIDE, HIGH] = [1000, 46]

/** A roll run out flat with the cuts to follow: panels on it, strips hatched, what is left open at the end. */
export function CutBar({ roll, isDone, name }: CutBarProps) {
  const px = (mm: number) => (WIDE * mm) / Math.max(FULL_MM, roll.lengthMm)
  const starts = roll.panels.map((_, i) => roll.panels.slice(0, i).reduce((sum, panel) => sum + panel.lengthMm, 0))
  const panels = roll.panels.map((panel, i) => ({ x: px(starts[i] ?? 0), wide: px(panel.lengthMm) }))
  const strips = { x: px(roll.panels.reduce((sum, panel) => sum + panel.lengthMm, 0)), wide: px(roll.runMm) }
  return (
    <svg
      viewBox={`-14 0 ${WIDE + 16} ${HIGH + 4}`}
      className="block h-9 w-full sm:h-auto"
      preserveAspectRatio="none"
      aria-hidden
    >
      {/* The core it comes off. */}
      <ellipse cx="0" cy={HIGH / 2 + 2} rx="10" ry={HIGH / 2} fill="var(--kraft)" stroke="var(--kraft-edge)" />
      <ellipse cx="0" cy={HIGH / 2 + 2} rx="4" ry={HIGH / 5} fill="var(--card)" stroke="var(--kraft-edge)" />
      <rect
        x="0"
        y="2"
        width={px(roll.lengthMm)}
        height={HIGH}
        fill="var(--sheet)"
        stroke="var(--seam)"
        strokeDasharray="4 4"
      />
      {panels.map(({ x, wide }, i) => (
        <g key={i}>
          <rect
            x={x}
            y="2"
            width={wide}
            height={HIGH}
            fill={isDone(i) ? 'var(--ground-deep)' : 'var(--card)'}
            stroke="var(--ink)"
          />
          {isDone(i) && <line x1={x} y1={HIGH + 2} x2={x + wide} y2="2" stroke="var(--ink)" />}
          {fits(name(i), wide) && (
            <text className="hidden sm:block" x={x + 6} y={HIGH / 2 + 7} fontSize="14" fill="var(--ink)">
              {name(i)}
            </text>
          )}
        </g>
      ))}
      {strips.wide > 0 && (
        <rect x={strips.x} y="2" width={strips.wide} height={HIGH} fill="url(#span-tacky)" stroke="var(--ink)" />
      )}
    </svg>
  )
}

const SIGN_PX = 7.6
/** A name stands in its panel whole or not at all: the list below has them all. */
const fits = (name: string, wide: number): boolean => name.length * SIGN_PX < wide - 12
