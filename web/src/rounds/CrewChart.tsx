import { type Plan, type PullPlan } from '@crisp-hem/core'
import { crewRows, ribbonEnd, type CrewRow, type RowTask } from './crewRows'
import { timeAxis, type TimeAxis } from './timeAxis'
import { W, clockText, whenText } from '../words'

interface CrewChartProps {
  readonly plan: Plan
  readonly crews: readonly { readonly id: string; readonly name: string }[]
  readonly rooms: ReadonlyMap<string, string>
  readonly days: readonly number[]
  readonly zone: string
  readonly now: number
}

const [LEFT, WIDTH, TOP, BAR, RIBBON, GAP] = [92, 920, 40, 30, 18, 26]

/** Crews down, time across; under each coat the ribbon of its pull window. */
export function CrewChart({ plan, crews, rooms, days, zone, now }: CrewChartProps) {
  const axis = timeAxis(days, plan.placed, zone, WIDTH)
  const [first, last] = [axis.days[0], axis.days[axis.days.length - 1]]
  if (!first || !last) return null
  const rows = crewRows(
    plan,
    crews.map((crew) => crew.id),
    first.from,
    last.to,
  )
  const heights = rows.map((row) => BAR + 18 + Math.max(1, row.lanes.length) * (RIBBON + 3) + GAP)
  const tops = heights.map((_, i) => TOP + heights.slice(0, i).reduce((sum, each) => sum + each, 0))
  const height = TOP + heights.reduce((sum, each) => sum + each, 0)
  const showNow = now >= first.from && now <= last.to
  return (
    <div className="overflow-x-auto">
      <svg
        viewBox={`0 0 ${LEFT + WIDTH + 8} ${height}`}
        className="block w-full min-w-[760px]"
        role="img"
        aria-label={`${W.rounds.title}: ${axis.days.map((day) => day.name).join(', ')}`}
      >
        <g transform={`translate(${LEFT} 0)`}>
          <Scale axis={axis} height={height} zone={zone} />
          {rows.map((row, i) => (
            <g key={row.crewId} transform={`translate(0 ${tops[i]})`}>
              <text x={-LEFT} y={BAR + 8} fontSize="14" fontWeight="650">
                {crews[i]!.name}
              </text>
              <RowOfTasks row={row} axis={axis} rooms={rooms} zone={zone} now={now} />
              {row.lanes.map((lane, n) => (
                <g key={n} transform={`translate(0 ${BAR + 22 + n * (RIBBON + 3)})`}>
                  {lane.pulls.map((pull) => (
                    <MiniRibbon
                      key={`${pull.roundId}${pull.coatedFrom}`}
                      pull={pull}
                      axis={axis}
                      zone={zone}
                      now={now}
                    />
                  ))}
                </g>
              ))}
            </g>
          ))}
          {showNow && (
            <g transform={`translate(${axis.x(now)} 0)`} style={{ color: 'var(--act)' }}>
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

function Scale({ axis, height, zone }: { axis: TimeAxis; height: number; zone: string }) {
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

/** Marks by kind of work: tape, dots of sealant, hatched colour, the white of a pull. */
const KIND_FILL: Record<RowTask['task']['kind'], readonly [string, string | null]> = {
  prep: ['var(--ground-deep)', null],
  cover: ['var(--ground-deep)', null],
  mark: ['var(--ground-deep)', null],
  'gun-up': ['var(--ground-deep)', null],
  'gun-down': ['var(--ground-deep)', null],
  look: ['var(--ground-deep)', null],
  lay: ['var(--kraft)', 'url(#tape-ticks)'],
  seal: ['var(--sheet)', 'url(#span-dry)'],
  coat: ['var(--sheet)', 'url(#paint-hatch)'],
  roll: ['var(--sheet)', 'url(#paint-hatch)'],
  pull: ['var(--ink)', null],
  uncover: ['var(--ground-deep)', null],
}

function RowOfTasks({
  row,
  axis,
  rooms,
  zone,
  now,
}: {
  row: CrewRow
  axis: TimeAxis
  rooms: ReadonlyMap<string, string>
  zone: string
  now: number
}) {
  const labels = roomLabels(row.tasks, axis)
  return (
    <>
      {labels.map((label) => (
        <text key={label.x} x={label.x} y="11" fontSize="11.5" fontWeight="600">
          {fitted(rooms.get(label.roomId) ?? '', label.width)}
        </text>
      ))}
      {row.tasks.flatMap(({ task, placed }) =>
        placed.pieces.map((piece) => {
          const x = axis.x(piece.from)
          const width = Math.max(1.5, axis.x(piece.to) - x)
          const [base, mark] = KIND_FILL[task.kind]
          const words = `${rooms.get(task.roomId)}: ${W.rounds.kinds[task.kind]}${task.coat ? ` ${task.coat}` : ''}, ${whenText(piece.from, now, zone)} – ${whenText(piece.to, now, zone)}${placed.done ? `, ${W.rounds.done}` : ''}`
          return (
            <g key={`${task.id}${piece.from}`}>
              <title>{words}</title>
              <rect
                x={x}
                y="16"
                width={width}
                height={BAR}
                fill={base}
                stroke="var(--ink)"
                strokeWidth="0.8"
                opacity={placed.done ? 0.55 : 1}
              />
              {mark && <rect x={x} y="16" width={width} height={BAR} fill={mark} opacity={placed.done ? 0.4 : 1} />}
              {placed.done && (
                <line x1={x} x2={x + width} y1={16 + BAR} y2={16 + BAR} stroke="var(--ink)" strokeWidth="3" />
              )}
              {width > 34 && task.kind !== 'pull' && (
                <text x={x + 4} y={16 + BAR / 2 + 4} fontSize="11" paintOrder="stroke" stroke={base} strokeWidth="4">
                  {W.rounds.kinds[task.kind]}
                </text>
              )}
            </g>
          )
        }),
      )}
    </>
  )
}

/** One label where work in a room begins, as wide as the crew stays in it. */
function roomLabels(tasks: readonly RowTask[], axis: TimeAxis): { roomId: string; x: number; width: number }[] {
  const labels: { roomId: string; x: number; width: number; day: number }[] = []
  for (const { task, placed } of tasks) {
    const x = axis.x(placed.from)
    const day = axis.days.findIndex((each) => placed.from < each.to)
    const last = labels[labels.length - 1]
    const next = axis.days[day]
    const end = next ? next.x + next.width : x
    if (last && last.roomId === task.roomId && last.day === day) continue
    if (last && last.day === day) last.width = x - last.x
    labels.push({ roomId: task.roomId, x, width: end - x, day })
  }
  return labels.filter((label) => label.width > 26)
}

const fitted = (name: string, width: number): string => {
  const most = Math.floor((width - 4) / 6.2)
  return name.length <= most ? name : most < 3 ? '' : `${name.slice(0, most - 1)}…`
}

function MiniRibbon({ pull, axis, zone, now }: { pull: PullPlan; axis: TimeAxis; zone: string; now: number }) {
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
      <rect x={from} width={Math.max(1, open - from)} height={RIBBON} fill="var(--sheet)" />
      <rect
        x={from}
        width={Math.max(1, open - from)}
        height={RIBBON}
        fill="url(#span-run)"
        stroke="var(--ink)"
        strokeWidth="0.8"
      />
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
}
