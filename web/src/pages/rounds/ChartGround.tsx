import { memo } from 'react'
import type { PullPlan, SkyStretch } from '@crisp-hem/core'
import { W, clockText, whenText } from '../../app/words'
import { ribbonEnd } from './chartRows'
import { LEAST_MARKED, RIBBON } from './chartSize'
import type { TimeAxis } from './timeAxis'

/** When a room is to be handed back. */
export interface Due {
  readonly roomId: string
  readonly name: string
  readonly at: number
  readonly isLate: boolean
}

export function Scale({ axis, height, zone }: { axis: TimeAxis; height: number; zone: string }) {
  return (
    <>
      {axis.days.map((day) => (
        <g key={day.day}>
          <rect x={day.x} y="20" width={day.width} height={height - 20} fill="var(--sheet)" stroke="var(--rule)" />
          {axis.days.length > 1 && (
            <text x={day.x + 4} y="13" fontSize="12.5" fontWeight="650">
              {day.name}
            </text>
          )}
        </g>
      ))}
      {axis.hours.map(({ at, x }) => (
        <g key={at} style={{ color: 'var(--soft)' }}>
          <line x1={x} x2={x} y1="20" y2={height} stroke="var(--rule)" strokeDasharray="1 5" />
          <text x={x + 3} y="33" fontSize="11.5">
            {clockText(at, zone)}
          </text>
        </g>
      ))}
    </>
  )
}

/** How each kind of sky is drawn in the strip under the hours. */
const SKY: Record<SkyStretch['kind'], { readonly fill: string; readonly y: number; readonly height: number }> = {
  night: { fill: 'var(--ink)', y: 38, height: 4 },
  rain: { fill: 'url(#sky-rain)', y: 43, height: 9 },
  wind: { fill: 'url(#sky-wind)', y: 43, height: 9 },
  dew: { fill: 'url(#sky-dew)', y: 43, height: 9 },
}

/** Daylight, rain, wind and dew: a strip under the hours, and rain faintly behind everything. */
export function Backdrop({ axis, sky, height }: { axis: TimeAxis; sky: readonly SkyStretch[]; height: number }) {
  if (sky.length === 0) return null
  const parts = axis.days.flatMap((day) =>
    sky
      .filter((stretch) => stretch.to > day.from && stretch.from < day.to)
      .map((stretch) => {
        const share = (at: number) => Math.min(1, Math.max(0, (at - day.from) / (day.to - day.from)))
        const [a, b] = [share(stretch.from), share(stretch.to)]
        return { each: stretch, x: day.x + a * day.width, width: (b - a) * day.width }
      }),
  )
  return (
    <g pointerEvents="none" style={{ color: 'var(--ink)' }}>
      <defs>
        <pattern id="sky-rain" width="5" height="9" patternUnits="userSpaceOnUse">
          <path d="M4 0 L1 9" stroke="var(--ink)" strokeWidth="1.1" />
        </pattern>
        <pattern id="sky-wind" width="9" height="5" patternUnits="userSpaceOnUse">
          <path d="M0 1.5h7l-2-1.5M2 4h6" stroke="var(--ink)" strokeWidth="0.9" fill="none" />
        </pattern>
        <pattern id="sky-dew" width="6" height="6" patternUnits="userSpaceOnUse">
          <circle cx="3" cy="3" r="1.3" fill="var(--ink)" />
        </pattern>
      </defs>
      {parts.map(({ each, x, width }) => (
        <g key={`${each.kind}${each.from}${x}`}>
          <title>{W.rounds.sky[each.kind]}</title>
          {each.kind === 'rain' && (
            <rect x={x} y="54" width={width} height={height - 54} fill="url(#sky-rain)" opacity="0.09" />
          )}
          <rect
            x={x}
            y={SKY[each.kind].y}
            width={width}
            height={SKY[each.kind].height}
            fill={SKY[each.kind].fill}
            opacity="0.8"
          />
        </g>
      ))}
    </g>
  )
}

/** Rooms that are due at one time share a flag: the first by name, the others counted. */
function together(dues: readonly Due[]): Due[] {
  const flags = new Map<string, Due[]>()
  for (const due of dues) flags.set(`${due.at}${due.isLate}`, [...(flags.get(`${due.at}${due.isLate}`) ?? []), due])
  return [...flags.values()].flatMap(([first, ...more]) =>
    first ? [more.length > 0 ? { ...first, name: `${first.name.slice(0, 10)} +${more.length}` } : first] : [],
  )
}

interface FlagsProps {
  readonly axis: TimeAxis
  readonly dues: readonly Due[]
  readonly top: number
  readonly height: number
}

/** Hand-backs as flags on the day they are due. */
export function Flags({ axis, dues, top, height }: FlagsProps) {
  const [first, last] = [axis.days[0], axis.days[axis.days.length - 1]]
  if (!first || !last) return null
  return together(dues)
    .filter((due) => axis.days.some((day) => due.at >= day.from - 120 && due.at <= day.to + 120))
    .map((due) => {
      const x = axis.x(due.at)
      const colour = due.isLate ? 'var(--act)' : 'var(--ink)'
      return (
        <g key={due.roomId} style={{ color: colour }} pointerEvents="none">
          <line
            x1={x}
            x2={x}
            y1={top}
            y2={height}
            stroke={colour}
            strokeWidth="1.4"
            strokeDasharray={due.isLate ? undefined : '2 3'}
          />
          <path
            d={`M${x} ${height - 18} h-${Math.min(96, 10 + due.name.length * 6)} v14 h${Math.min(96, 10 + due.name.length * 6)} z`}
            fill={colour}
          />
          <text
            x={x - 5}
            y={height - 7}
            fontSize="10.5"
            fontWeight="650"
            textAnchor="end"
            style={{ color: 'var(--ground)' }}
          >
            {due.name.length > 14 ? `${due.name.slice(0, 13)}…` : due.name}
          </text>
        </g>
      )
    })
}

interface MiniRibbonProps {
  readonly pull: PullPlan
  readonly axis: TimeAxis
  readonly zone: string
  /** For words alone: a finer clock than the hour would only draw anew. */
  readonly now: number
}

/** The pull window of a round under its coat: until it opens, and while it is open. */
export const MiniRibbon = memo(function MiniRibbon({ pull, axis, zone, now }: MiniRibbonProps) {
  const wet = pull.spans.find((span) => span.kind === 'wet')
  const from = axis.x(pull.coatedFrom)
  const open = wet ? axis.x(wet.from) : axis.x(pull.coatedTo)
  const end = axis.x(ribbonEnd(pull))
  const words = wet
    ? `${W.spans.wet} ${whenText(wet.from, now, zone)} – ${wet.to === null ? '' : whenText(wet.to, now, zone)}`
    : W.spans.tacky
  return (
    <g>
      <title>{words}</title>
      <rect
        x={from}
        width={Math.max(1, open - from)}
        height={RIBBON}
        fill="var(--sheet)"
        stroke="var(--ink)"
        strokeWidth="0.8"
      />
      {open - from > LEAST_MARKED && <rect x={from} width={open - from} height={RIBBON} fill="url(#span-run)" />}
      {wet && (
        <rect
          x={open}
          width={Math.max(2, end - open)}
          height={RIBBON}
          fill="var(--sheet)"
          stroke="var(--act)"
          strokeWidth="2.5"
        />
      )}
      {wet && end - open > 34 && (
        <text x={open + 4} y={RIBBON - 5} fontSize="10.5" fontWeight="650">
          {clockText(wet.from, zone)}
        </text>
      )}
    </g>
  )
})
