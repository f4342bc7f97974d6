import { ChoiceField, inWords } from '../../app/ui/fields'
import { BREATHER_KINDS, FITTING_KINDS, FITTING_PLACES, FITTING_SCOPES, type Fitting, type Room } from '@crisp-hem/core'
import type { Pick } from '../../app/drawing/pick'
import { useEditRoom } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { Panel } from '../../app/ui/Panel'
import { PlaceFields } from './thingFields'
import { W } from '../../app/words'

interface FittingFormProps {
  readonly room: Room
  readonly fitting: Fitting
  readonly onPick: (pick: Pick) => void
}

/** A socket, switch, vent or alarm: where it is, and what happens to it. */
export function FittingForm({ room, fitting, onPick }: FittingFormProps) {
  const editRoom = useEditRoom(room.id)
  const set = (change: Partial<Fitting>) =>
    editRoom((before) => ({
      ...before,
      fittings: before.fittings.map((each) => (each.id === fitting.id ? { ...each, ...change } : each)),
    }))
  return (
    <Panel title={fitting.name}>
      <div className="grid grid-cols-2 gap-x-3 gap-y-2">
        <ChoiceField
          label={W.walk.fittingOn}
          value={fitting.on}
          options={FITTING_PLACES.map((value) => ({ value, text: W.walk.fittingPlaces[room.kind][value] }))}
          onCommit={(on) =>
            set({
              on,
              ...(on === 'ceiling' ? {} : { bottomMm: Math.min(fitting.bottomMm, room.heightMm - fitting.heightMm) }),
            })
          }
        />
        <PlaceFields
          room={room}
          thing={fitting}
          foot={{
            label: fitting.on === 'ceiling' ? W.walk.outFromWall : W.walk.bottom,
            mm: fitting.bottomMm,
            set: (bottomMm) => set({ bottomMm }),
          }}
          onChange={set}
        />
        <ChoiceField
          label={W.walk.kind}
          value={fitting.kind}
          options={inWords('fitting', FITTING_KINDS)}
          onCommit={(kind) => set({ kind })}
        />
        <ChoiceField
          label={W.walk.scope}
          value={fitting.scope}
          options={inWords('fittingScope', FITTING_SCOPES)}
          onCommit={(scope) => set({ scope })}
        />
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
