import { useNavigate } from 'react-router'
import { formatInstant, parseInstant, USUAL_FACES, type BareEdge, type Room } from '@crisp-hem/core'
import type { Pick } from '../drawing/UnrolledRoom'
import { instantOfInput, localInput } from '../frame/ClockDialog'
import { useEdit, useEditRoom, useFacts, usePlan } from '../state/useJob'
import { Button } from '../ui/Button'
import { ChoiceField, LengthField, TextField } from '../ui/fields'
import { Panel } from '../ui/Panel'
import { W } from '../words'

/** The room as a whole, and the edges in it that carry no hem. */
export function RoomForm({ room, onPick }: { room: Room; onPick: (pick: Pick) => void }) {
  const { site, crews, id: jobId } = useFacts()
  const edit = useEdit()
  const editRoom = useEditRoom(room.id)
  const navigate = useNavigate()
  const set = (change: Partial<Room>) => editRoom((before) => ({ ...before, ...change }))
  const copy = () => {
    const id = `r-${crypto.randomUUID().slice(0, 8)}`
    if (edit((facts) => ({ ...facts, rooms: [...facts.rooms, { ...room, id, name: W.jobs.copyOf(room.name) }] })))
      void navigate(`/jobs/${jobId}/walk/${id}`)
  }
  const drop = () => {
    if (edit((facts) => ({ ...facts, rooms: facts.rooms.filter((each) => each.id !== room.id) })))
      void navigate(`/jobs/${jobId}/walk`)
  }
  return (
    <Panel title={W.walk.room}>
      <p className="mb-2 text-sm text-soft">{W.walk.hint}</p>
      <div className="grid grid-cols-2 gap-x-3 gap-y-2">
        <TextField label={W.walk.name} value={room.name} onCommit={(name) => set({ name })} />
        <LengthField
          label={W.walk.height}
          mm={room.heightMm}
          units={site.units}
          onCommit={(heightMm) => set({ heightMm })}
        />
        <LengthField
          label={W.walk.hasSkirting}
          mm={room.skirting?.heightMm ?? 0}
          units={site.units}
          allowZero
          onCommit={(heightMm) =>
            set({
              skirting: heightMm === 0 ? null : { face: USUAL_FACES.trim, without: [], ...room.skirting, heightMm },
            })
          }
        />
        <ChoiceField
          label={W.walk.crew}
          value={room.crewId ?? ''}
          options={[{ value: '', text: W.walk.anyCrew }, ...crews.map(({ id, name }) => ({ value: id, text: name }))]}
          onCommit={(crewId) => set({ crewId: crewId === '' ? null : crewId })}
        />
        <div className="col-span-2">
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
      </div>
      <div className="mt-3 flex gap-2">
        <Button onClick={copy}>{W.walk.copyRoom}</Button>
        <Button tone="quiet" onClick={drop}>
          {W.walk.dropRoom}
        </Button>
      </div>
      <BareEdges room={room} onPick={onPick} />
    </Panel>
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
  const groups = new Map<string, BareEdge[]>()
  for (const edge of own) groups.set(edge.why, [...(groups.get(edge.why) ?? []), edge])
  if (own.length === 0) return null
  return (
    <details className="mt-4 border-t border-rule pt-2">
      <summary className="cursor-pointer font-semibold">
        {W.walk.bare} ({own.length})
      </summary>
      {[...groups].map(([why, edges]) => (
        <div key={why} className="mt-2 text-sm">
          <p className="font-semibold">{W.walk.whyBare[why]}</p>
          <ul>
            {edges.map((edge) => (
              <li key={edge.edge} className="flex items-center gap-2">
                {edge.place}
                {(why === 'left out' || why === 'shielded') && (
                  <button
                    type="button"
                    className="ml-auto underline"
                    onClick={() => {
                      editRoom((before) => ({
                        ...before,
                        edgeNotes: before.edgeNotes.filter((each) => each.edge !== edge.edge),
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
