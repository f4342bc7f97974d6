import { type JobKitPoint } from '@crisp-hem/core'
import { useWidth } from '../../app/ui/useWidth'
import { W, formatMoney } from '../../app/words'

interface KitCurveProps {
  readonly points: readonly JobKitPoint[]
  readonly picked: number
  /** The one that is cheapest with the house's carrying cost; −1 for none. */
  readonly best: number
  readonly currency: string
  readonly onPick: (index: number) => void
}

const [TOP, HEIGHT, FOOT, LEFT] = [16, 120, 34, 10]

/** Kinds carried against what the hems cost with them; every kit is a bag to click. */
export function KitCurve({ points, picked, best, currency, onPick }: KitCurveProps) {
  const [watch, width] = useWidth(420)
  const most = Math.max(...points.map((point) => point.kinds.length))
  const costs = points.map((point) => point.hemsMinor)
  const [low, high] = [Math.min(...costs), Math.max(...costs)]
  const x = (kinds: number) => LEFT + 30 + ((kinds - 1) / Math.max(1, most - 1)) * (width - LEFT - 80)
  const y = (cost: number) => TOP + 12 + (1 - (cost - low) / Math.max(1, high - low)) * (HEIGHT - 30)
  const path = points.map((point, i) => `${i ? 'L' : 'M'}${x(point.kinds.length)} ${y(point.hemsMinor)}`).join('')
  return (
    <div ref={watch}>
      <svg width={width} height={TOP + HEIGHT + FOOT} role="group" aria-label={W.kit.curve}>
        <line x1={LEFT} x2={width} y1={TOP + HEIGHT} y2={TOP + HEIGHT} stroke="var(--ink)" />
        <path d={path} fill="none" stroke="var(--seam)" strokeWidth="2" strokeDasharray="9 6" />
        {points.map((point, i) => {
          const [px, py] = [x(point.kinds.length), y(point.hemsMinor)]
          const on = i === picked
          const words = W.kit.point({
            n: point.kinds.length,
            money: formatMoney(point.hemsMinor, currency),
            best: i === best ? 'yes' : 'no',
          })
          return (
            <g
              key={i}
              role="button"
              tabIndex={0}
              aria-label={words}
              aria-pressed={on}
              className="cursor-pointer"
              onClick={() => onPick(i)}
              onKeyDown={(event) => (event.key === 'Enter' || event.key === ' ') && onPick(i)}
            >
              <rect x={px - 22} y={py - 22} width="44" height={TOP + HEIGHT - py + 40} fill="transparent" />
              <circle
                cx={px}
                cy={py}
                r={on ? 9 : 6}
                fill={on ? 'var(--ink)' : 'var(--kraft)'}
                stroke="var(--ink)"
                strokeWidth="1.5"
              />
              {i === best && <circle cx={px} cy={py} r="13" fill="none" stroke="var(--act)" strokeWidth="2" />}
              <text x={px} y={TOP + HEIGHT + 15} textAnchor="middle" fontSize="13" fontWeight={on ? 700 : 400}>
                {point.kinds.length}
              </text>
              {(on || i === 0 || i === points.length - 1) && (
                <text x={px} y={py - 14} textAnchor="middle" fontSize="11.5" fontWeight={on ? 700 : 400}>
                  {formatMoney(point.hemsMinor, currency)}
                </text>
              )}
            </g>
          )
        })}
        <text x={LEFT} y={TOP + HEIGHT + 30} fontSize="11.5" style={{ color: 'var(--soft)' }}>
          {W.kit.axis}
        </text>
      </svg>
    </div>
  )
}
