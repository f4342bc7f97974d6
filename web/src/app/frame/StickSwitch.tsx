import { Ruler } from 'lucide-react'
import { useEffect, useState } from 'react'
import { standInStick, STICK_KEY, streamIntoFields, takeReading } from '../devices/stick'
import { useFacts } from '../state/useJob'
import { Button } from '../ui/Button'
import { W } from '../words'

/** The same made-up readings each time it is connected. */
const STAND_IN_SEED = 3

/** Connects the measuring stick; while it is on, its readings go into the length field in use. */
export function StickSwitch() {
  const { site } = useFacts()
  const [on, setOn] = useState(false)
  useEffect(() => (on ? streamIntoFields(standInStick(STAND_IN_SEED), site.units) : undefined), [on, site.units])
  return (
    <>
      <Button icon={<Ruler size={16} aria-hidden />} aria-pressed={on} onClick={() => setOn(!on)}>
        {on ? W.walk.stickOn : W.walk.stickOff}
      </Button>
      {on && (
        // Pointer-down instead of click: the field must not lose its place.
        <button
          type="button"
          className="fixed bottom-20 right-4 z-40 min-h-14 border-2 border-ink bg-card px-4 font-semibold shadow-lg lg:bottom-4"
          onPointerDown={(event) => {
            event.preventDefault()
            takeReading()
          }}
        >
          {W.walk.stickRead} ({STICK_KEY})
        </button>
      )}
    </>
  )
}
