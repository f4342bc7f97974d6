import type { Crew, Room } from '@crisp-hem/core'
import { clockText } from '../../app/words'
import { Flags, MiniRibbon, type Due } from './ChartGround'
import { isThing, ribbonEnd, type ChartRow } from './chartRows'
import { BAR, LEFT, RIBBON } from './chartSize'
import type { Ghost, Hand } from './hand'
import { RowBars, type RowBarsProps } from './RowBars'
import type { TimeAxis } from './timeAxis'

/** A crew of the chart, as far as its row shows it. */
export interface ChartCrew {
  readonly id: string
  readonly name: string
  readonly people?: Crew['people']
}

interface ChartRowViewProps {
  readonly row: ChartRow
  readonly height: number
  readonly axis: TimeAxis
  readonly rooms: readonly Room[]
  readonly crews: readonly ChartCrew[]
  readonly zone: string
  readonly now: number
  /** The full hour before now: what says the day needs no finer clock. */
  readonly hour: number
  readonly by: RowBarsProps['by']
  readonly dues: readonly Due[]
  readonly shifts: ReadonlyMap<string, readonly { readonly from: number; readonly to: number }[]> | undefined
  readonly held: ReadonlySet<string> | undefined
  readonly hand: Hand | null
  /** What lies outside of it is not drawn. */
  readonly near: { readonly from: number; readonly to: number }
  readonly onGrab: RowBarsProps['onGrab']
  readonly onKey: RowBarsProps['onKey']
}

/** One crew, person, room or thing: its name, hours off, work, what a hand carries, and the ribbons below. */
export function ChartRowView(props: ChartRowViewProps) {
  const { row, height, axis, rooms, crews, zone, now, by, dues, shifts, held, hand, near, onGrab, onKey } = props
  const own = row.of === 'room' ? dues.flatMap((due) => (due.roomId === row.id ? [{ ...due, name: '' }] : [])) : null
  return (
    <>
      <text x={-LEFT} y={BAR + 8} fontSize="14" fontWeight="650">
        {fittedName(row.name)}
      </text>
      <text x={-LEFT} y={BAR + 23} fontSize="11" style={{ color: 'var(--soft)' }}>
        {row.of === 'crew' ? peopleOf(crews, row.id) : ''}
      </text>
      {own && <Flags axis={axis} dues={own} top={8} height={height - 4} />}
      <OffShift axis={axis} stretches={shifts?.get(crewOf(row))} />
      <RowBars
        row={nearby(row, near)}
        axis={axis}
        rooms={rooms}
        crews={crews}
        zone={zone}
        now={now}
        by={by}
        held={held}
        hand={isThing(row) ? null : hand}
        onGrab={onGrab}
        onKey={onKey}
      />
      {row.of === 'crew' && <Ghosts hand={hand} crewId={row.id} axis={axis} zone={zone} />}
      <RowRibbons {...props} />
    </>
  )
}

/** What a hand carries over a crew's row, and what goes along. */
function Ghosts({ hand, crewId, axis, zone }: { hand: Hand | null; crewId: string; axis: TimeAxis; zone: string }) {
  const along = hand?.along.filter((ghost) => ghost.crewId === crewId) ?? []
  return (
    <>
      {along.map((ghost) => (
        <GhostBar key={ghost.taskId} ghost={ghost} axis={axis} />
      ))}
      {hand?.ghost?.crewId === crewId && <GhostBar ghost={hand.ghost} axis={axis} zone={zone} />}
    </>
  )
}

/** Pull windows below the work, as many lanes as lie beside one another. */
function RowRibbons({ row, axis, zone, hour, near }: ChartRowViewProps) {
  return row.lanes.map((lane, n) => (
    <g key={n} transform={`translate(0 ${BAR + 22 + n * (RIBBON + 3)})`}>
      {lane.pulls
        .filter((pull) => pull.coatedFrom < near.to && ribbonEnd(pull) > near.from)
        .map((pull) => (
          <MiniRibbon key={`${pull.roundId}${pull.coatedFrom}`} pull={pull} axis={axis} zone={zone} now={hour} />
        ))}
    </g>
  ))
}

/** A row with what lies between two instants. */
const nearby = (row: ChartRow, { from, to }: { readonly from: number; readonly to: number }): ChartRow => ({
  ...row,
  tasks: row.tasks.filter(({ placed }) => placed.to > from && placed.from < to),
})

/** The crew a row is of, or whose person it is. */
const crewOf = ({ of, id }: ChartRow): string => (of === 'person' ? id.slice(0, id.lastIndexOf('/')) : id)

/** As many of a crew's people as fit beside its row, each by the whole name; how many more there are. */
function peopleOf(crews: readonly ChartCrew[], id: string): string {
  const names = (crews.find((crew) => crew.id === id)?.people ?? []).map((person) => person.name)
  const fit = names.filter((_, i) => names.slice(0, i + 1).join(', ').length <= PEOPLE_SIGNS)
  const more = names.length - fit.length
  return `${fit.join(', ')}${more > 0 ? ` +${more}` : ''}`
}

/** Signs of small type that fit beside the rows. */
const PEOPLE_SIGNS = 22
const fittedName = (name: string, signs = 17): string => (name.length <= signs ? name : `${name.slice(0, signs - 1)}…`)

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
    const own = stretches.filter((stretch) => stretch.to > day.from && stretch.from < day.to)
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
