import { useState } from 'react'
import { formatInstant, fromLocal, toLocal } from '@crisp-hem/core'
import { useNow } from '../../app/state/clock'
import { useEdit, useFacts } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { Dialog } from '../../app/ui/Dialog'
import { Labelled } from '../../app/ui/fields'
import { W } from '../../app/words'

interface AwayButtonProps {
  readonly crewId: string
  /** Who of the crew; null for all of it. */
  readonly person: string | null
}

/** Says that somebody is away for a day or some: ill, at school, on leave. The plan goes by who is there. */
export function AwayButton({ crewId, person }: AwayButtonProps) {
  const [open, setOpen] = useState(false)
  const title = W.away.title({ who: person ?? '' })
  return (
    <>
      <Button tone="quiet" aria-label={title} onClick={() => setOpen(true)}>
        {W.away.open}
      </Button>
      <Dialog open={open} onClose={() => setOpen(false)} title={title}>
        <AwayForm crewId={crewId} person={person} onDone={() => setOpen(false)} />
      </Dialog>
    </>
  )
}

const dayInput = (day: number): string => new Date(day * 86_400_000).toISOString().slice(0, 10)
const dayOfInput = (text: string): number => Date.parse(`${text}T00:00Z`) / 86_400_000

function AwayForm({ crewId, person, onDone }: AwayButtonProps & { onDone: () => void }) {
  const { site } = useFacts()
  const edit = useEdit()
  const today = toLocal(Math.floor(useNow()), site.zone).day
  const [from, setFrom] = useState(() => dayInput(today))
  const [to, setTo] = useState(() => dayInput(today))
  const [why, setWhy] = useState('')
  const isRight = Number.isFinite(dayOfInput(from)) && dayOfInput(to) >= dayOfInput(from)
  const save = () => {
    const at = (day: number) => formatInstant(fromLocal(day, 0, site.zone))
    const away = { crewId, person, from: at(dayOfInput(from)), to: at(dayOfInput(to) + 1), why: why.trim() }
    if (edit((facts) => ({ ...facts, planning: { ...facts.planning, away: [...facts.planning.away, away] } }))) onDone()
  }
  const day = (label: string, value: string, set: (text: string) => void) => (
    <Labelled label={label}>
      {(id) => (
        <input id={id} className="field" type="date" value={value} onChange={(event) => set(event.target.value)} />
      )}
    </Labelled>
  )
  return (
    <form
      className="grid grid-cols-2 gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        if (isRight) save()
      }}
    >
      {day(W.away.from, from, setFrom)}
      {day(W.away.to, to, setTo)}
      <div className="col-span-2">
        <Labelled label={W.away.why}>
          {(id) => <input id={id} className="field" value={why} onChange={(event) => setWhy(event.target.value)} />}
        </Labelled>
      </div>
      <p className="col-span-2 text-sm text-soft">{W.away.hint}</p>
      <Button tone="act" type="submit" disabled={!isRight}>
        {W.away.save}
      </Button>
    </form>
  )
}
