import { useMemo } from 'react'
import { vanPlanOf, type Job, type VanPlan } from '@crisp-hem/core'
import { useFacts, usePlan } from '../../app/state/useJob'
import { useAppSelector } from '../../app/state/store'

/** The open job with its log, as far as loading goes by it. */
export function useJobWithLog(): Job {
  const facts = useFacts()
  const log = useAppSelector((state) => state.log.events)
  return useMemo(() => ({ ...facts, log, published: null }), [facts, log])
}

/** What each crew loads when, and what runs short; null while there is no plan. */
export function useVan(): VanPlan | null {
  const job = useJobWithLog()
  const plan = usePlan()
  return useMemo(() => (plan ? vanPlanOf(job, plan) : null), [job, plan])
}
