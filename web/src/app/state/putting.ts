import { isAnyOf } from '@reduxjs/toolkit'
import { changesBetween } from '@crisp-hem/core'
import type { OutWhat, Sayer } from '../device/store'
import { newId } from '../device/newId'
import { W } from '../words'
import type { AppDispatch, RootState, StartListening } from './reducer'
import type { Services } from './services'
import { editMade, factsEdited, redone, undone } from './jobSlice'
import { eventsLoose, happened } from './logSlice'
import { noticed } from './noticeSlice'

type StoreAccess = { readonly dispatch: AppDispatch; readonly getState: () => RootState }

/** Who says what is said on this device now; null where nobody signs in. */
export const sayerOf = ({ out }: RootState): Sayer | null =>
  out.who?.isOpen || !out.who?.who ? null : { id: out.who.who.id, name: out.who.who.name }

/** Puts what is ticked and edited into the device's outbox, at once. */
export function addPutting(listen: StartListening, { device, identity }: Services): void {
  /** @returns whether it is safe on this device */
  const put = async (
    { dispatch, getState }: StoreAccess,
    jobId: string,
    what: readonly OutWhat[],
  ): Promise<boolean> => {
    const outcome = await device.put(jobId, what, sayerOf(getState())).catch(() => 'lost' as const)
    if (outcome === 'kept') return true
    dispatch(noticed({ text: W.line.full, tone: 'wrong', undo: null }))
    return false
  }
  listen({
    actionCreator: happened,
    effect: async ({ payload }, store) => {
      const { jobId } = store.getState().log
      if (!jobId) return
      const isSafe = await put(
        store,
        jobId,
        payload.map((event) => ({ kind: 'tick', event })),
      )
      // Nothing is shown as done before it is safe: the office's answer brings it back.
      if (!isSafe) store.dispatch(eventsLoose(payload.map(({ id }) => id)))
    },
  })
  listen({
    matcher: isAnyOf(factsEdited, undone, redone),
    effect: async (_action, store) => {
      const { getState, getOriginalState, dispatch } = store
      const [before, now] = [getOriginalState().job.facts, getState().job.facts]
      if (!before || !now || before === now || before.id !== now.id) return
      const changes = changesBetween(before, now)
      const edit = { id: newId(), clock: identity.clock(), changes }
      if (changes.length === 0) return
      dispatch(editMade(edit))
      await put(store, now.id, [{ kind: 'edit', edit }])
    },
  })
}
