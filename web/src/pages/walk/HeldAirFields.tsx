import { FANS, airAt, roomAir, type HeldAir, type Room } from '@crisp-hem/core'
import { useNow } from '../../app/state/clock'
import { useFacts } from '../../app/state/useJob'
import { CheckField, ChoiceField, NumberField } from '../../app/ui/fields'
import { W } from '../../app/words'

/** The air that heaters, driers and fans hold in one room; without them it has the air of all rooms. */
export function HeldAirFields({ room, onSet }: { room: Room; onSet: (held: HeldAir | null) => void }) {
  const { air } = useFacts()
  const now = useNow(60_000)
  const held = room.heldAir
  // What stands there first is the air as it is: whoever heats it says to what.
  const asIs = (): HeldAir => {
    const { tempC, rh } = airAt(roomAir(air), now)
    return { tempC: Math.round(tempC), rh: Math.round(rh), fan: 'none' }
  }
  return (
    <div className="mt-3">
      <CheckField label={W.walk.held} checked={held !== null} onChange={(on) => onSet(on ? asIs() : null)} />
      {held && (
        <div className="mt-2 grid grid-cols-3 gap-x-3">
          <NumberField
            label={W.walk.heldTemp}
            value={held.tempC}
            onCommit={(tempC) => onSet({ ...held, tempC: Math.min(60, Math.max(-20, tempC)) })}
          />
          <NumberField
            label={W.walk.heldRh}
            value={held.rh}
            onCommit={(rh) => onSet({ ...held, rh: Math.min(100, Math.max(0, rh)) })}
          />
          <ChoiceField
            label={W.walk.fan}
            value={held.fan}
            options={FANS.map((value) => ({ value, text: W.walk.fans[value] }))}
            onCommit={(fan) => onSet({ ...held, fan })}
          />
        </div>
      )}
    </div>
  )
}
