import { memo, type KeyboardEvent, type PointerEvent } from 'react'
import type { PlacedTask, Room, Task, ActivityId } from '@crisp-hem/core'
import { W, whenText } from '../../app/words'
import type { Hand } from './hand'
import { taskWords } from '../../app/naming/taskWords'
import { BAR, LEAST_MARKED } from './chartSize'
import type { ChartRow, RowTask } from './chartRows'
import type { TimeAxis } from './timeAxis'

/** Marks by kind of work: tape, dots of sealant, hatched colour, the white of a pull. */
const KIND_FILL: Record<Task['kind'], readonly [string, string | null]> = {
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

export interface RowBarsProps {
  readonly row: ChartRow
  readonly axis: TimeAxis
  readonly rooms: readonly Room[]
  readonly crews: readonly { readonly id: string; readonly name: string }[]
  readonly zone: string
  readonly now: number
  readonly by: 'crews' | 'rooms'
  readonly held: ReadonlySet<string> | undefined
  readonly hand: Hand | null
  readonly onGrab: (event: PointerEvent, taskId: ActivityId, from: number) => void
  readonly onKey: (event: KeyboardEvent, taskId: ActivityId) => void
}

/** The bars of one row, each piece of work to be picked up where there is a hand for it. */
export function RowBars(props: RowBarsProps) {
  const { row, axis, rooms, crews, by, zone, held, hand, onGrab, onKey } = props
  // Words say the day by what day it is; they need no finer clock.
  const hour = 60 * Math.floor(props.now / 60)
  const named = by === 'rooms' ? crews : rooms
  const keyOf = ({ task, placed }: RowTask) => (by === 'rooms' ? placed.crewId : task.roomId)
  return (
    <>
      {labelsOf(by === 'rooms' ? row.tasks : row.tasks.filter(isOnTop), axis, keyOf).map((label) => (
        <text key={label.x} x={label.x} y="11" fontSize="11.5" fontWeight="600">
          {fitted(named.find((each) => each.id === label.id)?.name ?? '', label.width, alikeStart(named))}
        </text>
      ))}
      {row.tasks.flatMap(({ task, placed, some }) =>
        placed.pieces.map((piece) => {
          const isPicked = hand?.pickedId === task.id
          return (
            <Bar
              key={`${task.id}${piece.from}`}
              task={task}
              placed={placed}
              some={some}
              piece={piece}
              axis={axis}
              rooms={rooms}
              zone={zone}
              hour={hour}
              isHeld={held?.has(task.id) ?? false}
              isLoose={hand !== null && !placed.done}
              isPicked={isPicked}
              slip={isPicked ? (hand?.slip ?? 0) : 0}
              onGrab={onGrab}
              onKey={onKey}
            />
          )
        }),
      )}
    </>
  )
}

interface BarProps extends RowTask {
  readonly piece: PlacedTask['pieces'][number]
  readonly axis: TimeAxis
  readonly rooms: readonly Room[]
  readonly zone: string
  readonly hour: number
  readonly isHeld: boolean
  readonly isLoose: boolean
  readonly isPicked: boolean
  /** Minutes the picked work can slip. */
  readonly slip: number
  readonly onGrab: RowBarsProps['onGrab']
  readonly onKey: RowBarsProps['onKey']
}

/** One piece of work. There may be thousands: each is drawn anew only when something of its own changes. */
const Bar = memo(function Bar(props: BarProps) {
  const { task, placed, some, piece, axis, rooms, zone, hour, isHeld, isLoose, isPicked, slip, onGrab, onKey } = props
  const x = axis.x(piece.from)
  const width = Math.max(1.5, axis.x(piece.to) - x)
  // What one of two does lies in his half of the row.
  const [part, y] = some ? [BAR / some.of, 16 + (BAR * (some.people[0] ?? 0)) / some.of] : [BAR, 16]
  const height = some ? part * some.people.length : BAR
  const [base, mark] = KIND_FILL[task.kind]
  const words = `${taskWords(rooms, task, task.id)}, ${whenText(piece.from, hour, zone)} – ${whenText(piece.to, hour, zone)}${placed.done ? `, ${W.rounds.done}` : ''}`
  const isFirst = placed.pieces[0] === piece
  const actions = isLoose
    ? {
        role: 'button',
        tabIndex: isFirst ? 0 : -1,
        'aria-pressed': isPicked,
        'aria-label': words,
        className: 'cursor-grab',
        onPointerDown: (event: PointerEvent) => onGrab(event, task.id, placed.from),
        onKeyDown: (event: KeyboardEvent) => onKey(event, task.id),
      }
    : {}
  return (
    <g {...actions}>
      <title>{words}</title>
      <rect
        x={x}
        y={y}
        width={width}
        height={height}
        fill={base}
        stroke="var(--ink)"
        strokeWidth="0.8"
        opacity={placed.done ? 0.55 : 1}
      />
      {mark && width > LEAST_MARKED && (
        <rect x={x} y={y} width={width} height={height} fill={mark} opacity={placed.done ? 0.4 : 1} />
      )}
      {placed.done && (
        <line x1={x} x2={x + width} y1={y + height} y2={y + height} stroke="var(--ink)" strokeWidth="3" />
      )}
      {task.kind !== 'pull' && width > 10 + 6 * W.rounds.kinds[task.kind].length && (
        <text x={x + 4} y={y + height / 2 + 4} fontSize="11" paintOrder="stroke" stroke={base} strokeWidth="4">
          {W.rounds.kinds[task.kind]}
        </text>
      )}
      {isFirst && isHeld && (
        <path d={`M${x - 1} 13 h9 l-4.5 6 z`} fill="var(--act)" stroke="var(--sheet)" strokeWidth="0.8" />
      )}
      {isPicked && (
        <rect
          x={x - 2}
          y={y - 2}
          width={width + 4}
          height={height + 4}
          fill="none"
          stroke="var(--act)"
          strokeWidth="2.5"
        />
      )}
      {isPicked && isFirst && slip > 0 && <Slip axis={axis} from={placed.to} slip={slip} />}
    </g>
  )
})

/** How far the picked work can slip: a thread behind it. */
function Slip({ axis, from, slip }: { axis: TimeAxis; from: number; slip: number }) {
  const [x, end] = [axis.x(from), axis.x(from + slip)]
  return (
    <path
      d={`M${x} ${16 + BAR + 5} H${end} m0 -4 v8`}
      stroke="var(--act)"
      strokeWidth="1.8"
      fill="none"
      strokeDasharray="5 3"
    />
  )
}

/** What all of a crew do, or its first; the others' rooms stand in the card of each. */
const isOnTop = ({ some }: RowTask): boolean => !some || some.people.includes(0)

/** One label where work in a room, or of a crew, begins, as wide as it stays. */
function labelsOf(
  tasks: readonly RowTask[],
  axis: TimeAxis,
  keyOf: (task: RowTask) => string,
): { id: string; x: number; width: number }[] {
  const labels: { id: string; x: number; width: number; day: number }[] = []
  for (const task of tasks) {
    const { from } = task.placed
    const x = axis.x(from)
    const day = axis.days.findIndex((one) => from < one.to)
    const last = labels[labels.length - 1]
    const next = axis.days[day]
    const end = next ? next.x + next.width : x
    const id = keyOf(task)
    if (last && last.id === id && last.day === day) continue
    if (last && last.day === day) last.width = x - last.x
    labels.push({ id, x, width: end - x, day })
  }
  return labels.filter((label) => label.width > 26)
}

/** A name as far as there is room; where there is little, without the first word that all names share: crews are told apart by the rest. */
const fitted = (name: string, width: number, shared: string): string => {
  const most = Math.floor((width - 4) / 6.2)
  if (name.length <= most) return name
  const rest = name.slice(shared.length)
  return rest.length <= most ? rest : most < 3 ? '' : `${rest.slice(0, most - 1)}…`
}

/** The first word of several names, with its space, where all of them begin with it and none is only that. */
function alikeStart(named: readonly { readonly name: string }[]): string {
  const [first] = named
  const word = first?.name.match(/^\S+\s+(?=\S)/u)?.[0] ?? ''
  return named.length > 1 && word && named.every(({ name }) => name.startsWith(word) && name.length > word.length)
    ? word
    : ''
}
