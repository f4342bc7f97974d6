import { useMemo, useState } from 'react'
import { useNow } from '../../app/state/clock'
import { useWholeJob } from '../../app/state/useJob'
import { useWorkerAnswer } from '../../app/state/useWorkerAnswer'
import { Button } from '../../app/ui/Button'
import { Dialog } from '../../app/ui/Dialog'
import { PartBoundary } from '../../app/ui/PartBoundary'
import { W } from '../../app/words'
import type { Evening } from '@crisp-hem/core'
import { startEvening, EveningLists, type EveningQuestion } from '../rounds/EveningPanel'

interface CloseDayProps {
  /** Nothing that must breathe is covered, or it was said why. */
  readonly mayClose: boolean
  readonly onClose: () => void
}

/** The end of a day on the phone: first what is open, then the question, then the tick. */
export function CloseDay({ mayClose, onClose }: CloseDayProps) {
  const [open, setOpen] = useState(false)
  return (
    <>
      <Button className="min-h-11" disabled={!mayClose} onClick={() => setOpen(true)}>
        {W.register.close}
      </Button>
      <Dialog open={open} onClose={() => setOpen(false)} title={W.register.close} wide>
        <PartBoundary>
          <Asked
            onClose={() => {
              onClose()
              setOpen(false)
            }}
            onBack={() => setOpen(false)}
          />
        </PartBoundary>
      </Dialog>
    </>
  )
}

function Asked({ onClose, onBack }: { onClose: () => void; onBack: () => void }) {
  const job = useWholeJob()
  const minute = Math.floor(useNow(30_000))
  const question = useMemo((): EveningQuestion => ({ job, now: minute }), [job, minute])
  const told = useWorkerAnswer<EveningQuestion, Evening>(startEvening, question, 0)
  if (!told) return <p className="text-soft">{W.frame.working}</p>
  const unsafe = told.stays.filter(({ isSafe }) => !isSafe).length
  const left = told.mustBeOff.length + told.guns.length + unsafe
  return (
    <>
      <p className="mb-2 font-semibold" role="status">
        {left + told.open.length === 0
          ? W.register.allDone
          : W.register.stillOpen({ off: left, open: told.open.length })}
      </p>
      <EveningLists told={told} />
      <div className="mt-4 flex flex-wrap gap-2">
        <Button className="min-h-12" onClick={onBack}>
          {W.guard.back}
        </Button>
        <Button tone={left + told.open.length === 0 ? 'act' : 'plain'} className="min-h-12" onClick={onClose}>
          {left + told.open.length === 0 ? W.register.close : W.register.closeAnyway}
        </Button>
      </div>
    </>
  )
}
