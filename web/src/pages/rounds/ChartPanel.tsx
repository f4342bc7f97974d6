import { useCallback, useMemo, useState } from 'react'
import { ChevronLeft, ChevronRight, ZoomIn, ZoomOut } from 'lucide-react'
import {
  formatInstant,
  fromLocal,
  parseInstant,
  skyBetween,
  toLocal,
  withHolds,
  holdsOf,
  workStretches,
  type Plan,
} from '@crisp-hem/core'
import { useNow } from '../../app/state/clock'
import { useEdit, useFacts, usePlan, useWholeJob } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { Panel } from '../../app/ui/Panel'
import { Switch } from '../../app/ui/Tabs'
import { W, dayText, whenText } from '../../app/words'
import type { Due } from './ChartGround'
import { CrewChart } from './CrewChart'
import type { Hand } from './hand'
import { DayList } from './DayList'
import { RoundCard } from './RoundCard'
import { workingDays } from './timeAxis'
import { useMove } from './useMove'

const SPANS = ['day', 'three', 'all'] as const
type Span = (typeof SPANS)[number]
const VIEWS = ['crews', 'people', 'rooms', 'list'] as const
type View = (typeof VIEWS)[number]
const ZOOMS = [1, 2, 4] as const
/** A phone shows the list first. */
const NARROW = '(max-width: 640px)'

/** Crews or rooms against time, or the same as a list; work is picked up and moved on it. */
export function ChartPanel() {
  const plan = usePlan()!
  const facts = useFacts()
  const { site, crews, rooms, planning } = facts
  const job = useWholeJob()
  const now = useNow()
  const [span, setSpan] = useState<Span>('day')
  const [view, setView] = useState<View>(() => (globalThis.matchMedia?.(NARROW).matches ? 'list' : 'crews'))
  const [zoom, setZoom] = useState(0)
  const [wanted, setWanted] = useState<number | null>(null)
  const [isProposed, setIsProposed] = useState(false)
  const differs = (plan.standing?.proposal.length ?? 0) > 0
  const placed = differs && isProposed ? plan.proposed : plan.placed
  const days = useMemo(() => workingDays(placed, site.zone), [placed, site.zone])
  const shown = useShown(days, span, wanted, toLocal(Math.floor(now), site.zone).day)
  const move = useMove(useCallback(() => ({ job, now: plan.at }), [job, plan.at]))
  const [from, to] = [fromLocal(shown[0] ?? 0, 0, site.zone), fromLocal((shown.at(-1) ?? 0) + 1, 0, site.zone)]
  const sky = useMemo(() => skyBetween(facts, from, to), [facts, from, to])
  const shifts = useMemo(
    () => new Map(crews.map((crew) => [crew.id, workStretches(crew, site.zone, { from, to })])),
    [crews, site.zone, from, to],
  )
  const dues = useMemo(() => duesOf(plan, rooms), [plan, rooms])
  const held = useMemo(() => new Set<string>(planning.holds.map((hold) => hold.taskId)), [planning.holds])
  if (shown.length === 0) return <p className="text-soft">{W.rounds.empty}</p>
  const hand: Hand = {
    pickedId: move.pickedId,
    slip: move.picked?.taskId === move.pickedId ? (move.picked?.slip ?? null) : null,
    ghost: ghostOf(move, placed),
    along: alongOf(move),
    pick: move.pick,
    carry: move.carry,
    letGo: move.letGo,
  }
  const first = days.indexOf(shown[0]!)
  return (
    <Panel
      className={plan.standing ? '' : 'border-2 border-dashed border-act'}
      title={`${plan.standing ? '' : `${W.publish.proposal}: `}${span === 'all' ? W.rounds.all : dayText(fromLocal(shown[0]!, 720, site.zone), site.zone)}`}
      aside={
        <ChartTools
          {...{ days, first, span, setSpan, view, setView, zoom, setZoom, setWanted }}
          proposed={differs ? [isProposed, setIsProposed] : null}
        />
      }
    >
      {view === 'list' ? (
        <DayList plan={plan} placed={placed} days={shown} onPick={move.pick} pickedId={move.pickedId} />
      ) : (
        <CrewChart
          plan={plan}
          placed={placed}
          crews={crews}
          rooms={rooms}
          days={shown}
          zone={site.zone}
          now={now}
          by={view}
          zoom={ZOOMS[zoom] ?? 1}
          shifts={shifts}
          sky={sky}
          dues={dues}
          held={held}
          hand={hand}
        />
      )}
      {view !== 'list' && <p className="mt-1 text-sm text-soft">{W.rounds.legend}</p>}
      {move.pickedId && <RoundCard plan={plan} placed={placed} move={move} onMoved={() => setIsProposed(true)} />}
      {view === 'rooms' && <PromiseRooms plan={plan} placed={placed} />}
      {view === 'crews' && shown.length === 1 && <LockDay day={shown[0]!} placed={placed} />}
    </Panel>
  )
}

interface ChartToolsProps {
  readonly days: readonly number[]
  /** Place of the first day shown. */
  readonly first: number
  readonly span: Span
  readonly setSpan: (span: Span) => void
  readonly view: View
  readonly setView: (view: View) => void
  readonly zoom: number
  readonly setZoom: (zoom: number) => void
  readonly setWanted: (day: number) => void
  /** Whether the proposal is shown, and how to show it; null where there is none. */
  readonly proposed: readonly [boolean, (isProposed: boolean) => void] | null
}

/** Which days, which plan, by what, how near. */
function ChartTools(props: ChartToolsProps) {
  const { span, view, zoom, proposed } = props
  return (
    <>
      {span !== 'all' && <DayArrows {...props} />}
      {proposed && (
        <Switch
          label={W.rounds.which}
          value={proposed[0] ? 'proposed' : 'told'}
          options={(['told', 'proposed'] as const).map((value) => ({ value, text: W.rounds.whichOf[value] }))}
          onChange={(value) => proposed[1](value === 'proposed')}
        />
      )}
      <Switch
        label={W.rounds.spanLabel}
        value={span}
        options={SPANS.map((value) => ({ value, text: W.rounds.spans[value] }))}
        onChange={props.setSpan}
      />
      <Switch
        label={W.rounds.viewLabel}
        value={view}
        options={VIEWS.map((value) => ({ value, text: W.rounds.views[value] }))}
        onChange={props.setView}
      />
      {view !== 'list' && <ZoomButtons zoom={zoom} setZoom={props.setZoom} />}
    </>
  )
}

/** A day back, a day on. */
function DayArrows({ days, first, setWanted }: ChartToolsProps) {
  const [before, after] = [days[first - 1], days[first + 1]]
  return (
    <>
      <Button
        aria-label={W.rounds.prev}
        disabled={before === undefined}
        onClick={() => before !== undefined && setWanted(before)}
        icon={<ChevronLeft size={17} aria-hidden />}
      />
      <Button
        aria-label={W.rounds.next}
        disabled={after === undefined}
        onClick={() => after !== undefined && setWanted(after)}
        icon={<ChevronRight size={17} aria-hidden />}
      />
    </>
  )
}

function ZoomButtons({ zoom, setZoom }: Pick<ChartToolsProps, 'zoom' | 'setZoom'>) {
  return (
    <>
      <Button
        aria-label={W.rounds.zoomOut}
        disabled={zoom === 0}
        onClick={() => setZoom(zoom - 1)}
        icon={<ZoomOut size={17} aria-hidden />}
      />
      <Button
        aria-label={W.rounds.zoomIn}
        disabled={zoom === ZOOMS.length - 1}
        onClick={() => setZoom(zoom + 1)}
        icon={<ZoomIn size={17} aria-hidden />}
      />
    </>
  )
}

/** The days shown: one, three from there, or all. */
function useShown(days: readonly number[], span: Span, wanted: number | null, today: number): readonly number[] {
  return useMemo(() => {
    if (span === 'all') return days
    const first =
      wanted !== null && days.includes(wanted) ? wanted : (days.find((day) => day >= today) ?? days[days.length - 1])
    const at = first === undefined ? -1 : days.indexOf(first)
    return at < 0 ? [] : days.slice(at, at + (span === 'day' ? 1 : 3))
  }, [days, span, wanted, today])
}

function ghostOf(move: ReturnType<typeof useMove>, placed: Plan['placed']): Hand['ghost'] {
  const { pickedId, target } = move
  const task = placed.find((each) => each.taskId === pickedId)
  if (!pickedId || !target || !task) return null
  const minutes = task.pieces.reduce((sum, piece) => sum + piece.to - piece.from, 0)
  return { taskId: pickedId, at: target.at, crewId: target.crewId, minutes, isBroken: (move.breaks?.length ?? 0) > 0 }
}

/** What goes along, where it would be. */
const alongOf = (move: ReturnType<typeof useMove>): Hand['along'] =>
  move.target === null
    ? []
    : move.placed
        .filter((task) => task.taskId !== move.pickedId)
        .map(({ taskId, from, to, crewId }) => ({ taskId, at: from, minutes: to - from, crewId, isBroken: false }))

function duesOf(
  plan: Plan,
  rooms: readonly { readonly id: string; readonly name: string; readonly neededBy: string | null }[],
): Due[] {
  const late = new Set(plan.misses.flatMap((miss) => (miss.kind === 'late-hand-back' ? [miss.other] : [])))
  return rooms.flatMap((room) =>
    room.neededBy === null
      ? []
      : [{ roomId: room.id, name: room.name, at: parseInstant(room.neededBy), isLate: late.has(room.id) }],
  )
}

/** Promises rooms when they are planned to be through: from then on they are due. */
function PromiseRooms({ plan, placed }: { plan: Plan; placed: Plan['placed'] }) {
  const { rooms, site } = useFacts()
  const now = useNow(60_000)
  const edit = useEdit()
  const open = rooms.flatMap((room) => {
    const ids = new Set<string>(plan.tasks.flatMap((task) => (task.roomId === room.id ? [task.id] : [])))
    const tasks = placed.filter((task) => ids.has(task.taskId))
    const isLeft = tasks.some((task) => !task.done) && tasks.length === ids.size
    return room.neededBy === null && isLeft ? [{ room, at: Math.ceil(Math.max(...tasks.map((task) => task.to))) }] : []
  })
  if (open.length === 0) return null
  const keep = (roomId: string, at: number) =>
    edit((facts) => ({
      ...facts,
      rooms: facts.rooms.map((room) => (room.id === roomId ? { ...room, neededBy: formatInstant(at) } : room)),
    }))
  return (
    <p className="no-print mt-2 flex flex-wrap items-center gap-2 text-sm">
      <span className="text-soft">{W.rounds.promise}</span>
      {open.map(({ room, at }) => (
        <Button key={room.id} onClick={() => keep(room.id, at)}>
          {W.rounds.promised({ room: room.name, when: whenText(at, now, site.zone) })}
        </Button>
      ))}
    </p>
  )
}

/** Holds all that a crew has on a day where it is. */
function LockDay({ day, placed }: { day: number; placed: Plan['placed'] }) {
  const { site, crews, planning } = useFacts()
  const edit = useEdit()
  const held = new Set<string>(planning.holds.map((hold) => hold.taskId))
  const open = crews.flatMap((crew) => {
    const tasks = placed.filter(
      (task) =>
        !task.done && task.crewId === crew.id && toLocal(task.from, site.zone).day === day && !held.has(task.taskId),
    )
    return tasks.length > 0 ? [{ crew, own: tasks }] : []
  })
  if (open.length === 0) return null
  return (
    <p className="no-print mt-2 flex flex-wrap items-center gap-2 text-sm">
      <span className="text-soft">{W.rounds.lockDay}</span>
      {open.map(({ crew, own }) => (
        <Button
          key={crew.id}
          onClick={() =>
            edit((facts) => ({ ...facts, planning: withHolds(facts.planning, holdsOf(own, W.rounds.lockedDay)) }))
          }
        >
          {crew.name}
        </Button>
      ))}
    </p>
  )
}
