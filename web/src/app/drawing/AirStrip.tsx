import { aboveDewC, airAt, DEW_MARGIN, dewPointC, toLocal, type AirSeries } from '@crisp-hem/core'
import { useWidth } from '../ui/useWidth'
import { W, dayText } from '../words'

interface AirStripProps {
  readonly air: AirSeries
  readonly from: number
  readonly hours: number
  readonly now: number
  readonly zone: string
}

const [TOP, HEIGHT, FOOT] = [14, 92, 18]

/**
 * Room air over days: temperature as a line, dew point as a stitched line below it; hours too near the dew point to
 * paint are hatched.
 */
export function AirStrip({ air, from, hours, now, zone }: AirStripProps) {
  const [watch, width] = useWidth(420)
  const points = Array.from({ length: hours }, (_, i) => airAt(air, from + 60 * i))
  const dews = points.map((point) => dewPointC(point.tempC, point.rh))
  const low = Math.floor(Math.min(...dews)) - 1
  const high = Math.ceil(Math.max(...points.map((point) => point.tempC))) + 1
  const x = (i: number) => (i / hours) * width
  const y = (celsius: number) => TOP + ((high - celsius) / (high - low)) * HEIGHT
  const path = (values: readonly number[]) =>
    values.map((v, i) => `${i ? 'L' : 'M'}${x(i).toFixed(1)} ${y(v).toFixed(1)}`)
  const damp = points.map((point) => aboveDewC(point.tempC, point.tempC, point.rh) < DEW_MARGIN.value)
  const midnights = points.flatMap((_, i) => (toLocal(from + 60 * i, zone).minute < 60 ? [i] : []))
  return (
    <div ref={watch}>
      <svg
        width={width}
        height={TOP + HEIGHT + FOOT}
        role="img"
        aria-label={W.air.stripWords({ damp: damp.filter(Boolean).length, hours })}
      >
        <rect y={TOP} width={width} height={HEIGHT} fill="var(--sheet)" stroke="var(--rule)" />
        {damp.map((isDamp, i) =>
          isDamp ? (
            <rect key={i} x={x(i)} y={TOP} width={width / hours + 0.5} height={HEIGHT} fill="url(#paint-field)" />
          ) : null,
        )}
        {midnights.map((i) => (
          <g key={i}>
            <line x1={x(i)} x2={x(i)} y1={TOP} y2={TOP + HEIGHT} stroke="var(--rule)" />
            <text x={x(i) + 3} y={TOP + HEIGHT + 13} fontSize="11">
              {dayText(from + 60 * i, zone).slice(0, 6)}
            </text>
          </g>
        ))}
        <path d={path(points.map((point) => point.tempC)).join('')} fill="none" stroke="var(--ink)" strokeWidth="2" />
        <path d={path(dews).join('')} fill="none" stroke="var(--ink)" strokeDasharray="5 4" strokeWidth="1.5" />
        {[low + 1, high - 1].map((celsius) => (
          <text key={celsius} x={width - 3} y={y(celsius) + 4} fontSize="11" textAnchor="end">
            {celsius} °C
          </text>
        ))}
        {now >= from && now < from + 60 * hours && (
          <line
            x1={x((now - from) / 60)}
            x2={x((now - from) / 60)}
            y1={TOP - 6}
            y2={TOP + HEIGHT}
            stroke="var(--act)"
            strokeWidth="2"
          />
        )}
      </svg>
      <p className="text-sm text-soft">{W.air.stripKey}</p>
    </div>
  )
}
