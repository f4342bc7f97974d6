import { useState } from 'react'
import { asBegun, publishedTasks, type Plan } from '@crisp-hem/core'
import { api } from '../../app/office/api'
import { planPublished } from '../../app/state/jobSlice'
import { noticed } from '../../app/state/noticeSlice'
import { useFacts } from '../../app/state/useJob'
import { useAppDispatch } from '../../app/state/store'
import { Button } from '../../app/ui/Button'
import { TextField } from '../../app/ui/fields'
import { errorText, W } from '../../app/words'

interface PublishFormProps {
  readonly plan: Plan
  readonly placed: Plan['proposed']
  /** It may not be published yet. */
  readonly isHeld?: boolean
}

/** Publishes what is proposed, or another plan that was found. */
export function PublishForm({ plan, placed, isHeld = false }: PublishFormProps) {
  const { id } = useFacts()
  const dispatch = useAppDispatch()
  const [by, setBy] = useState('')
  const [why, setWhy] = useState('')
  const [busy, setBusy] = useState(false)
  const number = plan.standing?.number ?? 0
  const publish = async () => {
    setBusy(true)
    try {
      const tasks = publishedTasks(asBegun(plan.placed, placed, plan.at))
      dispatch(planPublished(await api.publish(id, { basedOn: plan.standing ? number : null, by, why, tasks })))
      setWhy('')
    } catch (error) {
      dispatch(noticed({ text: errorText(error), tone: 'wrong', undo: null }))
    } finally {
      setBusy(false)
    }
  }
  return (
    <div className="no-print mt-2 flex flex-wrap items-end gap-3">
      <TextField label={W.publish.by} value={by} onCommit={setBy} />
      <TextField label={W.publish.why} value={why} onCommit={setWhy} />
      <Button tone="act" disabled={busy || isHeld} onClick={() => void publish()}>
        {W.publish.publish({ number: number + 1 })}
      </Button>
    </div>
  )
}
