import { heightOf, type SplitLine, type StraightLine, type UnitSystem, type WanderPoint } from '@crisp-hem/core'
import { useWidth } from '../ui/useWidth'
import { W } from '../words'
import { mmWords } from '../words/mmWords'

/** Its height on a page of its own, px; how much is left round it; and how wide it may be. */
const [USUAL_HIGH, PAD, LEAST_WIDE, MOST_WIDE] = [220, 26, 280, 760] as const

interface EdgeChartProps {
  readonly points: readonly WanderPoint[]
  /** The line over it; null where the edge is only followed. */
  readonly of: StraightLine | SplitLine | null
  readonly lengthMm: number
  readonly trimMm: number | null
  /** Points that prove the line the best there is. */
  readonly proof: readonly WanderPoint[]
  readonly units: UnitSystem
  readonly high?: number
}

/** The old edge and the line over it, heights many times as large as lengths, with how many. Paint below, what is kept above. */
export function EdgeChart({ points, of, lengthMm, trimMm, proof, units, high: HIGH = USUAL_HIGH }: EdgeChartProps) {
  const [holder, width] = useWidth(700)
  // Drawn in points of the screen, so that its words are as large as all others.
  const WIDE = Math.max(LEAST_WIDE, Math.min(MOST_WIDE, width))
  const mm = mmWords(units)
  const at = of && heightOf(of)
  const [from, to] = [points[0]?.atMm ?? 0, points.at(-1)?.atMm ?? lengthMm]
  const offs = [...points.map(({ offMm }) => offMm), ...(at ? [at(from), at(to)] : []), 0]
  const [low, high] = [Math.min(...offs) - 1, Math.max(...offs) + 1]
  const stretch = Math.max(1, Math.floor((HIGH - 2 * PAD) / (high - low) / ((WIDE - 2 * PAD) / lengthMm)))
  const x = (place: number) => PAD + (place / lengthMm) * (WIDE - 2 * PAD)
  const y = (off: number) => HIGH - PAD - ((off - low) / (high - low)) * (HIGH - 2 * PAD)
  const path = (list: readonly (readonly [number, number])[]) =>
    list.map(([px, py], i) => `${i === 0 ? 'M' : 'L'}${x(px).toFixed(1)} ${y(py).toFixed(1)}`).join('')
  const edge = points.map(({ atMm, offMm }) => [atMm, offMm] as const)
  const joints = of && !('slope' in of) ? [of.jointMm] : []
  const line = at ? [from, ...joints, to].map((place) => [place, at(place)] as const) : null
  const [first, last] = [edge[0], edge.at(-1)]
  const covered = line && first && last ? `${path([...edge])}${path([...line].reverse()).replace(/^M/, 'L')}Z` : null
  return (
    <figure className="m-0" ref={holder}>
      <svg
        viewBox={`0 0 ${WIDE} ${HIGH}`}
        height={HIGH}
        className="block w-full bg-sheet"
        role="img"
        aria-label={W.lines.chart({ n: points.length, times: stretch })}
      >
        <line x1={PAD} x2={WIDE - PAD} y1={y(0)} y2={y(0)} className="stroke-rule" strokeDasharray="2 5" />
        <text x={PAD} y={y(0) - 4} className="fill-soft text-[12px]">
          {W.lines.reference}
        </text>
        {covered && <path d={covered} className="fill-deep" />}
        <path d={path(edge)} className="fill-none stroke-soft" strokeWidth={2} />
        {points.map(({ atMm, offMm }) => (
          <circle key={atMm} cx={x(atMm)} cy={y(offMm)} r={3} className="fill-ink" />
        ))}
        {line && <path d={path(line)} className="fill-none stroke-act" strokeWidth={3} />}
        {proof.map(({ atMm, offMm }) => (
          <circle key={`p${atMm}`} cx={x(atMm)} cy={y(offMm)} r={7} className="fill-none stroke-act" strokeWidth={2} />
        ))}
        <text x={PAD} y={HIGH - 6} className="fill-soft text-[12px]">
          0
        </text>
        <text x={WIDE - PAD} y={HIGH - 6} textAnchor="end" className="fill-soft text-[12px]">
          {mm(lengthMm)}
        </text>
        <text x={WIDE - PAD} y={16} textAnchor="end" className="fill-soft text-[12px]">
          {trimMm === null ? W.lines.kept : W.lines.keptWide({ wide: mm(trimMm) })}
        </text>
      </svg>
      <figcaption className="text-sm text-soft">{W.lines.exaggerated({ times: stretch })}</figcaption>
    </figure>
  )
}
