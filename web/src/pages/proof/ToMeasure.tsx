import { useMemo } from 'react'
import { tapeOf, worthKnowing, type Plan } from '@crisp-hem/core'
import { runText } from '../../app/naming/runText'
import { useFacts, useLog, useWholeJob } from '../../app/state/useJob'
import { Panel } from '../../app/ui/Panel'
import { formatMoney, W, wordText } from '../../app/words'

/** As many as anybody would look at, and of what would pay for a look: minor units. */
const [SHOWN, LEAST_MINOR] = [5, 100] as const

/** What is worth knowing next, in money: where a look could change what is laid on lines still ahead. */
export function ToMeasure({ plan }: { readonly plan: Plan }) {
  const job = useWholeJob()
  const log = useLog()
  const { shelf, site } = useFacts()
  const list = useMemo(
    () =>
      worthKnowing(job, plan, log)
        .filter(({ worthMinor }) => worthMinor >= LEAST_MINOR)
        .slice(0, SHOWN),
    [job, plan, log],
  )
  const run = (metres: number) => runText(metres, site.units)
  return (
    <Panel title={W.proof.toMeasure.title}>
      {list.length === 0 && <p>{W.proof.toMeasure.none({ money: formatMoney(LEAST_MINOR, site.currency) })}</p>}
      <ol>
        {list.map(({ tapeId, texture, laidBy, aheadM, seenM, worthMinor }) => (
          <li key={`${tapeId}${texture}${laidBy}`} className="border-b border-rule py-1.5">
            <p className="flex flex-wrap justify-between gap-x-3 font-semibold">
              <span>
                {W.proof.toMeasure.row({
                  tape: tapeOf(shelf, tapeId).name,
                  texture: wordText('texture', texture),
                  hand: laidBy,
                })}
              </span>
              <span>{W.proof.toMeasure.worth({ money: formatMoney(worthMinor, site.currency) })}</span>
            </p>
            <p className="text-sm text-soft">
              {seenM > 0
                ? W.proof.toMeasure.facts({ ahead: run(aheadM), seen: run(seenM) })
                : W.proof.toMeasure.factsNone({ ahead: run(aheadM) })}
            </p>
          </li>
        ))}
      </ol>
      {list.length > 0 && <p className="mt-2 text-sm text-soft">{W.proof.toMeasure.how}</p>}
    </Panel>
  )
}
