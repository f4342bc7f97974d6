import { useState } from 'react'
import type { Plan, Trial } from '@crisp-hem/core'
import { newId } from '../../app/device/newId'
import { isPainter, useEdit, useFacts, useTell } from '../../app/state/useJob'
import { useAppSelector } from '../../app/state/store'
import { Button } from '../../app/ui/Button'
import { W } from '../../app/words'
import { TrialForm } from './TrialForm'
import { newTrial } from './trialPlan'
import { TrialView } from './TrialView'

/** Trials of this job, newest first: each with its sheet, its counts and what it says. */
export function Trials({ plan }: { readonly plan: Plan }) {
  const { trials, shelf, site } = useFacts()
  const edit = useEdit()
  const tell = useTell()
  const isOnlyRead = useAppSelector(isPainter)
  const [draft, setDraft] = useState<Trial | null>(null)
  const begin = () =>
    setDraft(newTrial({ id: newId(), name: W.proof.trials.named({ n: trials.length + 1 }) }, shelf, site.units, plan))
  const save = (trial: Trial) => {
    if (edit((facts) => ({ ...facts, trials: [...facts.trials, trial] }))) setDraft(null)
  }
  const remove = ({ id }: Trial) => {
    if (edit((facts) => ({ ...facts, trials: facts.trials.filter((each) => each.id !== id) })))
      tell(W.proof.trials.removed)
  }
  return (
    <div className="grid grid-cols-1 gap-4">
      {trials.length === 0 && !draft && <p className="panel">{W.proof.trials.none}</p>}
      {!isOnlyRead && !draft && (
        <Button tone="act" className="min-h-11 justify-self-start" onClick={begin}>
          {W.proof.trials.start}
        </Button>
      )}
      {draft && <TrialForm key={draft.id} first={draft} onSave={save} onCancel={() => setDraft(null)} />}
      {[...trials].reverse().map((trial) => (
        <TrialView key={trial.id} trial={trial} plan={plan} onRemove={isOnlyRead ? null : () => remove(trial)} />
      ))}
    </div>
  )
}
