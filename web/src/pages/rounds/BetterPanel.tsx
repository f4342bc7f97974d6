import { asBegun, planChanges, priceBeside, publishedTasks, type Plan, type PlanPrice } from '@crisp-hem/core'
import { useEffect, useMemo, useRef } from 'react'
import { useNow } from '../../app/state/clock'
import { useFacts } from '../../app/state/useJob'
import { useAppSelector } from '../../app/state/store'
import { Button } from '../../app/ui/Button'
import { Panel } from '../../app/ui/Panel'
import { W, formatMoney, spanText, whenText } from '../../app/words'
import type { BetterFound } from './better.worker'
import { Proposal } from './Proposal'
import { GoalOrder } from './GoalOrder'
import { amountText } from './priceWords'
import { useBetter } from './useBetter'

/** How long after a new plan it is looked for a better one by itself, and for how long, ms. */
const BEHIND_AFTER_MS = 3000
const BEHIND_MS = 3000

/** Looks for a plan that ends sooner, says how much could still be won, and shows what it would change. */
export function BetterPanel({ plan }: { plan: Plan }) {
  const facts = useFacts()
  const log = useAppSelector((state) => state.log.events)
  const published = useAppSelector((state) => state.job.published)
  const search = useBetter()
  const { found, state } = search
  const look = () => search.look({ ...facts, log, published }, plan.at)
  const changes = useMemo(
    () =>
      found && wins(found)
        ? planChanges(
            publishedTasks(plan.placed),
            publishedTasks(asBegun(plan.placed, found.placement.placed, plan.at)),
            plan.at,
          )
        : [],
    [found, plan],
  )
  // Behind each new plan it is looked for a little, unless something better is on the table.
  const isShown = state === 'running' || (found !== null && wins(found))
  const behind = useRef(look)
  useEffect(() => void (behind.current = () => search.look({ ...facts, log, published }, plan.at, BEHIND_MS)))
  useEffect(() => {
    if (isShown) return
    const timer = setTimeout(() => behind.current(), BEHIND_AFTER_MS)
    return () => clearTimeout(timer)
    // What is shown ends the waiting, it does not begin it.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [plan])
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
        {state === 'running' && <p className="text-soft">{W.better.looking}</p>}
      </div>
      {ended && found && changes.length === 0 && <p>{W.better.same}</p>}
      {ended && found && changes.length > 0 && (
        <Proposal plan={plan} placed={found.placement.placed} changes={changes} />
      )}
      <GoalOrder />
    </Panel>
  )
}

/** What one plan costs more or less than another, part by part. */
function PriceBeside({ before, after }: { before: PlanPrice; after: PlanPrice }) {
  const { site } = useFacts()
  const parts = priceBeside(after, before).filter(({ minor }) => Math.abs(minor) >= 100)
  if (parts.length === 0) return null
  return (
    <ul className="text-[0.95rem]">
      {parts.map((part) => {
        const facts = {
          part: W.price.names[part.part],
          amount: amountText(part),
          money: formatMoney(Math.abs(part.minor), site.currency),
        }
        return <li key={part.part}>{part.minor < 0 ? W.price.less(facts) : W.price.more(facts)}</li>
      })}
    </ul>
  )
}

/** Whether it is worth telling people anything. */
const wins = ({ won, prices }: BetterFound): boolean =>
  prices
    ? prices.before.totalMinor - prices.after.totalMinor >= LEAST_SHARE * prices.before.totalMinor
    : won.lateMin > 0 || won.endMin > 0 || won.moves > 0
/** Less than this share of what a plan costs is not worth telling anybody. From memory. */
const LEAST_SHARE = 0.01

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
