import { Check, X } from 'lucide-react'
import { useState } from 'react'
import { Link, useLocation } from 'react-router'
import { useFacts, useLog } from '../state/useJob'
import { W } from '../words'

/** The four steps of a first job, by the page each is made on. */
const STEPS = ['walk', 'recipes', 'rounds', 'load'] as const
type Step = (typeof STEPS)[number]

const LEFT = 'crisp-hem:first-steps-left'
const SEEN = 'crisp-hem:first-steps-seen'

/** A first job walked through: draw a room, read a recipe, look at the day, take the load. Left by a click, and then for good. */
export function FirstSteps() {
  const { id, rooms } = useFacts()
  const log = useLog()
  const { pathname } = useLocation()
  const [left, setLeft] = useState(() => localStorage.getItem(LEFT) !== null)
  const here = STEPS.find((step) => pathname.includes(`/jobs/${id}/${step}`))
  const seen = new Set([...(localStorage.getItem(SEEN) ?? '').split(' '), ...(here && rooms.length > 0 ? [here] : [])])
  const isDone = (step: Step) => (step === 'walk' ? rooms.length > 0 : seen.has(step))
  if (left || log.hems.size > 0 || rooms.length > 2 || (STEPS.every(isDone) && here !== 'load')) return null
  localStorage.setItem(SEEN, [...seen].join(' '))
  const next = STEPS.find((step) => !isDone(step))
  const leave = () => {
    localStorage.setItem(LEFT, 'yes')
    setLeft(true)
  }
  return (
    <nav
      aria-label={W.first.title}
      className="no-print flex flex-wrap items-stretch gap-x-1 gap-y-2 border-b border-rule bg-card px-4 py-2 lg:px-6"
    >
      <ol className="flex flex-1 flex-wrap items-stretch gap-x-4 gap-y-1">
        {STEPS.map((step, i) => (
          <li key={step} className="min-w-36 flex-1">
            <Link
              to={`/jobs/${id}/${step}`}
              aria-current={step === next ? 'step' : undefined}
              className={`grid min-h-11 grid-cols-[1.5rem_1fr] border-l-[3px] px-2 py-0.5 leading-tight hover:bg-deep ${step === next ? 'border-act' : 'border-seam'}`}
            >
              <span className="font-head text-xl font-semibold">
                {isDone(step) ? <Check size={18} className="mt-1" aria-label={W.first.done} /> : i + 1}
              </span>
              <span>
                <b className="block">{W.first.steps[step]}</b>
                <span className="text-sm text-soft">{W.first.hints[step]}</span>
              </span>
            </Link>
          </li>
        ))}
      </ol>
      <button type="button" className="min-h-11 min-w-11 p-2 hover:bg-deep" onClick={leave} aria-label={W.first.leave}>
        <X size={18} aria-hidden />
      </button>
    </nav>
  )
}
