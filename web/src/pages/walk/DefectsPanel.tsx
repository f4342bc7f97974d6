import { DEFECT_KINDS, type Defect, type Room } from '@crisp-hem/core'
import { useEditRoom, useFacts } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { ChoiceField, LengthField } from '../../app/ui/fields'
import { W } from '../../app/words'
import { freeId } from './things'

/** Cracks, holes, open joints and flaking paint of one face: what is mended before paint, and where it is. */
export function DefectsPanel({ room, faceKey }: { room: Room; faceKey: string }) {
  const editRoom = useEditRoom(room.id)
  const defects = room.defects.filter((defect) => defect.face === faceKey)
  const add = () =>
    editRoom((before) => ({
      ...before,
      defects: [
        ...before.defects,
        { id: freeId('d', before.defects), face: faceKey, kind: 'crack', atMm: 0, heightMm: 1500, lengthMm: 300 },
      ],
    }))
  return (
    <details className="mt-3 border-t border-rule pt-2" open={defects.length > 0}>
      <summary className="cursor-pointer font-semibold">{W.walk.places}</summary>
      <ul className="mt-1 grid gap-2">
        {defects.map((defect) => (
          <DefectRow key={defect.id} room={room} defect={defect} />
        ))}
      </ul>
      <Button className="mt-2" onClick={add}>
        {W.walk.addPlace}
      </Button>
    </details>
  )
}

function DefectRow({ room, defect }: { room: Room; defect: Defect }) {
  const { site } = useFacts()
  const editRoom = useEditRoom(room.id)
  const set = (change: Partial<Defect>) =>
    editRoom((before) => ({
      ...before,
      defects: before.defects.map((each) => (each.id === defect.id ? { ...each, ...change } : each)),
    }))
  const length = (label: string, field: 'atMm' | 'heightMm' | 'lengthMm') => (
    <LengthField
      label={label}
      mm={defect[field]}
      units={site.units}
      allowZero={field !== 'lengthMm'}
      onCommit={(mm) => set({ [field]: mm })}
    />
  )
  return (
    <li className="grid grid-cols-2 items-end gap-x-3 gap-y-1 border-b border-rule pb-2">
      <ChoiceField
        label={W.walk.kind}
        value={defect.kind}
        options={DEFECT_KINDS.map((kind) => ({ value: kind, text: W.walk.placeKinds[kind] }))}
        onCommit={(kind) => set({ kind })}
      />
      {length(W.walk.length, 'lengthMm')}
      {length(W.walk.at, 'atMm')}
      {length(W.walk.sill, 'heightMm')}
      <Button
        tone="quiet"
        onClick={() =>
          editRoom((before) => ({ ...before, defects: before.defects.filter((each) => each.id !== defect.id) }))
        }
      >
        {W.walk.removePlace}
      </Button>
    </li>
  )
}
