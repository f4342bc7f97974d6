import { useState } from 'react'
import { TEXTURES, type Trial, type TrialWay } from '@crisp-hem/core'
import { useFacts } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { ChoiceField, inWords, LengthField, NumberField, TextField } from '../../app/ui/fields'
import { W } from '../../app/words'
import { letterOf } from '../../app/naming/trialPieces'
import { WayField } from '../bench/WayFields'
import { withoutWay, withWay } from './trialPlan'

interface TrialFormProps {
  readonly first: Trial
  readonly onSave: (trial: Trial) => void
  readonly onCancel: () => void
}

/** A trial before it is set up: where, with which paint, and the ways to compare. */
export function TrialForm({ first, onSave, onCancel }: TrialFormProps) {
  const { shelf, site } = useFacts()
  const [trial, setTrial] = useState(first)
  const set = (change: Partial<Trial>) => setTrial((before) => ({ ...before, ...change }))
  const setWay = (at: number, change: Partial<TrialWay>) =>
    set({ ways: trial.ways.map((way, i) => (i === at ? { ...way, ...change } : way)) })
  const more = withWay(trial)
  const coatings = shelf.coatings.filter(({ retired }) => !retired).map(({ id, name }) => ({ value: id, text: name }))
  return (
    <form
      className="panel"
      aria-label={W.proof.trials.start}
      onSubmit={(event) => {
        event.preventDefault()
        onSave(trial)
      }}
    >
      <div className="grid grid-cols-2 gap-2 lg:grid-cols-5">
        <TextField
          label={W.proof.trials.name}
          value={trial.name}
          onCommit={(name) => name.trim() !== '' && set({ name })}
        />
        <ChoiceField
          label={W.proof.trials.texture}
          value={trial.texture}
          options={inWords('texture', TEXTURES)}
          onCommit={(texture) => set({ texture })}
        />
        <ChoiceField
          label={W.proof.trials.coating}
          value={trial.coatingId}
          options={coatings}
          onCommit={(coatingId) => set({ coatingId })}
        />
        <NumberField
          label={W.proof.trials.rows}
          value={trial.rows}
          onCommit={(rows) => Number.isInteger(rows) && rows >= 1 && rows <= 100 && set({ rows })}
        />
        <LengthField
          label={W.proof.trials.piece}
          mm={trial.pieceMm}
          units={site.units}
          onCommit={(pieceMm) => pieceMm >= 10 && set({ pieceMm })}
        />
      </div>
      <ol className="mt-3">
        {trial.ways.map((way, i) => (
          <li key={i} className="grid grid-cols-2 items-end gap-2 border-t border-rule py-2 lg:grid-cols-6">
            <h3 className="col-span-2 lg:col-span-6">{W.proof.trials.way({ letter: letterOf(i) })}</h3>
            {(['tapeId', 'seal', 'pressing', 'stroke'] as const).map((part) => (
              <WayField key={part} part={part} way={way} onChange={(change) => setWay(i, change)} />
            ))}
            <NumberField
              label={W.proof.trials.wait}
              value={way.waitH}
              onCommit={(waitH) => waitH >= 0 && waitH <= 10_000 && setWay(i, { waitH })}
            />
            <Button
              aria-label={W.proof.trials.drop({ letter: letterOf(i) })}
              disabled={withoutWay(trial, i) === null}
              onClick={() => setTrial(withoutWay(trial, i) ?? trial)}
            >
              {W.proof.trials.drop({ letter: letterOf(i) })}
            </Button>
          </li>
        ))}
      </ol>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button disabled={!more} onClick={() => more && setTrial(more)}>
          {W.proof.trials.add}
        </Button>
        <Button type="submit" tone="act" className="min-h-11">
          {W.proof.trials.save}
        </Button>
        <Button onClick={onCancel}>{W.proof.trials.cancel}</Button>
      </div>
    </form>
  )
}
