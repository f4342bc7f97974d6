import { Plus } from 'lucide-react'
import { useMemo, useState } from 'react'
import { useNavigate } from 'react-router'
import { formatRun, type Hem, type Room } from '@crisp-hem/core'
import { StitchKey } from '../drawing/StitchKey'
import { RoomPlan } from '../drawing/RoomPlan'
import { stitchOf } from '../drawing/stitch'
import { UnrolledRoom, type Pick } from '../drawing/UnrolledRoom'
import { PageHead } from '../frame/PageHead'
import { useNow } from '../state/clock'
import { hemState, useFacts, useLog, usePlan, useRoom } from '../state/useJob'
import { Button } from '../ui/Button'
import { Panel } from '../ui/Panel'
import { W } from '../words'
import { AddToWall } from './AddToWall'
import { Inspector } from './Inspector'
import { RoomBuilder } from './RoomBuilder'
import { StepsPanel } from './StepsPanel'

/** The survey: rooms, what is in them, what is painted, and the hems that follow from it. */
export function WalkPage() {
  const room = useRoom()
  const [building, setBuilding] = useState(false)
  return (
    <>
      <PageHead title={room?.name ?? W.walk.title} />
      <div className="px-4 pb-3 lg:px-6">
        <RoomTabs current={room} onNew={() => setBuilding(true)} />
      </div>
      {room ? <RoomWork key={room.id} room={room} /> : <p className="px-6 text-soft">{W.walk.none}</p>}
      <RoomBuilder open={building} onClose={() => setBuilding(false)} />
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

function RoomWork({ room }: { room: Room }) {
  const { site } = useFacts()
  const plan = usePlan()
  const log = useLog()
  const now = useNow()
  const [pick, setPick] = useState<Pick>({ kind: 'room' })
  const hems = useMemo(
    () => (plan?.hems ?? []).filter((hem) => hem.roomId === room.id && isDrawable(room, hem)),
    [plan, room],
  )
  const coats = (hem: Hem) => room.steps.find((step) => step.id === hem.stepId)?.coats ?? 1
  const spans = useMemo(
    () => new Map(plan?.pulls.flatMap((pull) => pull.hemIds.map((id) => [id, pull.spans] as const))),
    [plan],
  )
  const metres = formatRun(
    hems.reduce((sum, hem) => sum + hem.lengthMm, 0),
    site.units,
  )
  const pickedWall = wallName(room, pick, hems)
  return (
    <div className="grid grid-cols-1 gap-4 px-4 pb-6 lg:grid-cols-[minmax(0,1fr)_330px] lg:px-6">
      <div className="grid min-w-0 content-start gap-4">
        <Panel title={W.walk.unrolled} aside={<span className="text-soft">{W.walk.hems(hems.length, metres)}</span>}>
          <div className="overflow-x-auto">
            <UnrolledRoom
              room={room}
              hems={hems}
              units={site.units}
              picked={pick}
              onPick={setPick}
              stitch={(hem) => stitchOf(hemState(log, hem.id), coats(hem), spans.get(hem.id) ?? null, now)}
            />
          </div>
          <div className="mt-2 flex flex-wrap items-center gap-3">
            <StitchKey />
          </div>
        </Panel>
        <div className="grid gap-4 md:grid-cols-[auto_minmax(0,1fr)]">
          <Panel title={W.walk.plan}>
            <RoomPlan walls={room.walls} picked={pickedWall} size={190} />
            <AddToWall room={room} onPick={setPick} />
          </Panel>
          <StepsPanel room={room} />
        </div>
      </div>
      <Inspector room={room} pick={pick} onPick={setPick} />
    </div>
  )
}

/** While an edit waits for its plan, hems of a wall that has just gone are not drawn. */
const isDrawable = (room: Room, hem: Hem): boolean =>
  hem.segments.every((segment) => room.walls.some((wall) => wall.id === segment.wallId))

function wallName(room: Room, pick: Pick, hems: readonly Hem[]): string | null {
  const byId = (id: string | undefined) => room.walls.find((wall) => wall.id === id)?.name ?? null
  switch (pick.kind) {
    case 'hem':
      return byId(hems.find((hem) => hem.id === pick.id)?.segments[0]?.wallId)
    case 'face':
      return byId(pick.key.split(':')[1])
    case 'opening':
      return byId(room.openings.find((each) => each.id === pick.id)?.wallId)
    case 'fitting':
      return byId(room.fittings.find((each) => each.id === pick.id)?.wallId)
    case 'room':
      return null
  }
}
