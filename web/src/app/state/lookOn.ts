import { useEffect, useRef } from 'react'
import { isByPrice, publishedTasks } from '@crisp-hem/core'
import type { BetterFound } from './better.worker'
import { draftFound } from './jobSlice'
import { useAppDispatch, useAppSelector } from './store'
import { useBetter } from './useBetter'
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

/** What was found as a draft: only what is still to do, done work stands where it was done. */
export const draftOf = ({ placement }: BetterFound) => publishedTasks(placement.placed.filter(({ done }) => !done))

/**
 * As long as nobody has been told any plan, a better one is looked for behind the page whenever something changed, and becomes the
 * draft. A painter's device leaves that to the office.
 */
export function LookOn(): null {
  const plan = usePlan()
  const job = useWholeJob()
  const dispatch = useAppDispatch()
  const isOffice = !useAppSelector(isPainter)
  const { found, state, look, stop } = useBetter()
  const isOpen = isOffice && job.published === null && isByPrice(job.planning.goals)
  const search = useRef({ look, stop, job })
  useEffect(() => void (search.current = { look, stop, job }))
  useEffect(() => {
    if (!isOpen || !plan || plan.endsAt === null) return
    const timer = setTimeout(() => search.current.look(search.current.job, plan.at, LOOK_MS), AFTER_MS)
    return () => {
      clearTimeout(timer)
      search.current.stop()
    }
  }, [plan, isOpen])
  useEffect(() => {
    if (state === 'done' && found && isWorthTelling(found)) dispatch(draftFound(draftOf(found)))
  }, [state, found, dispatch])
  return null
}
