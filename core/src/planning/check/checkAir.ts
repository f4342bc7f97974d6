import type { PlacedTask } from '../plan/placement'
import type { AirBan, ScheduleProblem } from '../problem/problem'
import { miss, type Miss } from './miss'
import type { Passed } from './reach'

/** Coats that meet air they must not: while they go on, or before rain and dew no longer mark them, or cold before their film has formed. One miss each, the first. */
export function checkAir(
  problem: Pick<ScheduleProblem, 'activities' | 'airs'>,
  placed: ReadonlyMap<string, PlacedTask>,
  passed: Passed,
): Miss[] {
  const rules = new Map(problem.airs.map((rule) => [rule.id, rule]))
  return problem.activities.flatMap((act) => {
    const task = placed.get(act.id)
    const rule = act.air === null ? undefined : rules.get(act.air)
    if (!task || task.done || !rule) return []
    const after = (amount: number) => passed(task.to, { clock: rule.clock, amount }) ?? Number.POSITIVE_INFINITY
    const [safe, formed] = [after(rule.safeMin), after(rule.formedMin)]
    const met = [
      ...task.pieces.flatMap((piece) => rule.during.filter((ban) => meets(ban, piece.from, piece.to))),
      ...rule.until.filter((ban) => meets(ban, task.from, safe)),
      ...rule.cold.filter((ban) => meets(ban, task.from, formed)),
    ].sort((a, b) => a.from - b.from)
    const [first] = met
    if (!first) return []
    const at = Math.max(first.from, task.from)
    return [miss('in-bad-air', act.id, { at, other: first.why })]
  })
}

const meets = (ban: AirBan, from: number, to: number): boolean => ban.from < to && from < ban.to
