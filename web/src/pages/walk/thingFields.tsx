import type { Room } from '@crisp-hem/core'
import { useFacts } from '../../app/state/useJob'
import { ChoiceField, LengthField, TextField } from '../../app/ui/fields'
import { W } from '../../app/words'

interface OnWall {
  readonly name: string
  readonly wallId: string
  readonly atMm: number
  readonly widthMm: number
  readonly heightMm: number
}

interface PlaceFieldsProps<T extends OnWall> {
  readonly room: Room
  readonly thing: T
  /** The field that holds its height above the floor. */
  readonly foot: { readonly label: string; readonly mm: number; readonly set: (mm: number) => boolean }
  readonly onChange: (change: Partial<OnWall>) => boolean
}

/** Name, wall, place and size: what every thing on a wall has. */
export function PlaceFields<T extends OnWall>({ room, thing, foot, onChange }: PlaceFieldsProps<T>) {
  const { site } = useFacts()
  const length = (label: string, field: 'atMm' | 'widthMm' | 'heightMm') => (
    <LengthField
      label={label}
      mm={thing[field]}
      units={site.units}
      allowZero={field === 'atMm'}
      onCommit={(mm) => onChange({ [field]: mm })}
    />
  )
  return (
    <>
      <TextField label={W.walk.name} value={thing.name} onCommit={(name) => onChange({ name })} />
      <ChoiceField
        label={W.walk.onWall}
        value={thing.wallId}
        options={room.walls.map(({ id, name }) => ({ value: id, text: name }))}
        onCommit={(wallId) => onChange({ wallId })}
      />
      {length(W.walk.at, 'atMm')}
      <LengthField label={foot.label} mm={foot.mm} units={site.units} allowZero onCommit={foot.set} />
      {length(W.walk.width, 'widthMm')}
      {length(W.walk.heightOf, 'heightMm')}
    </>
  )
}
