import type { Estimate } from '@crisp-hem/core'

interface RiskBarProps {
  readonly name: string
  readonly estimate: Estimate
  /** Where the house draws the line. */
  readonly limit: number
  readonly text: string
}

const WIDTH = 180

/** A risk as a figure: bar for the 90 % interval, mark for what is expected, tick for the house limit. */
export function RiskBar({ name, estimate, limit, text }: RiskBarProps) {
  // Small risks need room too, so the scale is a square root up to twice the limit.
  const x = (value: number) => WIDTH * Math.min(1, Math.sqrt(value / (2 * limit)))
  const [low, mean, high] = [x(estimate.low), x(estimate.mean), x(estimate.high)]
  return (
    <div className="my-1 grid grid-cols-[64px_1fr_84px] items-center gap-2">
      <span>{name}</span>
      <svg viewBox={`0 -1 ${WIDTH} 16`} className="block w-full" aria-hidden>
        <rect width={WIDTH} height="14" fill="none" stroke="var(--rule)" />
        <rect x={low} y="2" width={Math.max(1.5, high - low)} height="10" fill="var(--ink)" opacity="0.25" />
        <rect x={Math.max(0, mean - 1.5)} y="0" width="3.5" height="14" fill="var(--ink)" />
        <path d={`M${x(limit)} -1v16`} stroke="var(--act)" strokeWidth="1.5" strokeDasharray="3 2" />
      </svg>
      <b className="text-right text-sm">{text}</b>
    </div>
  )
}
