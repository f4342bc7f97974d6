import { useState } from 'react'
import { type Evening, type Plan, type Said } from '@crisp-hem/core'
import { useNow } from '../../app/state/clock'
import { useFacts, useWholeJob } from '../../app/state/useJob'
import { useWorkerAnswer } from '../../app/state/useWorkerAnswer'
import { Button } from '../../app/ui/Button'
import { Panel } from '../../app/ui/Panel'
import { W, sayText, whenText } from '../../app/words'
import type { EveningQuestion } from './evening.worker'
import { loadWords } from '../../app/naming/loadWords'

/** The close of the day: what must be off, what stays on and why, what is free, and what comes first tomorrow. */
export function EveningPanel({ plan }: { plan: Plan }) {
  const job = useWholeJob()
  const [question, setQuestion] = useState<EveningQuestion | null>(null)
  const ask = () => setQuestion({ job, now: plan.at })
  return (
    <Panel title={W.evening.title} aside={<Button onClick={ask}>{question ? W.evening.again : W.evening.ask}</Button>}>
      {question ? <Answer question={question} /> : <p className="text-soft">{W.evening.hint}</p>}
    </Panel>
  )
}

export type { EveningQuestion }
export const startEvening = () => new Worker(new URL('./evening.worker.ts', import.meta.url), { type: 'module' })

function Answer({ question }: { question: EveningQuestion }) {
  const told = useWorkerAnswer<EveningQuestion, Evening>(startEvening, question, 0)
  if (!told) return <p className="text-soft">{W.frame.working}</p>
  return (
    <div aria-live="polite">
      <EveningLists told={told} />
      <Next told={told} />
    </div>
  )
}

/** What a day leaves: what was missed and must be off first, then what is not ticked, then what stays and why. */
export function EveningLists({ told }: { told: Evening }) {
  const bad = told.stays.filter((stay) => !stay.isSafe).map((stay) => stay.line)
  const good = told.stays.filter((stay) => stay.isSafe).map((stay) => stay.line)
  return (
    <div className="grid gap-x-8 gap-y-3 lg:grid-cols-2">
      <Part
        title={W.evening.mustBeOff}
        lines={[...told.mustBeOff, ...bad, ...told.guns]}
        none={W.evening.nothingMust}
        isUrgent
      />
      <Part title={W.evening.open} lines={told.open} none={W.evening.allDone} />
      <Part title={W.evening.stays} lines={good} none={W.evening.nothingStays} />
      <div>
        <h3 className="font-semibold">{W.evening.covered}</h3>
        <p>{told.covered.length > 0 ? told.covered.join(', ') : W.evening.nothingCovered}</p>
        <p className="mt-1">{W.evening.wayOut}</p>
      </div>
    </div>
  )
}

function Part({
  title,
  lines,
  none,
  isUrgent = false,
}: {
  title: string
  lines: readonly Said[]
  none: string
  isUrgent?: boolean
}) {
  return (
    <div>
      <h3 className="font-semibold">
        {title} {lines.length > 0 && `(${lines.length})`}
      </h3>
      {lines.length === 0 && <p className="text-soft">{none}</p>}
      <ul className={lines.length > 0 ? `border-l-4 pl-3 ${isUrgent ? 'border-act' : 'border-rule'}` : ''}>
        {lines.map((line, i) => (
          <li key={i}>{sayText(line)}</li>
        ))}
      </ul>
    </div>
  )
}

function Next({ told }: { told: Evening }) {
  const { crews, site } = useFacts()
  const now = useNow(60_000)
  return (
    <div className="mt-3">
      <h3 className="font-semibold">{W.evening.next}</h3>
      {told.next.length === 0 && <p className="text-soft">{W.evening.nothingNext}</p>}
      <div className="grid gap-x-8 gap-y-2 lg:grid-cols-3">
        {told.next.map(({ crewId, at, first, load }) => (
          <div key={crewId}>
            <p>
              <b>{crews.find((crew) => crew.id === crewId)?.name}</b>{' '}
              {W.evening.from({ when: whenText(at, now, site.zone) })}
            </p>
            <ol className="ml-5 list-decimal text-sm">
              {first.map((line, i) => (
                <li key={i}>{sayText(line)}</li>
              ))}
            </ol>
            {load.length > 0 && (
              <p className="text-sm">
                <b>{W.evening.load}</b> {load.map((item) => loadWords(item, site.units)).join(' · ')}
              </p>
            )}
          </div>
        ))}
      </div>
    </div>
  )
}
