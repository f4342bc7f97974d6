import { useState } from 'react'
import { fromLocal, toLocal } from '@crisp-hem/core'
import { useNow } from '../state/clock'
import { useAppDispatch } from '../store'
import { Button } from '../ui/Button'
import { Dialog } from '../ui/Dialog'
import { TextField } from '../ui/fields'
import { keepClock } from './openClock'
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
  const dispatch = useAppDispatch()
  const now = useNow()
  const [wanted, setWanted] = useState<string | null>(null)
  const at = wanted === null ? null : instantOfInput(wanted, zone)
  return (
    <Dialog open={open} onClose={onClose} title={W.frame.clockTitle}>
      <p className="mb-3 text-soft">{W.frame.clockText}</p>
      <TextField
        label={W.frame.practice}
        type="datetime-local"
        value={wanted ?? localInput(now, zone)}
        onCommit={setWanted}
      />
      <div className="mt-4 flex flex-wrap gap-2">
        <Button
          tone="act"
          disabled={at === null}
          onClick={() => {
            keepClock(dispatch, at! * 60_000 - Date.now())
            onClose()
          }}
        >
          {W.frame.setClock}
        </Button>
        <Button
          onClick={() => {
            keepClock(dispatch, 0)
            onClose()
          }}
        >
          {W.frame.realTime}
        </Button>
      </div>
    </Dialog>
  )
}
