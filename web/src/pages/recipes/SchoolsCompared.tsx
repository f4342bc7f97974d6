import type { SchoolOutcome } from '@crisp-hem/core'
import type { JobFacts } from '@crisp-hem/core/wire'
import { useFacts } from '../../app/state/useJob'
import { useWorkerAnswer } from '../../app/state/useWorkerAnswer'
import { SchoolsTable } from './SchoolsTable'
import { W } from '../../app/words'

const ASK_AFTER_MS = 200
const start = () => new Worker(new URL('./schools.worker.ts', import.meta.url), { type: 'module' })

/** Every house way on this job, worked out beside the page. */
export function SchoolsCompared() {
  const facts = useFacts()
  const outcomes = useWorkerAnswer<JobFacts, readonly SchoolOutcome[]>(start, facts, ASK_AFTER_MS)
  if (!outcomes) return <p className="py-2 text-sm text-soft">{W.ways.working}</p>
  return <SchoolsTable outcomes={outcomes} own={facts.house.school} currency={facts.site.currency} />
}
