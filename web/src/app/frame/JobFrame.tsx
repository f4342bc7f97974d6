import { Clock, Redo2, Undo2 } from 'lucide-react'
import { Suspense, useEffect, useState } from 'react'
import { Link, Outlet, useParams } from 'react-router'
import { useNow } from '../state/clock'
import { redone, undone } from '../state/jobSlice'
import { LookOn } from '../state/lookOn'
import { useFacts } from '../state/useJob'
import { useAppDispatch, useAppSelector } from '../state/store'
import { ClockDialog } from './ClockDialog'
import { DisplayButton } from './DisplayButton'
import { FirstSteps } from './FirstSteps'
import { LineState, LineTroubles } from './LineState'
import { PlanTrouble } from './PlanTrouble'
import { Spine } from './Spine'
import { TickGuard } from './TickGuard'
import { useOpenJob } from './useOpenJob'
import { W, clockText, dayText } from '../words'

/** One open job: the spine with its clock at the left, the step of the work beside it. */
export function JobFrame() {
  const { jobId } = useParams()
  const { ready, error } = useOpenJob(jobId!)
  if (error) {
    return (
      <main className="p-8">
        <h1>{W.frame.gone}</h1>
        <p className="my-3">{error}</p>
        <Link className="underline" to="/">
          {W.frame.jobs}
        </Link>
      </main>
    )
  }
  if (!ready) return <p className="p-8 text-soft">{W.frame.loading}</p>
  return (
    <div className="grid min-h-screen pb-16 max-lg:grid-rows-[auto_1fr] lg:grid-cols-[196px_minmax(0,1fr)] lg:pb-0">
      <a href="#work" className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-card focus:p-3">
        {W.frame.skip}
      </a>
      <aside className="no-print border-rule bg-deep lg:sticky lg:top-0 lg:flex lg:h-screen lg:flex-col lg:border-r lg:py-4">
        <FrameHead />
        <Spine />
        <FrameFoot />
      </aside>
      <main id="work" className="min-w-0">
        <LineTroubles />
        <PlanTrouble />
        <FirstSteps />
        <TickGuard />
        <LookOn />
        <Suspense fallback={<p className="p-8 text-soft">{W.frame.loading}</p>}>
          <Outlet />
        </Suspense>
      </main>
    </div>
  )
}

function FrameHead() {
  const { name, site } = useFacts()
  const now = useNow(5000)
  const ahead = useAppSelector((state) => state.clock.aheadMs)
  const save = useAppSelector((state) => state.job.save)
  const [choosing, setChoosing] = useState(false)
  return (
    <div className="flex items-center gap-3 px-4 py-2 lg:block lg:py-0 lg:pb-4">
      <Link to="/" className="text-sm text-soft underline decoration-dotted underline-offset-4">
        {W.frame.jobs}
      </Link>
      <p className="min-w-0 flex-1 truncate font-head text-lg font-semibold leading-tight lg:mt-1 lg:whitespace-normal">
        {name}
      </p>
      <button
        type="button"
        className="text-left text-sm leading-tight hover:underline"
        onClick={() => setChoosing(true)}
      >
        <Clock size={13} className="mr-1 inline" aria-hidden />
        {dayText(now, site.zone)} · <b>{clockText(now, site.zone)}</b>
        <span className={`hidden lg:block ${ahead === 0 ? 'text-soft' : 'font-semibold text-act'}`}>
          {ahead === 0 ? W.frame.siteTime : W.frame.practice}
        </span>
        {ahead !== 0 && <b className="block text-act lg:hidden">{W.frame.practiceShort}</b>}
      </button>
      <p className="hidden text-sm text-soft lg:block" role="status">
        {W.frame[save]}
      </p>
      <LineState />
      <ClockDialog open={choosing} onClose={() => setChoosing(false)} zone={site.zone} />
    </div>
  )
}

/** Where Ctrl+Z takes back letters rather than edits. */
const TYPED_INTO =
  'textarea, input:not([type=checkbox]):not([type=radio]):not([type=range]):not([type=color]):not([type=file])'

function FrameFoot() {
  const dispatch = useAppDispatch()
  const canUndo = useAppSelector((state) => state.job.past.length > 0)
  const canRedo = useAppSelector((state) => state.job.future.length > 0)
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const typing = (event.target as HTMLElement).closest(TYPED_INTO)
      if (typing || !(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return
      event.preventDefault()
      dispatch(event.shiftKey ? redone() : undone())
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [dispatch])
  const style = 'inline-flex items-center gap-1.5 p-1.5 hover:bg-card disabled:opacity-40'
  return (
    <div className="mt-auto hidden items-center gap-1 px-3 text-sm lg:flex">
      <button
        type="button"
        className={style}
        disabled={!canUndo}
        onClick={() => dispatch(undone())}
        aria-label={W.frame.undo}
        title={W.frame.undo}
      >
        <Undo2 size={17} aria-hidden />
      </button>
      <button
        type="button"
        className={style}
        disabled={!canRedo}
        onClick={() => dispatch(redone())}
        aria-label={W.frame.redo}
        title={W.frame.redo}
      >
        <Redo2 size={17} aria-hidden />
      </button>
      <DisplayButton className={`${style} ml-auto`} />
    </div>
  )
}
