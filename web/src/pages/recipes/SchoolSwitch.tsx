import { ChoiceField, inWords } from '../../app/ui/fields'
import { useState } from 'react'
import { Link } from 'react-router'
import { HOUSE_WAYS } from '@crisp-hem/core'
import { useEdit, useFacts } from '../../app/state/useJob'
import { Panel } from '../../app/ui/Panel'
import { SchoolsCompared } from './SchoolsCompared'
import { W } from '../../app/words'

/** The house's way of making an edge, with what speaks for it and against it: every hem is judged anew when it changes. */
export function SchoolSwitch() {
  const { house, id } = useFacts()
  const edit = useEdit()
  const [open, setOpen] = useState(false)
  const view = W.house.schools[house.school]
  return (
    <Panel>
      <div className="grid gap-x-5 gap-y-1 sm:grid-cols-[190px_minmax(0,1fr)]">
        <div>
          <ChoiceField
            label={W.recipes.school}
            value={house.school}
            options={inWords('school', HOUSE_WAYS)}
            onCommit={(school) => edit((facts) => ({ ...facts, house: { ...facts.house, school } }))}
          />
          <Link className="mt-1 inline-block text-sm underline" to={`/jobs/${id}/site`}>
            {W.recipes.allRules}
          </Link>
        </div>
        <dl className="grid grid-cols-[1.1rem_1fr] content-center text-sm text-soft">
          <dd className="col-span-2 text-ink">{view.how}</dd>
          <dt title={W.house.for} aria-label={W.house.for}>
            +
          </dt>
          <dd>{view.for}</dd>
          <dt title={W.house.against} aria-label={W.house.against}>
            −
          </dt>
          <dd>{view.against}</dd>
        </dl>
      </div>
      <details open={open} onToggle={(event) => setOpen(event.currentTarget.open)} className="mt-1">
        <summary className="flex min-h-8 cursor-pointer items-center text-sm underline">
          {open ? W.kit.fold : W.ways.compare}
        </summary>
        {open && <SchoolsCompared />}
      </details>
    </Panel>
  )
}
