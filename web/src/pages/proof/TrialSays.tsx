import type { TrialAgainst, TrialVerdict } from '@crisp-hem/core'
import { perRun, runText } from '../../app/naming/runText'
import { useFacts } from '../../app/state/useJob'
import { decimals, figure, formatMoney, numberText, W } from '../../app/words'
import { letterOf } from '../../app/naming/trialPieces'

/** What a trial says so far: each way's counts and costs, which is better and how surely, what it saves. */
export function TrialSays({ verdict }: { readonly verdict: TrialVerdict }) {
  const { site } = useFacts()
  const { ways, against, fewest, cheapest, failedUpToPerM, saves, jobMetres } = verdict
  if (fewest === null || ways.some(({ rate: seen }) => seen === null))
    return <p className="mt-3 text-soft">{W.proof.trials.waiting}</p>
  const money = (minor: number) => formatMoney(Math.round(minor), site.currency)
  const run = (metres: number) => runText(metres, site.units)
  const rate = (perMetre: number) => figure(perRun(perMetre, site.units))
  const cost = (perMetre: number) => money(perRun(perMetre, site.units))
  const { columns } = W.proof.trials
  const unit = W.proof.trials.units[site.units]
  const best = letterOf(fewest)
  const isSettled = against.every((each) => each === null || each.standing !== 'open')
  return (
    <section className="mt-4 border-t border-rule pt-3" aria-label={W.proof.trials.verdict}>
      <h3>{W.proof.trials.verdict}</h3>
      {isSettled && cheapest !== null && (
        <p className="font-semibold">
          {W.proof.trials.best({ letter: best, cheap: cheapest === fewest ? 'same' : letterOf(cheapest) })}
        </p>
      )}
      <ul className="my-1">
        {against.map((each, i) =>
          each === null ? null : <li key={i}>{againstText(each, { letter: letterOf(i), best, run })}</li>,
        )}
        {failedUpToPerM !== null && <li>{W.proof.trials.failed({ money: cost(failedUpToPerM), unit })}</li>}
        {saves && (
          <li className="font-semibold">
            {W.proof.trials.saves({ letter: letterOf(saves.way), run: run(jobMetres), money: money(saves.minor) })}
          </li>
        )}
      </ul>
      <div className="overflow-x-auto">
        <table className="w-full text-sm [&_td]:pr-3 [&_th]:pr-3 [&_th]:align-bottom">
          <thead>
            <tr className="text-left">
              <th>{columns.way}</th>
              <th>{columns.metres}</th>
              <th>{columns.rate({ unit })}</th>
              <th>{columns.expected}</th>
              <th>{columns.tape}</th>
              <th>{columns.work}</th>
              <th>{columns.mend}</th>
              <th>{columns.all({ unit })}</th>
              <th>{columns.job({ run: run(jobMetres) })}</th>
            </tr>
          </thead>
          <tbody>
            {ways.map((way, i) => (
              <tr key={i} className="border-t border-rule">
                <th scope="row" className="text-left">
                  {letterOf(i)}
                </th>
                <td>{run(way.exposure)}</td>
                <td>
                  {way.rate &&
                    W.proof.trials.range({
                      mean: rate(way.rate.mean),
                      low: rate(way.rate.low),
                      high: rate(way.rate.high),
                    })}
                </td>
                <td>{rate(way.expectedPerM)}</td>
                <td>{cost(way.tapePerM)}</td>
                <td>{cost(way.workPerM)}</td>
                <td>{cost(way.mendingPerM)}</td>
                <td>{cost(way.tapePerM + way.workPerM + way.mendingPerM)}</td>
                <td>{money(way.jobMinor)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  )
}

/** Beyond these a figure says no more: how rarely, and how many times as much. */
const [MOST_ODDS, MOST_TIMES] = [1000, 50] as const

interface AgainstNames {
  readonly letter: string
  readonly best: string
  readonly run: (metres: number) => string
}

function againstText(each: TrialAgainst, { letter, best, run }: AgainstNames): string {
  // Never certain: what a test cannot tell apart from certainty is told as its last figure.
  const sure = decimals(Math.min(99.9, 100 * each.chanceWorse), each.chanceWorse > 0.99 ? 1 : 0)
  const odds = Math.round(1 / Math.max(each.pValue, 1e-9))
  const luck =
    odds > MOST_ODDS
      ? W.proof.trials.luckLess({ n: numberText(MOST_ODDS) })
      : W.proof.trials.luck({ n: numberText(odds) })
  const low = decimals(each.timesLow, 1)
  if (each.standing === 'worse')
    return each.timesHigh === null || each.timesHigh > MOST_TIMES
      ? W.proof.trials.worseOpen({ letter, best, low, luck, sure })
      : W.proof.trials.worse({ letter, best, low, high: decimals(each.timesHigh, 1), luck, sure })
  if (each.standing === 'as-good')
    return W.proof.trials.asGood({ letter, best, high: decimals(each.timesHigh ?? 0, 1) })
  const more =
    each.metresMore === null ? W.proof.trials.openNever : W.proof.trials.openMore({ metres: run(each.metresMore) })
  return `${W.proof.trials.open({ letter, best, sure })} ${more}`
}
