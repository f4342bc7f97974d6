import { useFacts, usePlan } from '../state/useJob'
import { undone } from '../state/jobSlice'
import { useAppDispatch, useAppSelector } from '../state/store'
import { Button } from '../ui/Button'
import { W, whenText } from '../words'
import { useNow } from '../state/clock'

/** Says that the last change could not be planned, and that the last good plan stays up. */
export function PlanTrouble() {
  const { failed } = useAppSelector((state) => state.plan)
  const canUndo = useAppSelector((state) => state.job.past.length > 0)
  const plan = usePlan()
  const { site } = useFacts()
  const now = useNow(60_000)
  const dispatch = useAppDispatch()
  if (failed === null) return null
  return (
    <section role="alert" className="no-print border-b-2 border-act bg-card px-4 py-2 lg:px-6">
      <p>
        <b>{W.trouble.noPlan}</b>{' '}
        {plan ? W.trouble.lastGood({ when: whenText(plan.at, now, site.zone) }) : W.trouble.noneYet}{' '}
        <span className="text-soft">({failed})</span>{' '}
        {canUndo && <Button onClick={() => dispatch(undone())}>{W.frame.undo}</Button>}
      </p>
    </section>
  )
}

/** What a page says while its plan is not there: that it is being worked out, or that it cannot be. */
export function usePlanWait(): string {
  const failed = useAppSelector((state) => state.plan.failed)
  return failed === null ? W.frame.working : W.trouble.noneYet
}
