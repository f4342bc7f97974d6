import { CheckField, ChoiceField, LengthField, TextField, inWords } from '../../app/ui/fields'
import { BAND_KINDS, type Band, type Room, face } from '@crisp-hem/core'
import type { Pick } from '../../app/drawing/pick'
import { useEditRoom, useFacts } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { Panel } from '../../app/ui/Panel'
import { withoutFaces } from './editFace'
import { W } from '../../app/words'

/** A band of another colour between two heights: two-tone walls, stripes, chair rails. */
export function BandForm({ room, band, onPick }: { room: Room; band: Band; onPick: (pick: Pick) => void }) {
  const { site } = useFacts()
  const editRoom = useEditRoom(room.id)
  const set = (change: Partial<Band>) =>
    editRoom((before) => ({
      ...before,
      bands: before.bands.map((each) => (each.id === band.id ? { ...each, ...change } : each)),
    }))
  const toggle = (wallId: string, on: boolean) => {
    const wallIds = room.walls.map((wall) => wall.id).filter((id) => (id === wallId ? on : band.wallIds.includes(id)))
    if (wallIds.length > 0) set({ wallIds })
  }
  const gone = [face('band', band.id)]
  return (
    <Panel title={band.name}>
      <div className="grid grid-cols-2 gap-x-3 gap-y-2">
        <TextField label={W.walk.name} value={band.name} onCommit={(name) => set({ name })} />
        <ChoiceField
          label={W.walk.kind}
          value={band.kind}
          options={inWords('band', BAND_KINDS)}
          onCommit={(kind) => set({ kind })}
        />
        <LengthField
          label={W.walk.bandFrom}
          mm={band.fromMm}
          units={site.units}
          allowZero
          onCommit={(fromMm) => set({ fromMm })}
        />
        <LengthField label={W.walk.bandTo} mm={band.toMm} units={site.units} onCommit={(toMm) => set({ toMm })} />
      </div>
      <fieldset className="mt-2">
        <legend className="text-[0.82rem] text-soft">{W.walk.bandWalls}</legend>
        <div className="flex flex-wrap gap-x-4">
          {room.walls.map((wall) => (
            <CheckField
              key={wall.id}
              label={wall.name}
              checked={band.wallIds.includes(wall.id)}
              onChange={(on) => toggle(wall.id, on)}
            />
          ))}
        </div>
      </fieldset>
      <div className="mt-3 flex gap-2">
        <Button onClick={() => onPick({ kind: 'face', key: face('band', band.id) })}>{W.walk.itsFace}</Button>
        <Button
          tone="quiet"
          onClick={() => {
            onPick({ kind: 'room' })
            editRoom((before) => ({
              ...before,
              bands: before.bands.filter((each) => each.id !== band.id),
              ...withoutFaces(before, gone),
            }))
          }}
        >
          {W.walk.remove}
        </Button>
      </div>
    </Panel>
  )
}
