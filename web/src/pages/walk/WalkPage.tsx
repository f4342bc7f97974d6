import { deriveHems, formatRun, lastCoatOf, moveCorner, type Hem, type Room, thingOf } from '@crisp-hem/core'
import { FileText, Plus } from 'lucide-react'
import { lazy, Suspense, useEffect, useMemo, useState } from 'react'
import { Link, useLocation, useNavigate } from 'react-router'
import type { Pick } from '../../app/drawing/pick'
import { RoomPlan } from '../../app/drawing/RoomPlan'
import { StitchKey } from '../../app/drawing/StitchKey'
import { stitchOf } from '../../app/drawing/stitch'
import { UnrolledRoom } from '../../app/drawing/UnrolledRoom'
import { PageHead } from '../../app/frame/PageHead'
import { useNow } from '../../app/state/clock'
import { hemState, useEditRoom, useFacts, useLog, usePlan, useRoom } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { Panel } from '../../app/ui/Panel'
import { AddToWall } from './AddToWall'
import { Inspector } from './Inspector'
import { inspectorPanel } from './inspectorPanel'
import { RoomBuilder } from './RoomBuilder'
import { StepsPanel } from './StepsPanel'
import { StickSwitch } from '../../app/frame/StickSwitch'
import { W } from '../../app/words'

/** Drawings in and out are asked for by few and weigh much. */
const ExchangeDialog = lazy(() => import('./ExchangeDialog').then((it) => ({ default: it.ExchangeDialog })))

/** The survey: rooms, what is in them, what is painted, and the hems that follow from it. */
export function WalkPage() {
  const room = useRoom()
  const { id } = useFacts()
  const [open, setOpen] = useState<'builder' | 'exchange' | null>(null)
  const { key } = useLocation()
  return (
    <>
      <PageHead title={room?.name ?? W.walk.title} room={room}>
        <StickSwitch />
        <Button onClick={() => setOpen('exchange')}>{W.exchange.open}</Button>
        <Link
          className="inline-flex min-h-9 items-center gap-1.5 border border-ink/70 bg-sheet px-3 hover:bg-deep"
          to={`/jobs/${id}/scope`}
        >
          <FileText size={16} aria-hidden />
          {W.scope.title}
        </Link>
      </PageHead>
      <div className="px-4 pb-3 lg:px-6">
        <RoomTabs current={room} onNew={() => setOpen('builder')} />
      </div>
      {room ? <RoomWork key={`${room.id} ${key}`} room={room} /> : <p className="px-6 text-soft">{W.walk.none}</p>}
      <RoomBuilder open={open === 'builder'} onClose={() => setOpen(null)} />
      {open === 'exchange' && (
        <Suspense fallback={null}>
          <ExchangeDialog room={room} onClose={() => setOpen(null)} />
        </Suspense>
      )}
    </>
  )
}

function RoomTabs({ current, onNew }: { current: Room | null; onNew: () => void }) {
  const { rooms, id } = useFacts()
  const navigate = useNavigate()
  return (
    <div className="flex flex-wrap items-center gap-1.5" role="group" aria-label={W.walk.rooms}>
      {rooms.map((room) => (
        <button
          key={room.id}
          type="button"
          aria-pressed={room.id === current?.id}
          className={`min-h-9 border px-3 ${room.id === current?.id ? 'border-ink bg-ink font-semibold text-ground' : 'border-seam bg-card hover:bg-deep'}`}
          onClick={() => void navigate(`/jobs/${id}/walk/${room.id}`)}
        >
          {room.name}
        </button>
      ))}
      <Button icon={<Plus size={16} aria-hidden />} onClick={onNew} tone={rooms.length === 0 ? 'act' : 'plain'}>
        {W.walk.newRoom}
      </Button>
    </div>
  )
}

const NOBODY: ReadonlySet<string> = new Set()

/** A room that was just made has its facts under the eye, and under the keys. */
function useMadeFocus(): void {
  // What stands there was put there when the room was made.
  const state = useLocation().state as { readonly isMade?: boolean } | null
  const isMade = state?.isMade ?? false
  useEffect(() => {
    if (isMade) inspectorPanel()?.focus()
  }, [isMade])
}

/** Escape where nothing else takes it: a field that is typed into brings its old value back, a dialog is put away. */
function useEscape(act: () => void): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const at = event.target as HTMLElement
      if (event.key === 'Escape' && !event.defaultPrevented && !at.closest('[role=dialog], input, textarea, select'))
        act()
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  })
}

function RoomWork({ room }: { room: Room }) {
  const { site, shelf } = useFacts()
  const plan = usePlan()
  const log = useLog()
  const now = useNow()
  const [pick, setPick] = useState<Pick>({ kind: 'room' })
  const [chosen, setChosen] = useState(NOBODY)
  useMadeFocus()
  useEscape(() => setPick({ kind: 'room' }))
  // Worked out here rather than waited for: an edit shows its hems in the same frame, however large the job.
  const hems = useMemo(() => deriveHems(room, shelf).hems, [room, shelf])
  const coats = (hem: Hem) => {
    const step = room.steps.find((each) => each.id === hem.stepId)
    return step ? lastCoatOf(room, step) : 1
  }
  const spans = useMemo(
    () => new Map(plan?.pulls.flatMap((pull) => pull.hemIds.map((id) => [id, pull.spans] as const))),
    [plan],
  )
  const onPick = (next: Pick, more = false) => {
    if (more && next.kind === 'hem') {
      const before = pick.kind === 'hem' && chosen.size === 0 ? [pick.id] : [...chosen]
      setChosen(new Set(before.includes(next.id) ? before.filter((id) => id !== next.id) : [...before, next.id]))
    } else setChosen(NOBODY)
    setPick(next)
  }
  const metres = formatRun(
    hems.reduce((sum, hem) => sum + hem.lengthMm, 0),
    site.units,
  )
  return (
    <div className="grid grid-cols-1 gap-4 px-4 pb-6 lg:grid-cols-[minmax(0,1fr)_300px] lg:px-6 xl:grid-cols-[minmax(0,1fr)_330px]">
      <div className="grid min-w-0 grid-cols-1 content-start gap-4">
        <Panel
          title={room.kind === 'room' ? W.walk.unrolled : W.walk.elevation}
          aside={<span className="mr-36 text-soft">{W.walk.hems({ n: hems.length, m: metres })}</span>}
        >
          <div className="-mt-9 overflow-x-auto pt-9">
            <UnrolledRoom
              room={room}
              hems={hems}
              units={site.units}
              picked={pick}
              chosen={chosen}
              onPick={onPick}
              stitch={(hem) => stitchOf(hemState(log, hem.id), coats(hem), spans.get(hem.id) ?? null, now)}
            />
          </div>
          <div className="mt-2 flex flex-wrap items-center gap-3">
            <StitchKey />
          </div>
        </Panel>
        <div className="grid gap-4 sm:grid-cols-[252px_minmax(0,1fr)] lg:grid-cols-1 xl:grid-cols-[252px_minmax(0,1fr)]">
          <Panel title={W.walk.plan}>
            {room.kind === 'room' && <Outline room={room} picked={wallName(room, pick, hems)} />}
            <AddToWall room={room} onPick={onPick} />
          </Panel>
          <StepsPanel room={room} pick={pick} />
        </div>
      </div>
      <Inspector room={room} hems={hems} pick={pick} chosen={chosen} onPick={onPick} />
    </div>
  )
}

/** The small plan; its corners can be dragged. */
function Outline({ room, picked }: { room: Room; picked: string | null }) {
  const editRoom = useEditRoom(room.id)
  return (
    <RoomPlan
      walls={room.walls}
      picked={picked}
      size={210}
      onMove={(index, to) =>
        editRoom((before) => {
          const walls = moveCorner(before.walls, index, to)
          // A stretched wall takes its top along.
          return walls
            ? {
                ...before,
                walls: walls.map((wall, i) => ({
                  ...wall,
                  top: wall.top.map((point) => ({
                    ...point,
                    atMm: Math.round((point.atMm * wall.lengthMm) / before.walls[i]!.lengthMm),
                  })),
                })),
              }
            : before
        })
      }
    />
  )
}

function wallName(room: Room, pick: Pick, hems: readonly Hem[]): string | null {
  const byId = (id: string | undefined) => room.walls.find((wall) => wall.id === id)?.name ?? null
  switch (pick.kind) {
    case 'hem':
      return byId(hems.find((hem) => hem.id === pick.id)?.segments[0]?.wallId)
    case 'face':
      return byId(thingOf(pick.key) ?? undefined)
    case 'opening':
    case 'fitting':
    case 'piece':
      return byId([...room.openings, ...room.fittings, ...room.pieces].find((each) => each.id === pick.id)?.wallId)
    case 'foot':
      return byId(room.foot.find((stretch) => stretch.id === pick.id)?.wallId)
    case 'band':
    case 'room':
      return null
  }
}
