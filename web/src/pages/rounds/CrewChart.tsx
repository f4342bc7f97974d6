import type { PlacedTask, Plan, Room } from '@crisp-hem/core'
import { useCallback, useEffect, useMemo, useRef, type KeyboardEvent, type PointerEvent } from 'react'
import { W, clockText } from '../../app/words'
import { Backdrop, Flags, MiniRibbon, Scale, type Due } from './ChartGround'
import type { Ghost, Hand } from './hand'
import { RowBars, type RowBarsProps } from './RowBars'
import { BAR, GAP, LEFT, RIBBON, TOP } from './chartSize'
import { crewRows, peopleRows, ribbonEnd, roomRows, type ChartRow } from './chartRows'
import { timeAxis, type TimeAxis } from './timeAxis'
import { useFingerHold } from './useFingerHold'
import { useInView } from './useInView'
import type { SkyStretch } from '@crisp-hem/core'

interface CrewChartProps {
  readonly plan: Plan
  readonly placed?: readonly PlacedTask[]
  readonly crews: readonly {
    readonly id: string
    readonly name: string
    readonly people?: readonly { readonly name: string }[]
  }[]
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
/** Minutes to which a hand puts work, and by which keys move it; with Shift further. */
const SNAP_MIN = 5
const LEAP_MIN = 30
/** Pixels a pointer moves before it carries something. */
const LOOSE_PX = 4

/** Crews or rooms down, time across; under each coat the ribbon of its pull window. */
export function CrewChart(props: CrewChartProps) {
  const { plan, placed = plan.placed, crews, rooms, days, zone, now, by = 'crews', zoom = 1, hand = null } = props
  const width = WIDTH * zoom
  const axis = useMemo(() => timeAxis(days, placed, zone, width), [days, placed, zone, width])
  const svg = useRef<SVGSVGElement | null>(null)
  const { inView, onScroll } = useInView(zoom)
  const finger = useFingerHold(svg)
  const grip = useRef<{ taskId: string; startX: number; from: number; isMoving: boolean } | null>(null)
  const [first, last] = [axis.days[0], axis.days[axis.days.length - 1]]
  const rows = useMemo(() => {
    const setup = { plan, placed, rooms, from: first?.from ?? 0, to: last?.to ?? 0 }
    if (by === 'rooms') return roomRows(setup)
    return by === 'people' ? peopleRows(setup, crews) : crewRows(setup, crews, W.rounds.things)
  }, [plan, placed, rooms, crews, by, first?.from, last?.to])
  const heights = rows.map((row) => BAR + 18 + Math.max(isThing(row) ? 0 : 1, row.lanes.length) * (RIBBON + 3) + GAP)
  const tops = heights.map((_, i) => TOP + heights.slice(0, i).reduce((sum, each) => sum + each, 0))
  const height = TOP + heights.reduce((sum, each) => sum + each, 0)
  const unit = () => (LEFT + width + 8) / (svg.current?.getBoundingClientRect().width ?? 1)
  const crewAt = (clientY: number): string | null => {
    const y = (clientY - (svg.current?.getBoundingClientRect().top ?? 0)) * unit()
    const row = rows[tops.findLastIndex((top) => y >= top)]
    return row?.of === 'crew' ? row.id : null
  }
  const onMove = (event: PointerEvent) => {
    const held = grip.current
    if (!held || !hand) return
    if (!held.isMoving && Math.abs(event.clientX - held.startX) < LOOSE_PX) return
    held.isMoving = true
    const at = axis.at(axis.x(held.from) + (event.clientX - held.startX) * unit())
    const crewId = crewAt(event.clientY) ?? placed.find((each) => each.taskId === held.taskId)?.crewId ?? ''
    hand.carry(held.taskId, Math.round(at / SNAP_MIN) * SNAP_MIN, crewId)
  }
  const onUp = () => {
    if (grip.current?.isMoving) hand?.letGo()
    grip.current = null
    finger.end()
  }
  const grab = (event: PointerEvent, taskId: string, from: number) => {
    hand?.pick(taskId)
    const { clientX: startX, pointerId } = event
    const take = () => {
      grip.current = { taskId, startX, from, isMoving: false }
      svg.current?.setPointerCapture(pointerId)
    }
    if (event.pointerType === 'touch') finger.rest(take)
    else take()
  }
  const doing = useRef({ grab, key: keyed, props, rows })
  useEffect(() => void (doing.current = { grab, key: keyed, props, rows }))
  const onGrab = useCallback<RowBarsProps['onGrab']>((event, id, from) => doing.current.grab(event, id, from), [])
  const onKey = useCallback<RowBarsProps['onKey']>((event, id) => {
    const { key, props: own, rows: shown } = doing.current
    key(event, id, own, shown)
  }, [])
  if (!first || !last) return null
  // Words say the day by what day it is; they need no finer clock.
  const hour = 60 * Math.floor(now / 60)
  const showNow = now >= first.from && now <= last.to
  // Of a long job only what is near the eye is drawn: thousands of bars make scrolling stutter.
  const isLong = placed.length > MANY
  const px = (share: number) => axis.at(share * (LEFT + width + 8) - LEFT)
  const near = isLong
    ? { from: px(inView.from), to: px(inView.to) }
    : { from: Number.NEGATIVE_INFINITY, to: Number.POSITIVE_INFINITY }
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
          {by === 'crews' && <Flags axis={axis} dues={props.dues ?? []} top={20} height={height} />}
          {rows.map((row, i) => (
            <g key={row.id} transform={`translate(0 ${tops[i]})`}>
              <text x={-LEFT} y={BAR + 8} fontSize="14" fontWeight="650">
                {fittedName(row.name)}
              </text>
              <text x={-LEFT} y={BAR + 23} fontSize="11" style={{ color: 'var(--soft)' }}>
                {row.of === 'crew' ? peopleOf(crews, row.id) : ''}
              </text>
              {row.of === 'room' && (
                <Flags
                  axis={axis}
                  dues={(props.dues ?? []).flatMap((due) => (due.roomId === row.id ? [{ ...due, name: '' }] : []))}
                  top={8}
                  height={heights[i]! - 4}
                />
              )}
              <OffShift axis={axis} stretches={props.shifts?.get(crewOf(row))} />
              <RowBars
                row={nearby(row, near)}
                axis={axis}
                rooms={rooms}
                crews={crews}
                zone={zone}
                now={now}
                by={by === 'rooms' ? 'rooms' : 'crews'}
                held={props.held}
                hand={isThing(row) ? null : hand}
                onGrab={onGrab}
                onKey={onKey}
              />
              {row.of === 'crew' &&
                hand?.along
                  .filter((each) => each.crewId === row.id)
                  .map((each) => <GhostBar key={each.taskId} ghost={each} axis={axis} />)}
              {hand?.ghost && row.of === 'crew' && hand.ghost.crewId === row.id && (
                <GhostBar ghost={hand.ghost} axis={axis} zone={zone} />
              )}
              {row.lanes.map((lane, n) => (
                <g key={n} transform={`translate(0 ${BAR + 22 + n * (RIBBON + 3)})`}>
                  {lane.pulls
                    .filter((pull) => pull.coatedFrom < near.to && ribbonEnd(pull) > near.from)
                    .map((pull) => (
                      <MiniRibbon
                        key={`${pull.roundId}${pull.coatedFrom}`}
                        pull={pull}
                        axis={axis}
                        zone={zone}
                        now={hour}
                      />
                    ))}
                </g>
              ))}
            </g>
          ))}
          {showNow && (
            <g transform={`translate(${axis.x(now)} 0)`} style={{ color: 'var(--act)' }} pointerEvents="none">
              <line y1="26" y2={height} stroke="var(--act)" strokeWidth="2" />
              <path d="M-7 18h14l-7 9z" fill="var(--act)" />
              <text y="13" fontSize="12.5" fontWeight="700" textAnchor="middle">
                {clockText(now, zone)}
              </text>
            </g>
          )}
        </g>
      </svg>
    </div>
  )
}

/** Pieces of work from which on only those near the eye are drawn. */
const MANY = 400

/** A row with what lies between two instants. */
const nearby = (row: ChartRow, { from, to }: { readonly from: number; readonly to: number }): ChartRow => ({
  ...row,
  tasks: row.tasks.filter(({ placed }) => placed.to > from && placed.from < to),
})

/** The crew a row is of, or whose person it is. */
const crewOf = ({ of, id }: ChartRow): string => (of === 'person' ? id.slice(0, id.lastIndexOf('/')) : id)

/** What there is only so many of, and people, who go with their crew: shown, not moved. */
const isThing = ({ of }: ChartRow): boolean => of === 'gun' || of === 'tower' || of === 'person'

/** As many of a crew's people as fit beside its row, each by the whole name; how many more there are. */
function peopleOf(crews: CrewChartProps['crews'], id: string): string {
  const names = (crews.find((crew) => crew.id === id)?.people ?? []).map((each) => each.name)
  const fit = names.filter((_, i) => names.slice(0, i + 1).join(', ').length <= PEOPLE_SIGNS)
  const more = names.length - fit.length
  return `${fit.join(', ')}${more > 0 ? ` +${more}` : ''}`
}

/** Signs of small type that fit beside the rows. */
const PEOPLE_SIGNS = 22
const fittedName = (name: string, signs = 17): string => (name.length <= signs ? name : `${name.slice(0, signs - 1)}…`)

/** Keys move the work that has the focus: left and right in time, up and down between crews. Enter puts it down. */
function keyed(
  event: KeyboardEvent,
  taskId: string,
  { plan, placed = plan.placed, crews, hand }: CrewChartProps,
  rows: readonly ChartRow[],
): void {
  const own = placed.find((each) => each.taskId === taskId)
  if (!hand || !own) return
  const { ghost } = hand
  const at = ghost?.taskId === taskId ? ghost.at : own.from
  const crewId = ghost?.taskId === taskId ? ghost.crewId : own.crewId
  const step = event.shiftKey ? LEAP_MIN : SNAP_MIN
  const isByCrew = rows[0]?.of === 'crew'
  const order = crews.map((crew) => crew.id)
  const beside = (by: number) => order[order.indexOf(crewId) + by] ?? crewId
  const moves: Readonly<Record<string, () => void>> = {
    ArrowLeft: () => hand.carry(taskId, at - step, crewId),
    ArrowRight: () => hand.carry(taskId, at + step, crewId),
    ...(isByCrew
      ? { ArrowUp: () => hand.carry(taskId, at, beside(-1)), ArrowDown: () => hand.carry(taskId, at, beside(1)) }
      : {}),
    Enter: () => (ghost ? hand.letGo() : hand.pick(taskId)),
    ' ': () => hand.pick(taskId),
  }
  const move = moves[event.key]
  if (!move) return
  event.preventDefault()
  move()
}

/** Where nobody of a crew is at work, within the hours shown. */
function OffShift({
  axis,
  stretches,
}: {
  axis: TimeAxis
  stretches: readonly { from: number; to: number }[] | undefined
}) {
  if (!stretches) return null
  return axis.days.map((day) => {
    const own = stretches.filter((each) => each.to > day.from && each.from < day.to)
    const edges = [
      day.from,
      ...own.flatMap((each) => [Math.max(each.from, day.from), Math.min(each.to, day.to)]),
      day.to,
    ]
    return edges.flatMap((from, i) => {
      const to = edges[i + 1]
      if (i % 2 === 1 || to === undefined || to <= from) return []
      const x = axis.x(from)
      return [
        <rect
          key={from}
          x={x}
          y={14}
          width={Math.max(0, day.x + ((to - day.from) / (day.to - day.from)) * day.width - x)}
          height={BAR + 4}
          fill="var(--ground-deep)"
          opacity="0.75"
        />,
      ]
    })
  })
}

/** Where work would be; what goes along is drawn lighter and without its hour. */
function GhostBar({ ghost, axis, zone }: { ghost: Ghost; axis: TimeAxis; zone?: string }) {
  const x = axis.x(ghost.at)
  const stroke = ghost.isBroken ? 'var(--act)' : 'var(--ink)'
  return (
    <g pointerEvents="none" style={{ color: stroke }}>
      <rect
        x={x}
        y="12"
        width={Math.max(3, axis.x(ghost.at + ghost.minutes) - x)}
        height={BAR + 8}
        fill="none"
        stroke={stroke}
        strokeWidth={zone === undefined ? 1.5 : 2.5}
        strokeDasharray="6 3"
      />
      {zone !== undefined && (
        <text
          x={x}
          y="9"
          fontSize="12"
          fontWeight="700"
          paintOrder="stroke"
          stroke="var(--sheet)"
          strokeWidth="4"
          fill={stroke}
        >
          {clockText(ghost.at, zone)}
        </text>
      )}
    </g>
  )
}
