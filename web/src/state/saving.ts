import { isAnyOf } from '@reduxjs/toolkit'
import { ApiError, type Api } from '../api'
import type { AppDispatch, Services, StartListening } from '../store'
import { factsEdited, jobClosed, jobOpened, redone, saveDone, saveFailed, saveStarted, undone } from './jobSlice'
import { Saver, type SaveOutcome } from './saver'

/** Saves edits of the open job, and what waits when it is closed or the page is left. */
export function addSaving(listen: StartListening, { api, drafts, onLeave }: Services): void {
  const open: { saver: Saver | null } = { saver: null }
  listen({
    actionCreator: jobOpened,
    effect: ({ payload }, { dispatch }) => {
      open.saver = saverOf(api, drafts, payload.revision, dispatch)
      if (payload.draft) open.saver.edited(payload.facts)
    },
  })
  listen({
    matcher: isAnyOf(factsEdited, undone, redone),
    effect: (_action, { getState }) => {
      const { facts } = getState().job
      if (facts) open.saver?.edited(facts)
    },
  })
  listen({ actionCreator: jobClosed, effect: () => open.saver?.flush() })
  onLeave(() => {
    const draft = open.saver?.draft
    // Kept on the device as well: a page that is going may not get its answer.
    if (draft) drafts.write(draft.facts.id, draft)
    open.saver?.flush()
  })
}

function saverOf(api: Api, drafts: Services['drafts'], revision: number, dispatch: AppDispatch): Saver {
  return new Saver(revision, {
    send: async (facts, base): Promise<SaveOutcome> => {
      try {
        return { saved: (await api.saveJob(facts, base)).revision }
      } catch (error) {
        return outcomeOf(error)
      }
    },
    onStart: () => dispatch(saveStarted()),
    onEnd: (facts, outcome) => {
      if (outcome === 'changed-elsewhere') return void dispatch(saveFailed({ state: 'changed elsewhere', message: '' }))
      if ('saved' in outcome) {
        drafts.write(facts.id, null)
        return void dispatch(saveDone({ revision: outcome.saved, facts }))
      }
      const message = 'refused' in outcome ? outcome.refused : outcome.unreachable
      dispatch(saveFailed({ state: 'failed', message }))
    },
  })
}

/** Why a save did not go through: somebody else's version, content that is refused, or nobody there. */
function outcomeOf(error: unknown): SaveOutcome {
  if (!(error instanceof ApiError)) return { unreachable: String(error) }
  if (error.code === 'job.changed_meanwhile') return 'changed-elsewhere'
  return error.isRefusal ? { refused: error.message } : { unreachable: error.message }
}
