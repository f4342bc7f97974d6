import { useMemo } from 'react'
import { linesSay, type LinesTally, type Plan } from '@crisp-hem/core'
import { Link } from 'react-router'
import { runText } from '../../app/naming/runText'
import { useFacts, useLog } from '../../app/state/useJob'
import { Panel } from '../../app/ui/Panel'
import { decimals, W } from '../../app/words'

/** What is expected below this is told as under it. */
const LEAST = 0.1

/** What the lines that were looked along say of what was expected of them: all together, then tape by tape. */
export function LinesSay({ plan }: { readonly plan: Plan }) {
  const { id, shelf, site } = useFacts()
  const log = useLog()
  const said = useMemo(() => linesSay(log, shelf, plan), [log, shelf, plan])
  if (!said)
    return (
      <Panel title={W.record.title}>
        <p>{W.proof.nobody}</p>
        <Link
          className="mt-2 inline-flex min-h-11 items-center border border-ink px-3 font-semibold hover:bg-deep"
          to={`/jobs/${id}/pulls`}
        >
          {W.proof.toPulls}
        </Link>
      </Panel>
    )
  const { all, byTape } = said
  const run = (metres: number) => runText(metres, site.units)
  const facts = ({ counted, expected, metres, factor }: LinesTally) =>
    [
      W.record.counts({
        run: run(metres),
        counted,
        expected: expected < LEAST ? W.record.under({ least: decimals(LEAST, 1) }) : decimals(expected, 1),
      }),
      W.record.belief({
        times: decimals(factor.mean, 1),
        low: decimals(factor.low, 1),
        high: decimals(factor.high, 1),
      }),
    ].join(' ')
  return (
    <Panel title={W.record.title}>
      <p className="font-semibold">{W.record.standing[all.standing]}</p>
      <p>{facts(all)}</p>
      {all.metresMore > 0 && <p>{W.record.more({ run: run(all.metresMore) })}</p>}
      {byTape.length > 1 && (
        <ul className="mt-2 text-sm">
          {byTape.map((tape) => (
            <li key={tape.tapeId} className="border-t border-rule py-1">
              <b>{tape.name}</b>: {facts(tape)} {W.record.standing[tape.standing]}
            </li>
          ))}
        </ul>
      )}
      <p className="mt-2 text-sm text-soft">{W.record.how}</p>
    </Panel>
  )
}
