import { isAnyOf } from '@reduxjs/toolkit'
import { changesBetween } from '@crisp-hem/core'
import type { OutWhat } from '../device/store'
import { newId } from '../ui/newId'
import { W } from '../words'
import type { AppDispatch, Services, StartListening } from '../store'
import { editMade, factsEdited, redone, undone } from './jobSlice'
import { happened } from './logSlice'
import { noticed } from './noticeSlice'

/** Puts what is ticked and edited into the device's outbox, at once. */
export function addPutting(listen: StartListening, { device, identity }: Services): void {
  const put = (dispatch: AppDispatch, jobId: string, what: readonly OutWhat[]) =>
    // It stays on the screen, and goes out while the page is open; it would not outlive it.
    device.put(jobId, what).catch(() => void dispatch(noticed({ text: W.line.full, tone: 'wrong', undo: null })))
  listen({
    actionCreator: happened,
    effect: async ({ payload }, { getState, dispatch }) => {
      const { jobId } = getState().log
      if (jobId)
        await put(
          dispatch,
          jobId,
          payload.map((event) => ({ kind: 'tick', event })),
        )
    },
  })
  listen({
    matcher: isAnyOf(factsEdited, undone, redone),
    effect: async (_action, { getState, getOriginalState, dispatch }) => {
      const [before, now] = [getOriginalState().job.facts, getState().job.facts]
      if (!before || !now || before === now || before.id !== now.id) return
      const changes = changesBetween(before, now)
      const edit = { id: newId(), clock: identity.clock(), changes }
      if (changes.length === 0) return
      dispatch(editMade(edit))
      await put(dispatch, now.id, [{ kind: 'edit', edit }])
    },
  })
}
