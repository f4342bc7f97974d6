import { faceKeys, faceName, type HandHem, type Room } from '@crisp-hem/core'
import type { Pick } from '../../app/drawing/pick'
import { useEditRoom, useFacts } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { ChoiceField, LengthField, TextField } from '../../app/ui/fields'
import { W, factText } from '../../app/words'

/** A hem drawn by hand: its ends, how far it bends, and its two sides. */
export function HandHemForm({ room, hem, onPick }: { room: Room; hem: HandHem; onPick: (pick: Pick) => void }) {
  const { site } = useFacts()
  const editRoom = useEditRoom(room.id)
  const set = (change: Partial<HandHem>) =>
    editRoom((before) => ({
      ...before,
      handHems: before.handHems.map((each) => (each.id === hem.id ? { ...each, ...change } : each)),
    }))
  const faces = faceKeys(room).map((value) => ({ value, text: factText(faceName(room, value)) }))
  const length = (label: string, field: 'x1' | 'y1' | 'x2' | 'y2' | 'bendMm') => (
    <LengthField label={label} mm={hem[field]} units={site.units} allowZero onCommit={(mm) => set({ [field]: mm })} />
  )
  return (
    <div className="mb-3 grid grid-cols-2 items-end gap-x-3 gap-y-2 border-t border-rule pt-2">
      <TextField label={W.walk.name} value={hem.name} onCommit={(name) => set({ name })} />
      {length(W.walk.bend, 'bendMm')}
      {length(W.walk.fromX, 'x1')}
      {length(W.walk.fromY, 'y1')}
      {length(W.walk.toX, 'x2')}
      {length(W.walk.toY, 'y2')}
      <ChoiceField label={W.walk.keep} value={hem.keep} options={faces} onCommit={(keep) => set({ keep })} />
      <ChoiceField label={W.walk.paint} value={hem.paint} options={faces} onCommit={(paint) => set({ paint })} />
      <Button
        tone="quiet"
        onClick={() => {
          onPick({ kind: 'room' })
          editRoom((before) => ({ ...before, handHems: before.handHems.filter((each) => each.id !== hem.id) }))
        }}
      >
        {W.walk.remove}
      </Button>
    </div>
  )
}
