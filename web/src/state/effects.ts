import { createListenerMiddleware, isAnyOf, type TypedStartListening } from '@reduxjs/toolkit'
import { api, type ApiError } from '../api'
import type { AppDispatch, RootState } from '../store'
import { clockSet } from './clockSlice'
import { factsEdited, jobClosed, jobOpened, redone, saveDone, saveFailed, saveStarted, undone } from './jobSlice'
import { eventsTaken, happened, logOpened } from './logSlice'
import type { PlanReply, PlanRequest } from './plan.worker'
import { planJoiner } from './planParts'
import { planCleared, planFailed, planned } from './planSlice'
import { siteNow } from './siteNow'
import { unsentStore } from './unsentStore'

/** What happens because state changed: plans are asked for, facts are saved, ticks are sent. */
export const effects = createListenerMiddleware()
const listen = effects.startListening as TypedStartListening<RootState, AppDispatch>

const SAVE_AFTER_MS = 500
const PLAN_AFTER_MS = 60
const SEND_AGAIN_MS = 5000

const worker = new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' })
const asked = { seq: 0 }

listen({
  matcher: isAnyOf(jobOpened, logOpened, factsEdited, undone, redone, happened, clockSet),
  effect: async (_action, { getState, cancelActiveListeners, delay }) => {
    cancelActiveListeners()
    await delay(PLAN_AFTER_MS)
    askForPlan(getState())
  },
})

/** Asks the worker for a plan of what is open, as of now. */
export function askForPlan(state: RootState): void {
  const { facts } = state.job
  if (!facts || state.log.jobId !== facts.id) return
  asked.seq += 1
  const request: PlanRequest = {
    seq: asked.seq,
    job: { ...facts, log: state.log.events },
    now: siteNow(state.clock.aheadMs),
  }
  worker.postMessage(request)
}

/** Hands the worker's plans to the store; an answer to an older question is dropped. */
export function receivePlans(dispatch: AppDispatch): void {
  const join = planJoiner()
  worker.onmessage = ({ data }: MessageEvent<PlanReply>) => {
    if (data.seq !== asked.seq) return
    if ('failed' in data) return void dispatch(planFailed(data.failed))
    const plan = join(data.part)
    // Frozen at its top, the store takes it as it is instead of walking it to its last leaf.
    if (plan) dispatch(planned({ plan: Object.freeze(plan), tookMs: data.tookMs }))
  }
}

listen({
  matcher: isAnyOf(factsEdited, undone, redone),
  effect: async (_action, { getState, dispatch, cancelActiveListeners, delay }) => {
    cancelActiveListeners()
    await delay(SAVE_AFTER_MS)
    const { facts, revision } = getState().job
    if (!facts) return
    dispatch(saveStarted())
    try {
      const saved = await api.saveJob(facts, revision)
      dispatch(saveDone({ revision: saved.revision, facts }))
    } catch (error) {
      const { code, message } = error as ApiError
      dispatch(saveFailed({ state: code === 'job.changed_meanwhile' ? 'changed elsewhere' : 'failed', message }))
    }
  },
})

listen({
  matcher: isAnyOf(happened, logOpened, eventsTaken),
  effect: async (_action, { getState, dispatch, cancelActiveListeners, delay }) => {
    cancelActiveListeners()
    const { jobId, unsent } = getState().log
    if (!jobId) return
    unsentStore.write(jobId, unsent)
    while (getState().log.jobId === jobId && getState().log.unsent.length > 0) {
      const batch = getState().log.unsent
      try {
        await api.sendEvents(jobId, batch)
        unsentStore.write(jobId, [])
        dispatch(eventsTaken(batch.map((event) => event.id)))
        return
      } catch {
        await delay(SEND_AGAIN_MS)
      }
    }
  },
})

listen({ actionCreator: jobClosed, effect: (_action, { dispatch }) => void dispatch(planCleared()) })
