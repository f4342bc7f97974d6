import { asBegun, planChanges, publishedTasks, type LeastPrice, type Plan, type PlanPrice } from '@crisp-hem/core'
import { useEffect, useMemo, useRef } from 'react'
import { useNow } from '../../app/state/clock'
import { isWorthTelling, useTakenAsDraft } from '../../app/state/lookOn'
import { useFacts, useWholeJob } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { Panel } from '../../app/ui/Panel'
import { W, formatMoney, spanText, whenText } from '../../app/words'
import type { BetterFound } from '../../app/state/better.worker'
import { PriceBeside } from './PriceBeside'
import { Proposal } from './Proposal'
import { GoalOrder } from './GoalOrder'
import { useBetter } from '../../app/state/useBetter'

/** How long after a new plan it is looked for a better one by itself, and for how long, ms. */
const BEHIND_AFTER_MS = 3000
const BEHIND_MS = 3000

/** Looks for a plan that ends sooner, says how much could still be won, and shows what it would change. */
export function BetterPanel({ plan }: { plan: Plan }) {
  const job = useWholeJob()
  const isTold = job.published !== null
  const search = useBetter()
  const { found, state } = search
  const look = () => search.look(job, plan.at)
  const changes = useMemo(
    () =>
      isTold && found && isWorthTelling(found)
        ? planChanges(
            publishedTasks(plan.placed),
            publishedTasks(asBegun(plan.placed, found.placement.placed, plan.at)),
            plan.at,
          )
        : [],
    [isTold, found, plan],
  )
  // Behind each new plan that people work by it is looked for a little, unless something better is on the table.
  const isShown = !isTold || state === 'running' || (found !== null && isWorthTelling(found))
  const behind = useRef(look)
  useEffect(() => void (behind.current = () => search.look(job, plan.at, BEHIND_MS)))
  useEffect(() => {
    if (isShown) return
    const timer = setTimeout(() => behind.current(), BEHIND_AFTER_MS)
    return () => clearTimeout(timer)
    // What is shown ends the waiting, it does not begin it.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [plan])
  useTakenAsDraft(search, !isTold)
  const ended = state === 'done' || state === 'stopped'
  return (
    <Panel
      title={W.better.title}
      aside={
        state === 'running' ? (
          <Button onClick={search.stop}>{W.better.stop}</Button>
        ) : (
          <Button onClick={look}>{state === 'idle' ? W.better.look : W.better.again}</Button>
        )
      }
    >
      {state === 'idle' && <p className="text-soft">{W.better.hint}</p>}
      {state === 'failed' && <p role="alert">{W.better.failed({ why: search.why ?? '' })}</p>}
      <div aria-live="polite">
        {found && <Standing found={found} />}
        {found?.prices && <PriceBeside {...found.prices} />}
        {found?.prices && found.least && <Least least={found.least} price={found.prices.after} />}
        {state === 'running' && <p className="text-soft">{W.better.looking}</p>}
      </div>
      {ended && found && isTold && changes.length === 0 && <p>{W.better.same}</p>}
      {ended && found && changes.length > 0 && (
        <Proposal plan={plan} placed={found.placement.placed} changes={changes} />
      )}
      <GoalOrder />
    </Panel>
  )
}

/** What any plan costs at least, and what of this one's price waits, ways and orders decide. */
function Least({ least, price }: { least: LeastPrice; price: PlanPrice }) {
  const { site } = useFacts()
  const money = (minor: number) => formatMoney(minor, site.currency)
  return (
    <p className="text-sm text-soft">
      {W.better.least({
        least: money(least.totalMinor),
        left: money(Math.max(0, price.totalMinor - least.totalMinor)),
      })}
    </p>
  )
}

/** The best so far, what it wins, and what could still be won at most. */
function Standing({ found }: { found: BetterFound }) {
  const { site } = useFacts()
  const now = useNow(60_000)
  const { won, endsAt, boundAt, isProved, prices } = found
  const left = boundAt === null ? null : Math.max(0, Math.round(endsAt - boundAt))
  const could =
    isProved || left === 0
      ? W.better.proved
      : left === null
        ? W.better.unknown
        : W.better.left({ span: spanText(left) })
  const saved = prices ? prices.before.totalMinor - prices.after.totalMinor : 0
  const gains = [
    ...(saved > 0 ? [W.better.cheaper({ money: formatMoney(saved, site.currency) })] : []),
    ...(won.lateMin > 0 ? [W.better.lessLate({ span: spanText(won.lateMin) })] : []),
    ...(won.endMin > 0 ? [W.better.sooner({ span: spanText(won.endMin) })] : []),
    ...(won.moves > 0 ? [W.better.fewerMoves({ count: won.moves })] : []),
  ]
  return (
    <p>
      <b className="font-head text-lg font-semibold">{W.better.ends({ when: whenText(endsAt, now, site.zone) })}</b>{' '}
      {gains.length > 0 ? gains.join(' ') : prices ? W.better.asCheap : W.better.asSoon} {could}{' '}
      <span className="text-soft">{W.better.took({ s: (found.tookMs / 1000).toFixed(1) })}</span>
    </p>
  )
}
