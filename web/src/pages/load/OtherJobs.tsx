import { useEffect, useMemo, useState } from 'react'
import { fromLocal, sharedShortages } from '@crisp-hem/core'
import type { JobAnswer } from '@crisp-hem/core/wire'
import { keptJob, keptJobs } from '../../app/device/kept'
import { amountWords } from '../../app/naming/loadWords'
import { useNow } from '../../app/state/clock'
import { useFacts } from '../../app/state/useJob'
import { useWorkerAnswer } from '../../app/state/useWorkerAnswer'
import { Panel } from '../../app/ui/Panel'
import { dayText, W } from '../../app/words'
import type { OtherNeed, OthersAsked } from './otherVan.worker'
import { useVan } from './useVan'
import { itemWords } from '../../app/naming/vanWords'

const ASK_AFTER_MS = 400
/** Jobs looked at, at most: those changed last are those somebody works on. */
const MOST_JOBS = 10

const start = () => new Worker(new URL('./otherVan.worker.ts', import.meta.url), { type: 'module' })

/** What other jobs take from the same van of the things this job wants too. */
export function OtherJobs() {
  const { id, site } = useFacts()
  const jobs = useOthers(id)
  const now = Math.floor(useNow(600_000))
  const question = useMemo((): OthersAsked => ({ jobs, now }), [jobs, now])
  const needs = useWorkerAnswer<OthersAsked, readonly OtherNeed[]>(start, question, ASK_AFTER_MS)
  const van = useVan()
  const own = new Set((van?.lists ?? []).flatMap((list) => list.items.map((item) => item.key)))
  const lines = (needs ?? []).flatMap((need) => {
    const items = need.items.filter((item) => own.has(item.key) && item.unit !== 'litres')
    return items.length > 0 ? [{ ...need, items }] : []
  })
  if (lines.length === 0) return null
  const short = van ? sharedShortages(van, needs ?? []) : []
  return (
    <Panel title={W.van.others}>
      {short.map(({ item, day, missing, jobs: names }) => (
        <p key={item.key} className="mb-1.5 font-semibold text-act">
          {W.van.together({
            jobs: names.join(', '),
            what: itemWords(item),
            day: dayText(fromLocal(day, 720, site.zone), site.zone),
            n: amountWords({ ...item, amount: missing }, site.units),
          })}
        </p>
      ))}
      <ul className="text-sm">
        {lines.map((line) => (
          <li key={`${line.jobId} ${line.day}`} className="border-b border-rule py-1">
            {W.van.othersLine({
              job: line.job,
              day: dayText(fromLocal(line.day, 720, line.zone), line.zone),
              what: line.items.map((item) => `${itemWords(item)} ${amountWords(item, site.units)}`).join(', '),
            })}
          </li>
        ))}
      </ul>
    </Panel>
  )
}

const NONE: readonly JobAnswer[] = []

function useOthers(ownId: string): readonly JobAnswer[] {
  const [jobs, setJobs] = useState(NONE)
  useEffect(() => {
    let isCurrent = true
    const load = async () => {
      const { answer } = await keptJobs()
      const others = [...answer]
        .filter((job) => job.id !== ownId)
        .sort((a, b) => (a.changedAt < b.changedAt ? 1 : -1))
        .slice(0, MOST_JOBS)
      const answers = await Promise.all(others.map((job) => keptJob(job.id).then((kept) => kept.answer)))
      if (isCurrent) setJobs(answers)
    }
    // Without a line and without a kept copy there is nothing to say of other jobs.
    load().catch(() => undefined)
    return () => {
      isCurrent = false
    }
  }, [ownId])
  return jobs
}
