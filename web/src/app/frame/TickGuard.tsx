import { tickAnswered } from '../state/guardSlice'
import { useTick } from '../state/useJob'
import { useAppDispatch, useAppSelector } from '../state/store'
import { Button } from '../ui/Button'
import { Dialog } from '../ui/Dialog'
import { W, sayText } from '../words'

/** Asks once where a tick does not fit what was ticked before, and says what it would mean. */
export function TickGuard() {
  const asked = useAppSelector((state) => state.guard.asked)
  const dispatch = useAppDispatch()
  const tick = useTick()
  const close = () => void dispatch(tickAnswered())
  return (
    <Dialog open={asked !== null} onClose={close} title={W.guard.title}>
      <ul className="border-l-4 border-act pl-3">
        {asked?.doubts.map((doubt, i) => (
          <li key={i}>{sayText(doubt)}</li>
        ))}
      </ul>
      <div className="mt-4 flex flex-wrap gap-2">
        <Button className="min-h-12" onClick={close}>
          {W.guard.back}
        </Button>
        <Button
          tone="act"
          className="min-h-12"
          onClick={() => {
            if (asked) tick(asked.made, asked.words)
            close()
          }}
        >
          {W.guard.anyway}
        </Button>
      </div>
    </Dialog>
  )
}
