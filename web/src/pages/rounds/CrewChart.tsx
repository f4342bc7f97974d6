import type { PlacedTask, Plan, Room, SkyStretch } from '@crisp-hem/core'
import { useMemo, useRef } from 'react'
import { W, clockText } from '../../app/words'
import { Backdrop, Flags, Scale, type Due } from './ChartGround'
import { ChartRowView, type ChartCrew } from './ChartRowView'
import { crewRows, isThing, peopleRows, roomRows, type ChartRow } from './chartRows'
import { BAR, GAP, LEFT, RIBBON, TOP } from './chartSize'
import type { Hand } from './hand'
import { timeAxis, type TimeAxis } from './timeAxis'
import { useGrip } from './useGrip'
import { useInView } from './useInView'

interface CrewChartProps {
  readonly plan: Plan
  readonly placed?: readonly PlacedTask[]
  readonly crews: readonly ChartCrew[]
  readonly rooms: readonly Room[]
  readonly days: readonly number[]
  readonly zone: string
  readonly now: number
  readonly by?: 'crews' | 'people' | 'rooms'
  /** How much wider than the page. */
  readonly zoom?: number
  /** Unbroken stretches of work of each crew. */
  readonly shifts?: ReadonlyMap<string, readonly { readonly from: number; readonly to: number }[]>
  readonly sky?: readonly SkyStretch[]
  readonly dues?: readonly Due[]
  readonly held?: ReadonlySet<string>
  readonly hand?: Hand | null
}

const WIDTH = 920
/** Pieces of work from which on only those near the eye are drawn. */
const MANY = 400

/** Crews or rooms down, time across; under each coat the ribbon of its pull window. */
export function CrewChart(props: CrewChartProps) {
  const { plan, placed = plan.placed, crews, rooms, days, zone, now, by = 'crews', zoom = 1, hand = null } = props
  const width = WIDTH * zoom
  const axis = useMemo(() => timeAxis(days, placed, zone, width), [days, placed, zone, width])
  const svg = useRef<SVGSVGElement | null>(null)
  const { inView, onScroll } = useInView(zoom)
  const rows = useRows({ ...props, placed, by }, axis)
  const heights = rows.map((row) => BAR + 18 + Math.max(isThing(row) ? 0 : 1, row.lanes.length) * (RIBBON + 3) + GAP)
  const tops = heights.map((_, i) => TOP + heights.slice(0, i).reduce((sum, each) => sum + each, 0))
  const height = TOP + heights.reduce((sum, each) => sum + each, 0)
  const { onMove, onUp, onGrab, onKey } = useGrip({ svg, axis, width, rows, tops, placed, crews, hand })
  if (axis.days.length === 0) return null
  const isLong = placed.length > MANY
  const px = (share: number) => axis.at(share * (LEFT + width + 8) - LEFT)
  const near = isLong
    ? { from: px(inView.from), to: px(inView.to) }
    : { from: Number.NEGATIVE_INFINITY, to: Number.POSITIVE_INFINITY }
  const dues = props.dues ?? []
  return (
    <div className="overflow-x-auto" onScroll={isLong ? onScroll : undefined}>
      <svg
        ref={svg}
        viewBox={`0 0 ${LEFT + width + 8} ${height}`}
        className="block min-w-[760px] select-none"
        style={{ width: `${100 * zoom}%`, ...(isLong ? { willChange: 'transform' } : {}) }}
        role="group"
        aria-label={`${W.rounds.title}: ${axis.days.map((day) => day.name).join(', ')}`}
        onPointerMove={onMove}
        onPointerUp={onUp}
        onPointerCancel={onUp}
      >
        <g transform={`translate(${LEFT} 0)`}>
          <Scale axis={axis} height={height} zone={zone} />
          <Backdrop axis={axis} sky={props.sky ?? []} height={height} />
          {by === 'crews' && <Flags axis={axis} dues={dues} top={20} height={height} />}
          {rows.map((row, i) => (
            <g key={row.id} transform={`translate(0 ${tops[i]})`}>
              <ChartRowView
                row={row}
                height={heights[i] ?? 0}
                axis={axis}
                rooms={rooms}
                crews={crews}
                zone={zone}
                now={now}
                hour={60 * Math.floor(now / 60)}
                by={by === 'rooms' ? 'rooms' : 'crews'}
                dues={dues}
                shifts={props.shifts}
                held={props.held}
                hand={hand}
                near={near}
                onGrab={onGrab}
                onKey={onKey}
              />
            </g>
          ))}
          <NowLine axis={axis} now={now} height={height} zone={zone} />
        </g>
      </svg>
    </div>
  )
}

/** The rows of the chart: of crews, of people, or of rooms. */
function useRows(
  { plan, placed = plan.placed, rooms, crews, by }: CrewChartProps,
  { days }: TimeAxis,
): readonly ChartRow[] {
  const [from, to] = [days[0]?.from ?? 0, days.at(-1)?.to ?? 0]
  return useMemo(() => {
    const setup = { plan, placed, rooms, from, to }
    if (by === 'rooms') return roomRows(setup)
    return by === 'people' ? peopleRows(setup, crews) : crewRows(setup, crews, W.rounds.things)
  }, [plan, placed, rooms, crews, by, from, to])
}

/** Where it is now, if that lies within the days shown. */
function NowLine({ axis, now, height, zone }: { axis: TimeAxis; now: number; height: number; zone: string }) {
  const [first, last] = [axis.days[0], axis.days.at(-1)]
  if (!first || !last || now < first.from || now > last.to) return null
  return (
    <g transform={`translate(${axis.x(now)} 0)`} style={{ color: 'var(--act)' }} pointerEvents="none">
      <line y1="26" y2={height} stroke="var(--act)" strokeWidth="2" />
      <path d="M-7 18h14l-7 9z" fill="var(--act)" />
      <text y="13" fontSize="12.5" fontWeight="700" textAnchor="middle">
        {clockText(now, zone)}
      </text>
    </g>
  )
}
