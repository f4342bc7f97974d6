import type { ActivityId } from '../../base/nouns'
import { instantOfGain, type RateClock } from '../../nature/cure/rateClock'
import type { PullRule, ScheduleProblem } from '../problem/problem'

/** What is asked of pulls whose coat is on. Null and false for all else, so that the plan is free. */
export interface PullGate {
  /** The first instant from `at` when its tape may come off, in its wet span or once its film is hard. */
  readonly from: (activityId: ActivityId, at: number) => number | null
  /** Whether an instant lies in its wet span, which nothing brings back once it is over. */
  readonly isWet: (activityId: ActivityId, at: number) => boolean
  /** The wet span that is still to come or lasts at an instant; null where there is none. */
  readonly wetFrom: (activityId: ActivityId, at: number) => { readonly from: number; readonly to: number } | null
}

export function pullGate(problem: Pick<ScheduleProblem, 'pulls'>, clocks: ReadonlyMap<string, RateClock>): PullGate {
  const rules = new Map(problem.pulls.map((rule) => [rule.activityId, rule]))
  const known = new Map<ActivityId, readonly Opening[]>()
  const opensOf = (activityId: ActivityId): readonly Opening[] => {
    const rule = rules.get(activityId)
    if (!rule?.coated) return NONE
    const opens = known.get(activityId) ?? openings(rule, rule.coated, clocks)
    known.set(activityId, opens)
    return opens
  }
  const holds = (open: Opening, at: number) => at >= open.from && at < open.to
  return {
    from(activityId, at) {
      const opens = opensOf(activityId)
      if (opens.length === 0) return null
      if (opens.some((open) => holds(open, at))) return at
      return opens.find((open) => open.from > at)?.from ?? at
    },
    wetFrom: (activityId, at) => opensOf(activityId).find((open) => Number.isFinite(open.to) && at < open.to) ?? null,
    isWet: (activityId, at) => opensOf(activityId).some((open) => Number.isFinite(open.to) && holds(open, at)),
  }
}

const NONE: readonly Opening[] = []

interface Opening {
  readonly from: number
  readonly to: number
}

/** The stretches in which a coated pull may be made: wet where it is meant wet, dry, and late rather than never. */
function openings(
  rule: PullRule,
  coated: { readonly from: number; readonly to: number },
  clocks: ReadonlyMap<string, RateClock>,
): Opening[] {
  if (rule.manner === 'peel') return [{ from: coated.to + rule.cutAfterMin, to: Number.POSITIVE_INFINITY }]
  const reach = (name: string, from: number, amount: number): number => {
    const clock = clocks.get(name)
    return (clock && instantOfGain(clock, from, amount)) ?? Number.POSITIVE_INFINITY
  }
  const surface = (from: number, amount: number) => reach(rule.clock, from, amount)
  const settled = Math.max(surface(coated.from, rule.settleMin), coated.to)
  const bead = rule.bead
    ? reach(rule.beadClock, Math.min(coated.from, rule.bead.sealedAt ?? coated.from), rule.bead.skinMin)
    : Number.POSITIVE_INFINITY
  const skin = Math.min(surface(coated.from, rule.openMin), bead)
  const hard = reach(rule.filmClock, coated.to, rule.hardDryMin)
  const off = Math.min(
    Number.POSITIVE_INFINITY,
    ...rule.stays.map((stay) => reach(stay.clock, stay.laidAt ?? coated.from, stay.amount)),
  )
  const wet = { from: settled, to: Math.min(skin, off) }
  const dry = { from: Math.min(hard, off), to: Number.POSITIVE_INFINITY }
  return [...(rule.manner === 'wet' && wet.to > wet.from ? [wet] : []), dry]
}
