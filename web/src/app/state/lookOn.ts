import { useEffect, useRef } from 'react'
import { isByPrice, publishedTasks } from '@crisp-hem/core'
import type { BetterFound } from './better.worker'
import { draftFound } from './jobSlice'
import { useAppDispatch, useAppSelector } from './store'
import { useBetter, type BetterSearch } from './useBetter'
import { isPainter, usePlan, useWholeJob } from './useJob'

/** How long after the last change it is looked for a better draft, and for how long, ms. From memory. */
const AFTER_MS = 4000
const LOOK_MS = 8000

/** Less than this share of what a plan costs is not worth telling anybody. From memory. */
const LEAST_SHARE = 0.01

/** Whether what was found is worth telling people. */
export const isWorthTelling = ({ won, prices }: BetterFound): boolean =>
  prices
    ? prices.before.totalMinor - prices.after.totalMinor >= LEAST_SHARE * prices.before.totalMinor
    : won.lateMin > 0 || won.endMin > 0 || won.moves > 0

/** Nobody has been told anything: what a search has found is the draft at once, where it is worth it. Done work stands where it was done. */
export function useTakenAsDraft({ found, state }: Pick<BetterSearch, 'found' | 'state'>, isOpen: boolean): void {
  const dispatch = useAppDispatch()
  useEffect(() => {
    if (!isOpen || state !== 'done' || !found || !isWorthTelling(found)) return
    dispatch(draftFound(publishedTasks(found.placement.placed.filter(({ done }) => !done))))
  }, [isOpen, state, found, dispatch])
}

/**
 * As long as nobody has been told any plan, a better one is looked for behind the page whenever something changed, and becomes the
 * draft. A painter's device leaves that to the office.
 */
export function LookOn(): null {
  const plan = usePlan()
  const job = useWholeJob()
  const isOffice = !useAppSelector(isPainter)
  const search = useBetter()
  const { look, stop } = search
  const isOpen = isOffice && job.published === null && isByPrice(job.planning.goals)
  const now = useRef({ look, stop, job })
  useEffect(() => void (now.current = { look, stop, job }))
  useEffect(() => {
    if (!isOpen || !plan || plan.endsAt === null) return
    const timer = setTimeout(() => now.current.look(now.current.job, plan.at, LOOK_MS), AFTER_MS)
    return () => {
      clearTimeout(timer)
      now.current.stop()
    }
  }, [plan, isOpen])
  useTakenAsDraft(search, isOpen)
  return null
}
