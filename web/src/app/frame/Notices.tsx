import { newId } from '../device/newId'
import { useEffect } from 'react'
import { api } from '../office/api'
import { happened } from '../state/logSlice'
import { takeNewerShell } from './shell'
import { noticeClosed, type Notice } from '../state/noticeSlice'
import { siteNow } from '../state/siteNow'
import { useAppDispatch, useAppSelector, useAppStore, type AppStore } from '../state/store'
import { formatInstant, UNSAID, type LogEvent } from '@crisp-hem/core'
import { Button } from '../ui/Button'
import { W } from '../words'

const STAYS_MS = 9000

/** The line at the foot of the screen, with a way back where there is one. */
export function Notices() {
  const notice = useAppSelector((state) => state.notice.current)
  const isShellNewer = useAppSelector((state) => state.out.isShellNewer)
  const dispatch = useAppDispatch()
  const store = useAppStore()
  useEffect(() => {
    if (!notice || notice.tone === 'wrong') return
    const timer = setTimeout(() => dispatch(noticeClosed()), STAYS_MS)
    return () => clearTimeout(timer)
  }, [notice, dispatch])
  return (
    <div
      aria-live="polite"
      className="no-print pointer-events-none fixed inset-x-0 bottom-16 z-50 flex justify-center px-3 lg:bottom-4"
    >
      {isShellNewer && !notice && (
        <div className="pointer-events-auto flex items-center gap-3 border-2 border-ink bg-card px-4 py-2 shadow-lg">
          <span>{W.line.newer}</span>
          <Button onClick={takeNewerShell}>{W.line.load}</Button>
        </div>
      )}
      {notice && (
        <div
          role={notice.tone === 'wrong' ? 'alert' : undefined}
          className={`pointer-events-auto flex max-w-xl items-center gap-3 border-2 px-4 py-2 shadow-lg ${
            notice.tone === 'wrong' ? 'border-act bg-card' : 'border-ink bg-ink text-ground'
          }`}
        >
          <span className="min-w-0">{notice.text}</span>
          {notice.undo && (
            <Button
              className="shrink-0 text-ink"
              onClick={() => void takeBack(store, notice.undo).then(() => dispatch(noticeClosed()))}
            >
              {notice.undo.kind === 'delete job' ? W.jobs.undo : W.pulls.undo}
            </Button>
          )}
          <button type="button" className="shrink-0 underline" onClick={() => dispatch(noticeClosed())}>
            {W.frame.close}
          </button>
        </div>
      )}
    </div>
  )
}

async function takeBack(store: AppStore, undo: Notice['undo']): Promise<void> {
  if (!undo) return
  if (undo.kind === 'delete job') {
    await api.restoreJob(undo.jobId)
    window.dispatchEvent(new Event('crisp-hem:jobs-changed'))
    return
  }
  const at = formatInstant(siteNow(store.getState().clock.aheadMs))
  const events = undo.eventIds.map((eventId): LogEvent => ({
    ...UNSAID,
    id: newId(),
    kind: 'undone',
    at,
    subjects: [],
    undoes: eventId,
    origin: store.identity.origin(),
  }))
  store.dispatch(happened(events))
}
