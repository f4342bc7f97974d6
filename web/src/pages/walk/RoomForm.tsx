import { W, factText, wordIn } from '../../app/words'
import { useNavigate } from 'react-router'
import { groupedBy, copyRoom, formatInstant, mirrorRoom, parseInstant, USUAL_FACES, type Room } from '@crisp-hem/core'
import type { Pick } from '../../app/drawing/pick'
import { instantOfInput, localInput } from '../../app/frame/ClockDialog'
import { useEdit, useEditRoom, useFacts, usePlan } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { ChoiceField, LengthField, TextField } from '../../app/ui/fields'
import { Panel } from '../../app/ui/Panel'
import { HeldAirFields } from './HeldAirFields'
import { PhotoNotes } from './PhotoNotes'
import { newAreaId } from './newAreaId'

/** The room as a whole, and the edges in it that carry no hem. */
export function RoomForm({ room, onPick }: { room: Room; onPick: (pick: Pick) => void }) {
  const { site, crews } = useFacts()
  const editRoom = useEditRoom(room.id)
  const set = (change: Partial<Room>) => editRoom((before) => ({ ...before, ...change }))
  const setSkirting = (change: { heightMm?: number; gapMm?: number }) =>
    set({
      skirting:
        change.heightMm === 0
          ? null
          : { face: USUAL_FACES.trim, without: [], gapMm: 0, heightMm: 120, ...room.skirting, ...change },
    })
  return (
    <Panel title={W.walk.areaKinds[room.kind]}>
      <p className="mb-2 text-sm text-soft">{W.walk.hint}</p>
      <div className="grid grid-cols-2 gap-x-3 gap-y-2">
        <TextField label={W.walk.name} value={room.name} onCommit={(name) => set({ name })} />
        <LengthField
          label={room.kind === 'room' ? W.walk.height : W.walk.eaves}
          mm={room.heightMm}
          units={site.units}
          onCommit={(heightMm) => set({ heightMm })}
        />
        <LengthField
          label={W.walk.hasSkirting}
          mm={room.skirting?.heightMm ?? 0}
          units={site.units}
          allowZero
          onCommit={(heightMm) => setSkirting({ heightMm })}
        />
        {room.skirting && (
          <LengthField
            label={W.walk.gap}
            mm={room.skirting.gapMm}
            units={site.units}
            allowZero
            onCommit={(gapMm) => setSkirting({ gapMm })}
          />
        )}
        <ChoiceField
          label={W.walk.crew}
          value={room.crewId ?? ''}
          options={[{ value: '', text: W.walk.anyCrew }, ...crews.map(({ id, name }) => ({ value: id, text: name }))]}
          onCommit={(crewId) => set({ crewId: crewId === '' ? null : crewId })}
        />
        {site.places.length > 0 && (
          <ChoiceField
            label={W.walk.address}
            value={room.placeId ?? ''}
            options={[
              { value: '', text: site.place },
              ...site.places.map(({ id, name }) => ({ value: id, text: name })),
            ]}
            onCommit={(placeId) => set({ placeId: placeId === '' ? null : placeId })}
          />
        )}
        <TextField
          label={W.walk.neededBy}
          type="datetime-local"
          value={room.neededBy ? localInput(parseInstant(room.neededBy), site.zone) : ''}
          onCommit={(text) => {
            const at = instantOfInput(text, site.zone)
            return set({ neededBy: at === null ? null : formatInstant(at) })
          }}
        />
      </div>
      {room.kind === 'room' && <HeldAirFields room={room} onSet={(held) => set({ heldAir: held })} />}
      <RoomActions room={room} />
      <BareEdges room={room} onPick={onPick} />
      <PhotoNotes room={room} edge={null} title={W.photo.marks} />
    </Panel>
  )
}

function RoomActions({ room }: { room: Room }) {
  const { id: jobId } = useFacts()
  const edit = useEdit()
  const editRoom = useEditRoom(room.id)
  const navigate = useNavigate()
  const copy = () => {
    const id = newAreaId()
    const again = copyRoom(room, id, W.jobs.copyOf({ name: room.name }))
    if (edit((facts) => ({ ...facts, rooms: [...facts.rooms, again] }))) void navigate(`/jobs/${jobId}/walk/${id}`)
  }
  const drop = () => {
    if (edit((facts) => ({ ...facts, rooms: facts.rooms.filter((each) => each.id !== room.id) })))
      void navigate(`/jobs/${jobId}/walk`)
  }
  return (
    <div className="mt-3 flex flex-wrap gap-2">
      <Button onClick={copy}>{W.walk.copyRoom}</Button>
      <Button onClick={() => editRoom(mirrorRoom)}>{W.walk.mirror}</Button>
      <Button tone="quiet" onClick={drop}>
        {W.walk.dropRoom}
      </Button>
    </div>
  )
}

/** Edges with no hem, grouped by the reason; those left out by hand can be put back. */
function BareEdges({ room, onPick }: { room: Room; onPick: (pick: Pick) => void }) {
  const plan = usePlan()
  const editRoom = useEditRoom(room.id)
  const walls = new Set(room.walls.map((wall) => wall.id))
  const own = (plan?.bare ?? []).filter(
    (edge) => edge.roomId === room.id && edge.segments.every((segment) => walls.has(segment.wallId)),
  )
  if (own.length === 0) return null
  return (
    <details className="mt-4 border-t border-rule pt-2">
      <summary className="cursor-pointer font-semibold">
        {W.walk.bare} ({own.length})
      </summary>
      {[...groupedBy(own, (edge) => edge.why)].map(([why, edges]) => (
        <div key={why} className="mt-2 text-sm">
          <p className="font-semibold">{wordIn(W.walk.whyBare, why)}</p>
          <ul>
            {edges.map((edge) => (
              <li key={edge.edge} className="flex items-center gap-2">
                {factText(edge.place)}
                {edge.note && <span className="text-soft">({factText(edge.note)})</span>}
                {room.edgeNotes.some((note) => note.edge === edge.edge) && (
                  <button
                    type="button"
                    className="ml-auto underline"
                    onClick={() => {
                      editRoom((before) => ({
                        ...before,
                        edgeNotes: before.edgeNotes.filter((note) => note.edge !== edge.edge),
                      }))
                      onPick({ kind: 'room' })
                    }}
                  >
                    {W.walk.putBack}
                  </button>
                )}
              </li>
            ))}
          </ul>
        </div>
      ))}
    </details>
  )
}
