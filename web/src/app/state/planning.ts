import type { AppDispatch, RootState, StartListening } from './reducer'
import type { Services } from './services'
import { jobClosed } from './jobSlice'
import type { Planner } from './planner'
import { planCleared, planFailed, planned } from './planSlice'

const PLAN_AFTER_MS = 90

/** Asks for a plan of what is open whenever it changes, and hands answers to the store. */
export function addPlanning(listen: StartListening, { planner, clock }: Services): void {
  listen({
    // Whatever changed it: somebody here, others, or the clock.
    predicate: (_action, now, before) =>
      now.job.facts !== before.job.facts ||
      now.job.published !== before.job.published ||
      now.job.draft !== before.job.draft ||
      now.log.events !== before.log.events ||
      now.clock.aheadMs !== before.clock.aheadMs,
    effect: async (_action, { getState, cancelActiveListeners, delay }) => {
      cancelActiveListeners()
      await delay(PLAN_AFTER_MS)
      askForPlan(getState(), planner, clock)
    },
  })
  listen({ actionCreator: jobClosed, effect: (_action, { dispatch }) => void dispatch(planCleared()) })
}

/** Asks for a plan of what is open, as of now. */
export function askForPlan(
  { job, log, clock: { aheadMs } }: RootState,
  planner: Planner,
  clock: Services['clock'],
): void {
  const { facts, published, draft } = job
  if (!facts || log.jobId !== facts.id) return
  planner.ask({ ...facts, log: log.events, published, ...(draft && { draft }) }, (clock() + aheadMs) / 60_000)
}

export function receivePlans(dispatch: AppDispatch, planner: Planner): void {
  planner.onAnswer((answer) => void dispatch('failed' in answer ? planFailed(answer.failed) : planned(answer)))
}
