import { useMemo } from 'react'
import { formatRun, tookSoFar, type QuoteOffer } from '@crisp-hem/core'
import { usePlan } from '../../app/state/useJob'
import { percent } from '../rounds/Share'
import { spanText, W } from '../../app/words'
import { useJobWithLog } from './useVan'

/** What was promised, beside what the log says it took. */
export function QuoteTook({ offer }: { offer: QuoteOffer }) {
  const job = useJobWithLog()
  const plan = usePlan()
  const took = useMemo(() => (plan ? tookSoFar(job, plan, offer) : null), [job, plan, offer])
  if (!took) return null
  const run = (mm: number) => formatRun(mm, job.site.units)
  return (
    <div className="mt-3 border-t border-rule pt-2">
      <h3>{W.quote.took}</h3>
      <ul className="text-[0.92rem]">
        <li>{W.quote.tookDone({ share: percent(took.doneShare) })}</li>
        <li>{W.quote.tookHours({ took: spanText(took.workedMin), promised: spanText(took.promisedMin) })}</li>
        <li>{W.quote.tookTape({ took: run(took.tapeMm), promised: run(took.promisedTapeMm) })}</li>
        <li>{W.quote.tookMarks({ took: took.marks, promised: took.promisedFaultMm.toFixed(0) })}</li>
      </ul>
    </div>
  )
}
