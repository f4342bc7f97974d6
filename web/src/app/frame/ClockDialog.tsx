import { useState } from 'react'
import { fromLocal, toLocal } from '@crisp-hem/core'
import { useNow } from '../state/clock'
import { useAppDispatch } from '../state/store'
import { Button } from '../ui/Button'
import { Dialog } from '../ui/Dialog'
import { Labelled } from '../ui/fields'
import { chooseClock } from './openClock'
import { W } from '../words'

const two = (n: number) => String(n).padStart(2, '0')

/** `2027-05-12T13:46` on the site's clock. */
export function localInput(at: number, zone: string): string {
  const { day, minute } = toLocal(Math.floor(at), zone)
  return `${new Date(day * 86_400_000).toISOString().slice(0, 10)}T${two(Math.floor(minute / 60))}:${two(minute % 60)}`
}

/** The instant of a local time as an input gives it; null when it is incomplete. */
export function instantOfInput(text: string, zone: string): number | null {
  const match = /^(\d{4}-\d\d-\d\d)T(\d\d):(\d\d)/.exec(text)
  if (!match) return null
  return fromLocal(Date.parse(`${match[1]}T00:00Z`) / 86_400_000, Number(match[2]) * 60 + Number(match[3]), zone)
}

/** Chooses between real time and a practice time. */
export function ClockDialog({ open, onClose, zone }: { open: boolean; onClose: () => void; zone: string }) {
  return (
    <Dialog open={open} onClose={onClose} title={W.frame.clockTitle}>
      <ClockForm onClose={onClose} zone={zone} />
    </Dialog>
  )
}

/** Begins with the time that is shown, anew whenever the dialog is opened. */
function ClockForm({ onClose, zone }: { onClose: () => void; zone: string }) {
  const dispatch = useAppDispatch()
  const shown = useNow()
  const [wanted, setWanted] = useState(() => localInput(shown, zone))
  const at = instantOfInput(wanted, zone)
  const choose = (aheadMs: number) => void chooseClock(dispatch, aheadMs).then(onClose)
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        if (at !== null) choose(at * 60_000 - Date.now())
      }}
    >
      <p className="mb-3 text-soft">{W.frame.clockText}</p>
      <Labelled label={W.frame.practice} hint={at === null ? W.frame.noTime : null}>
        {(id) => (
          <input
            id={id}
            className="field"
            type="datetime-local"
            value={wanted}
            autoFocus
            onChange={(event) => setWanted(event.target.value)}
          />
        )}
      </Labelled>
      <div className="mt-4 flex flex-wrap gap-2">
        <Button tone="act" type="submit" disabled={at === null}>
          {W.frame.setClock}
        </Button>
        <Button onClick={() => choose(0)}>{W.frame.realTime}</Button>
      </div>
    </form>
  )
}
