import { W, errorText, fieldFaultText } from '../../app/words'
import { useState } from 'react'
import { UNIT_SYSTEMS } from '@crisp-hem/core'
import { factsFaults } from '@crisp-hem/core/wire'
import { api } from '../../app/office/api'
import { siteNow } from '../../app/state/siteNow'
import { useAppSelector } from '../../app/state/store'
import { Button } from '../../app/ui/Button'
import { ChoiceField, Labelled } from '../../app/ui/fields'
import { jobId } from './jobId'
import { newJob } from './newJob'

interface NewJobFormProps {
  readonly onMade: (id: string) => void
  readonly onCancel: () => void
}

const CURRENCIES = ['EUR', 'GBP', 'USD', 'CAD', 'AUD', 'NZD', 'CHF', 'SEK', 'PLN', 'MXN'] as const

/** Asks for the least a job needs; the rest has usual values that can be changed later. */
export function NewJobForm({ onMade, onCancel }: NewJobFormProps) {
  const [answers, setAnswers] = useState({
    name: '',
    place: '',
    zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
    units: 'metric' as (typeof UNIT_SYSTEMS)[number],
    currency: 'EUR',
  })
  const [wrong, setWrong] = useState<string | null>(null)
  // By the clock that is shown: a job tried in May is not begun in November.
  const aheadMs = useAppSelector((state) => state.clock.aheadMs)
  const set = (change: Partial<typeof answers>) => setAnswers((before) => ({ ...before, ...change }))
  const make = async () => {
    try {
      const facts = newJob(
        jobId(answers.name),
        { ...answers, name: answers.name.trim(), place: answers.place.trim() },
        new Date(siteNow(aheadMs) * 60_000),
        await api.contractor(),
      )
      const [fault] = factsFaults(facts)
      if (fault) return setWrong(fieldFaultText(fault))
      await api.createJob(facts)
      onMade(facts.id)
    } catch (error) {
      setWrong(errorText(error))
    }
  }
  return (
    <form
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        void make()
      }}
    >
      <Asked label={W.jobs.name} value={answers.name} onChange={(name) => set({ name })} autoFocus />
      <Asked label={W.jobs.place} value={answers.place} onChange={(place) => set({ place })} />
      <Labelled label={W.jobs.zone}>
        {(id) => (
          <select
            id={id}
            className="field"
            value={answers.zone}
            onChange={(event) => set({ zone: event.target.value })}
          >
            {[...new Set([answers.zone, ...Intl.supportedValuesOf('timeZone')])].map((zone) => (
              <option key={zone}>{zone}</option>
            ))}
          </select>
        )}
      </Labelled>
      <div className="grid grid-cols-2 gap-3">
        <ChoiceField
          label={W.jobs.units}
          value={answers.units}
          options={UNIT_SYSTEMS.map((value) => ({ value, text: W.jobs[value] }))}
          onCommit={(units) => set({ units })}
        />
        <ChoiceField
          label={W.jobs.currency}
          value={answers.currency}
          options={CURRENCIES}
          onCommit={(currency) => set({ currency })}
        />
      </div>
      {wrong && (
        <p role="alert" className="font-semibold text-act">
          {wrong}
        </p>
      )}
      <div className="mt-2 flex gap-2">
        <Button tone="act" type="submit">
          {W.jobs.make}
        </Button>
        <Button tone="quiet" onClick={onCancel}>
          {W.jobs.cancel}
        </Button>
      </div>
    </form>
  )
}

function Asked(props: { label: string; value: string; onChange: (text: string) => void; autoFocus?: boolean }) {
  const { label, value, onChange, autoFocus = false } = props
  return (
    <Labelled label={label}>
      {(id) => (
        <input
          id={id}
          className="field"
          required
          autoFocus={autoFocus}
          maxLength={200}
          value={value}
          onChange={(event) => onChange(event.target.value)}
        />
      )}
    </Labelled>
  )
}
