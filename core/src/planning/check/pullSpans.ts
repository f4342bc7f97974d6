import type { ActivityId } from '../../base/nouns'
import type { PullRule } from '../problem/problem'
import type { Passed } from './reach'

/** When the tape of one pull may come off, worked out from its rule and from where the plan has coat, bead and lay. */
interface CheckedSpans {
  /** Wet: from when a fresh edge no longer runs to when bead or paint skins. Null where there is none. */
  readonly wet: { readonly from: number; readonly to: number } | null
  /** When a fresh edge no longer runs, and when bead or paint skins; infinite when never. */
  readonly settledAt: number
  readonly skinAt: number
  /** Dry from this instant; infinite when this air never gets it there. */
  readonly dryFrom: number
  /** Off by this instant; infinite when its stay never runs out. */
  readonly offBy: number
}

export interface Interval {
  readonly from: number
  readonly to: number
}

/** @param startOf where the plan starts an activity, or null */
export function spansFor(
  rule: PullRule,
  coat: Interval,
  startOf: (activityId: ActivityId) => number | null,
  passed: Passed,
): CheckedSpans {
  const never = Number.POSITIVE_INFINITY
  const after = (clock: string, from: number, amount: number) => passed(from, { clock, amount }) ?? never
  if (rule.manner === 'peel')
    return { wet: null, settledAt: never, skinAt: never, dryFrom: coat.to + rule.cutAfterMin, offBy: never }
  const settledAt = Math.max(after(rule.clock, coat.from, rule.settleMin), coat.to)
  const beadFrom = rule.bead && Math.min(coat.from, rule.bead.sealedAt ?? startOf(rule.bead.sealId) ?? coat.from)
  const skinAt = Math.min(
    after(rule.clock, coat.from, rule.openMin),
    rule.bead && beadFrom !== null ? after(rule.beadClock, beadFrom, rule.bead.skinMin) : never,
  )
  const offBy = rule.stays.reduce((soonest, stay) => {
    const laid = stay.laidAt ?? startOf(stay.layId) ?? coat.from
    return Math.min(soonest, passed(laid, { clock: stay.clock, amount: stay.amount }) ?? never)
  }, never)
  const wetTo = Math.min(skinAt, offBy)
  const wet = rule.manner === 'wet' && wetTo > settledAt ? { from: settledAt, to: wetTo } : null
  return { wet, settledAt, skinAt, dryFrom: after(rule.filmClock, coat.to, rule.hardDryMin), offBy }
}
