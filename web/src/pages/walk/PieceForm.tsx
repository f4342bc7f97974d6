import { CheckField, ChoiceField, LengthField, NumberField, inWords } from '../../app/ui/fields'
import { PIECE_KINDS, type Piece, type Room, face } from '@crisp-hem/core'
import type { Pick } from '../../app/drawing/pick'
import { useEditRoom, useFacts } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { Panel } from '../../app/ui/Panel'
import { withoutFaces } from './editFace'
import { LeafFields } from './LeafFields'
import { PlaceFields } from './thingFields'
import { W } from '../../app/words'

/** Cabinets, a radiator, a group of furniture or a stair. */
export function PieceForm({ room, piece, onPick }: { room: Room; piece: Piece; onPick: (pick: Pick) => void }) {
  const { site } = useFacts()
  const editRoom = useEditRoom(room.id)
  const set = (change: Partial<Piece>) =>
    editRoom((before) => ({
      ...before,
      pieces: before.pieces.map((each) => (each.id === piece.id ? { ...each, ...change } : each)),
    }))
  const remove = () => {
    const gone = [face('piece', piece.id)]
    onPick({ kind: 'room' })
    editRoom((before) => ({
      ...before,
      pieces: before.pieces.filter((each) => each.id !== piece.id),
      ...withoutFaces(before, gone),
    }))
  }
  const hasLeaves = piece.kind === 'cabinets' || piece.kind === 'shutters'
  const counted = hasLeaves || piece.kind === 'stairs'
  return (
    <Panel title={piece.name}>
      <div className="grid grid-cols-2 gap-x-3 gap-y-2">
        <PlaceFields
          room={room}
          thing={piece}
          foot={{ label: W.walk.bottom, mm: piece.bottomMm, set: (bottomMm) => set({ bottomMm }) }}
          onChange={set}
        />
        <ChoiceField
          label={W.walk.kind}
          value={piece.kind}
          options={inWords('piece', PIECE_KINDS)}
          onCommit={(kind) => set({ kind })}
        />
        <LengthField
          label={W.walk.depth}
          mm={piece.depthMm}
          units={site.units}
          onCommit={(depthMm) => set({ depthMm })}
        />
        {counted && (
          <NumberField
            label={piece.kind === 'stairs' ? W.walk.steps_ : W.walk.doors}
            value={piece.count}
            onCommit={(count) => set({ count })}
          />
        )}
        {hasLeaves && <LeafFields leaves={piece} onChange={set} />}
        {piece.kind === 'cabinets' && (
          <CheckField label={W.walk.inUse} checked={piece.inUse} onChange={(inUse) => set({ inUse })} />
        )}
      </div>
      <div className="mt-3 flex gap-2">
        <Button onClick={() => onPick({ kind: 'face', key: face('piece', piece.id) })}>{W.walk.itsFace}</Button>
        <Button tone="quiet" onClick={remove}>
          {W.walk.remove}
        </Button>
      </div>
    </Panel>
  )
}
