import type { ActivityId } from '../../base/nouns'
import { instantOfGain, type RateClock } from '../../nature/cure/rateClock'
import type { AirBan, ScheduleProblem } from '../problem/problem'
import type { WorkPiece } from './placement'

/**
 * The instant before which work laid into `pieces` must not start because of the air it would meet, or null where it may
 * stand as it is. Starting later ends later and is safe later: what meets a ban meets it until it starts behind it.
 */
export type AirGate = (activityId: ActivityId, pieces: readonly WorkPiece[]) => number | null

export function airGate(
  problem: Pick<ScheduleProblem, 'activities' | 'airs'>,
  clocks: ReadonlyMap<string, RateClock>,
): AirGate {
  const rules = new Map(problem.airs.map((rule) => [rule.id, rule]))
  const ruleOf = new Map(problem.activities.flatMap((act) => (act.air === null ? [] : [[act.id, act.air] as const])))
  return (activityId, pieces) => {
    const rule = rules.get(ruleOf.get(activityId) ?? '')
    const [first, last] = [pieces[0], pieces.at(-1)]
    if (!rule || !first || !last) return null
    const clock = clocks.get(rule.clock)
    const after = (amount: number) => (clock && instantOfGain(clock, last.to, amount)) ?? Number.POSITIVE_INFINITY
    const met = [
      ...pieces.flatMap((piece) => lastMet(rule.during, piece.from, piece.to)),
      ...lastMet(rule.until, first.from, after(rule.safeMin)),
      ...lastMet(rule.cold, first.from, after(rule.formedMin)),
    ]
    return met.length > 0 ? Math.max(...met.map((ban) => ban.to)) : null
  }
}

/** The last of the bans that a stretch of time runs into, as a list of none or one. */
function lastMet(bans: readonly AirBan[], from: number, to: number): AirBan[] {
  const met = bans.findLast((ban) => ban.from < to && ban.to > from)
  return met ? [met] : []
}
