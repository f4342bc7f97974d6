import { BREATHER_KINDS, FITTING_KINDS, FITTING_SCOPES, type Fitting, type Room } from '@crisp-hem/core'
import type { Pick } from '../drawing/UnrolledRoom'
import { useEditRoom, useFacts } from '../state/useJob'
import { Button } from '../ui/Button'
import { ChoiceField, LengthField, TextField } from '../ui/fields'
import { Panel } from '../ui/Panel'
import { W } from '../words'

interface FittingFormProps {
  readonly room: Room
  readonly fitting: Fitting
  readonly onPick: (pick: Pick) => void
}

/** A socket, switch, vent or alarm: where it is, and what happens to it. */
export function FittingForm({ room, fitting, onPick }: FittingFormProps) {
  const { site } = useFacts()
  const editRoom = useEditRoom(room.id)
  const set = (change: Partial<Fitting>) =>
    editRoom((before) => ({
      ...before,
      fittings: before.fittings.map((each) => (each.id === fitting.id ? { ...each, ...change } : each)),
    }))
  const length = (label: string, field: 'atMm' | 'bottomMm' | 'widthMm' | 'heightMm', allowZero = false) => (
    <LengthField
      label={label}
      mm={fitting[field]}
      units={site.units}
      allowZero={allowZero}
      onCommit={(mm) => set({ [field]: mm })}
    />
  )
  return (
    <Panel title={fitting.name}>
      <div className="grid grid-cols-2 gap-x-3 gap-y-2">
        <TextField label={W.walk.name} value={fitting.name} onCommit={(name) => set({ name })} />
        <ChoiceField
          label={W.walk.kind}
          value={fitting.kind}
          options={FITTING_KINDS}
          onCommit={(kind) => set({ kind })}
        />
        <ChoiceField
          label={W.walk.scope}
          value={fitting.scope}
          options={FITTING_SCOPES}
          onCommit={(scope) => set({ scope })}
        />
        <ChoiceField
          label={W.walk.onWall}
          value={fitting.wallId}
          options={room.walls.map(({ id, name }) => ({ value: id, text: name }))}
          onCommit={(wallId) => set({ wallId })}
        />
        {length(W.walk.at, 'atMm', true)}
        {length(W.walk.bottom, 'bottomMm', true)}
        {length(W.walk.width, 'widthMm')}
        {length(W.walk.heightOf, 'heightMm')}
      </div>
      {BREATHER_KINDS.includes(fitting.kind) && <p className="mt-2 font-semibold">{W.walk.breather}</p>}
      <Button
        className="mt-3"
        tone="quiet"
        onClick={() => {
          onPick({ kind: 'room' })
          editRoom((before) => ({ ...before, fittings: before.fittings.filter((each) => each.id !== fitting.id) }))
        }}
      >
        {W.walk.remove}
      </Button>
    </Panel>
  )
}
