import { useMemo } from 'react'
import { spanAt } from '@crisp-hem/core'
import { useNow } from '../state/clock'
import { usePlan } from '../state/useJob'

/** What the spine shows beside its steps: rounds to pull now, hems with nothing safe. */
export function useCounts(): { due: number; unsafe: number } {
  const plan = usePlan()
  const now = useNow()
  return useMemo(() => {
    if (!plan) return { due: 0, unsafe: 0 }
    const due = plan.pulls.filter(
      (pull) => pull.coated && ['wet', 'past'].includes(spanAt(pull.spans, now)?.kind ?? ''),
    ).length
    return { due, unsafe: plan.recipes.filter((answer) => !answer.safe).length }
  }, [plan, now])
}
