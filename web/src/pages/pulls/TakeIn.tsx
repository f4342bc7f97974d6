import { useMemo } from 'react'
import { forgotten, learnedFrom, recordChanges, showsMore, takenIn, type OwnRecord, type Plan } from '@crisp-hem/core'
import { useEdit, useFacts, useWholeJob } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { ChoiceField } from '../../app/ui/fields'
import { formatMoney, W } from '../../app/words'

const USES = ['on', 'frozen', 'off'] as const
/** Days after which a count weighs half. */
const HALF_LIVES = { never: null, year: 365, 'half-year': 183 } as const
const FADES = ['never', 'year', 'half-year'] as const

/** What recipes would do with what this job's lines showed, and whether they go by it. For the office: it is a house rule. */
export function TakeIn({ plan }: { readonly plan: Plan }) {
  const job = useWholeJob()
  const { house, site } = useFacts()
  const edit = useEdit()
  const { own } = house
  const shown = useMemo(() => learnedFrom(job, plan), [job, plan])
  const next = useMemo(() => takenIn(own, shown), [own, shown])
  const isNew = shown.length > 0 && own.use === 'on' && showsMore(own, shown)
  const does = useMemo(() => (isNew ? recordChanges({ ...job, id: 'next' }, own, next) : null), [isNew, job, own, next])
  const change = (to: Partial<OwnRecord>) =>
    edit((facts) => ({ ...facts, house: { ...facts.house, own: { ...own, ...to } } }))
  const jobs = [...new Map(own.counts.map((each) => [each.jobId, each])).values()]
  const metres = own.counts.reduce((sum, each) => sum + (each.fault === 'bleeds' ? each.metres : 0), 0)
  const unsafe = does?.changes.filter(({ after }) => after === null).length ?? 0
  return (
    <div className="mt-3 border-t border-rule pt-2">
      <p className="font-semibold">
        {jobs.length > 0 ? W.record.holds({ m: Math.round(metres), n: jobs.length }) : W.record.holdsNone}
      </p>
      {does && (
        <>
          <p>
            {W.record.wouldChange({ n: does.changes.length })}
            {unsafe > 0 && ` ${W.record.wouldBeUnsafe({ n: unsafe })}`}{' '}
            {W.record.wouldCost({
              before: formatMoney(does.before.totalMinor, site.currency),
              after: formatMoney(does.after.totalMinor, site.currency),
            })}
          </p>
          <Button tone="act" className="mt-1 min-h-11" onClick={() => change({ counts: next.counts })}>
            {W.record.takeIn}
          </Button>
        </>
      )}
      <div className="mt-2 grid grid-cols-2 gap-2">
        <ChoiceField
          label={W.record.use}
          value={own.use}
          options={USES.map((value) => ({ value, text: W.record.uses[value] }))}
          onCommit={(use) => change({ use })}
        />
        <ChoiceField
          label={W.record.fade}
          value={FADES.find((name) => HALF_LIVES[name] === own.halfLifeDays) ?? 'never'}
          options={FADES.map((value) => ({ value, text: W.record.fades[value] }))}
          onCommit={(name) => change({ halfLifeDays: HALF_LIVES[name] })}
        />
      </div>
      {jobs.length > 0 && (
        <ul className="mt-2">
          {jobs.map(({ jobId, job: name }) => (
            <li key={jobId} className="flex items-center justify-between gap-2 border-b border-rule py-1">
              {name}
              <Button
                aria-label={W.record.forgetOf({ job: name })}
                onClick={() => change({ counts: forgotten(own, jobId).counts })}
              >
                {W.record.forget}
              </Button>
            </li>
          ))}
        </ul>
      )}
    </div>
  )
}
