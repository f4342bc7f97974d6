import { W, errorText } from '../../app/words'
import { useEffect, useState } from 'react'
import { mergedRecords, type HouseRules } from '@crisp-hem/core'
import type { ContractorAnswer } from '@crisp-hem/core/wire'
import { api } from '../../app/office/api'
import { noticed } from '../../app/state/noticeSlice'
import { useEdit, useFacts } from '../../app/state/useJob'
import { useAppDispatch } from '../../app/state/store'
import { Button } from '../../app/ui/Button'
import { differences } from './differences'

/** Rules with what the walls showed of both sides: counts are no rule, and none is lost. */
const withRecord = (rules: HouseRules, other: HouseRules): HouseRules => ({
  ...rules,
  own: mergedRecords(other.own, rules.own),
})

/** How this job's rules stand to those the contractor keeps for new jobs; either can be made the other. */
export function KeptRules() {
  const { house, shelf } = useFacts()
  const edit = useEdit()
  const dispatch = useAppDispatch()
  const [kept, setKept] = useState<ContractorAnswer | null | undefined>(undefined)
  useEffect(() => {
    let here = true
    api.contractor().then(
      (answer) => here && setKept(answer),
      () => here && setKept(undefined),
    )
    return () => {
      here = false
    }
  }, [])
  if (kept === undefined) return null
  const differing = kept === null ? 0 : differences(house, kept.house)
  const line = kept === null ? W.house.none : differing === 0 ? W.house.same : W.house.differs({ n: differing })
  const keep = () =>
    api.keepContractor({ house: kept ? withRecord(house, kept.house) : house, shelf }).then(
      (answer) => {
        setKept(answer)
        dispatch(noticed({ text: W.house.kept, tone: 'plain', undo: null }))
      },
      (error: Error) => dispatch(noticed({ text: errorText(error), tone: 'wrong', undo: null })),
    )
  const take = (rules: HouseRules) => edit((facts) => ({ ...facts, house: withRecord(rules, facts.house) }))
  return (
    <section className="flex flex-wrap items-center gap-2 bg-deep px-3 py-2" aria-label={W.house.keepTitle}>
      <p className="min-w-0 flex-1 basis-60 text-sm">{line}</p>
      <Button onClick={() => void keep()}>{W.house.keep}</Button>
      {kept !== null && differing > 0 && (
        <Button tone="quiet" onClick={() => take(kept.house)}>
          {W.house.take}
        </Button>
      )}
    </section>
  )
}
